package nimblestride.desktop.workspace.help;

import static org.assertj.core.api.Assertions.assertThat;

import nimblestride.core.exercise.analysis.Reckoning;
import org.junit.jupiter.api.Test;

class TopicTest {
    /** Each example is an exercise, and each of its layers can be reckoned. */
    @Test
    void everyExampleOpens() {
        assertThat(Topic.all()).hasSizeGreaterThan(12);
        for (Topic topic : Topic.all()) {
            assertThat(topic.paragraphs()).as(topic.title()).isNotEmpty();
            topic.examples().forEach(example -> assertThat(
                            Reckoning.of(Topic.exercise(example)).layers())
                    .allMatch(layer -> layer.alignment().result().isPresent()));
        }
    }

    @Test
    void termsAreLookedUp() {
        assertThat(Topic.all().stream()
                        .filter(topic -> topic.isAbout("ghost felt more than heard"))
                        .map(Topic::title))
                .containsExactly("Terms");
        assertThat(Topic.terms().entries()).extracting(Entry::name).contains("landing", "pivot", "remainder");
    }

    @Test
    void topicsAreFoundByTheirWords() {
        assertThat(Topic.all().stream()
                        .filter(topic -> topic.isAbout("ghost SNARE"))
                        .map(Topic::title))
                .contains("Layers", "Placing voices");
        assertThat(Topic.all()).allMatch(topic -> topic.isAbout("  "));
        assertThat(Topic.all()).noneMatch(topic -> topic.isAbout("landing xylophone"));
    }
}
