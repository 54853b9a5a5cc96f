package nimblestride.desktop.workspace.help;

import static org.assertj.core.api.Assertions.assertThat;

import nimblestride.core.exercise.analysis.Analysis;
import org.junit.jupiter.api.Test;

class HelpTopicTest {
    /** Each example is an exercise, and each of its layers can be analyzed. */
    @Test
    void everyExampleOpens() {
        assertThat(HelpTopic.all()).hasSizeGreaterThan(12);
        for (HelpTopic topic : HelpTopic.all()) {
            assertThat(topic.paragraphs()).as(topic.title()).isNotEmpty();
            topic.examples().forEach(example -> assertThat(
                            Analysis.of(HelpTopic.exercise(example)).layers())
                    .allMatch(layer -> layer.alignment().result().isPresent()));
        }
    }

    @Test
    void termsAreLookedUp() {
        assertThat(HelpTopic.all().stream()
                        .filter(topic -> topic.isAbout("ghost felt more than heard"))
                        .map(HelpTopic::title))
                .containsExactly("Terms");
        assertThat(HelpTopic.terms().entries())
                .extracting(HelpListEntry::name)
                .contains("landing", "pivot", "remainder");
    }

    @Test
    void topicsAreFoundByTheirWords() {
        assertThat(HelpTopic.all().stream()
                        .filter(topic -> topic.isAbout("ghost SNARE"))
                        .map(HelpTopic::title))
                .contains("Layers", "Placing voices");
        assertThat(HelpTopic.all()).allMatch(topic -> topic.isAbout("  "));
        assertThat(HelpTopic.all()).noneMatch(topic -> topic.isAbout("landing xylophone"));
    }
}
