package nimblestride.desktop.workspace.help;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Stream;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.desktop.view.road.RoadLegend;
import nimblestride.desktop.words.WordRules;
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
                        .filter(topic -> topic.isAbout("ghost feel it more than you hear it"))
                        .map(HelpTopic::title))
                .containsExactly("Glossary");
        assertThat(HelpTopic.terms().entries()).extracting(HelpListEntry::name).contains("landing", "pivot", "tail");
    }

    @Test
    void topicsAreFoundByTheirWords() {
        assertThat(HelpTopic.all().stream()
                        .filter(topic -> topic.isAbout("ghost SNARE"))
                        .map(HelpTopic::title))
                .contains("Write a groove");
        assertThat(HelpTopic.all()).allMatch(topic -> topic.isAbout("  "));
        assertThat(HelpTopic.all()).noneMatch(topic -> topic.isAbout("landing xylophone"));
    }

    /** The first page teaches by doing; tasks, trouble, and the picture of the marks follow. */
    @Test
    void theHelpIsPlainAndHoldsWhatPeopleLookFor() {
        assertThat(HelpTopic.all().get(0).title()).isEqualTo("Three minutes");
        assertThat(HelpTopic.all())
                .extracting(HelpTopic::title)
                .contains(
                        "Find the meter of a groove",
                        "Set homework",
                        "No sound",
                        "A pad is not found",
                        "A field is red",
                        "The meter is wrong");
        assertThat(HelpTopic.all().stream().filter(HelpTopic::showsRoad)).hasSize(1);
        assertThat(HelpTopic.all().stream()
                        .flatMap(topic -> Stream.concat(Stream.of(topic.title()), topic.paragraphs().stream()))
                        .flatMap(text -> WordRules.problems(text).stream().map(problem -> problem + " in: " + text)))
                .isEmpty();
        assertThat(RoadLegend.meanings())
                .allSatisfy(meaning -> assertThat(WordRules.problems(meaning)).isEmpty());
    }
}
