package nimblestride.core.exercise.analysis;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.insight.finding.Findings;
import nimblestride.core.language.text.AnyExercise;
import nimblestride.core.language.text.Examples;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.time.meter.Phrase;
import org.junit.jupiter.api.Test;

/** Checks that an analysis computed from the one before an edit equals one computed from the beginning. */
class AnalysisAfterTest {
    private static final String[] LAYERS = {"kick every 3/16", "snare every 1/4 from 1/8", "tambourine 5 over bar"};

    private static Exercise of(Phrase phrase, List<Layer> layers) {
        return new Exercise("Any", phrase, layers, Examples.exercise("4/4").tempo());
    }

    private static void assertTheSame(Exercise before, Exercise changed) {
        Analysis after = Analysis.of(before).after(changed);
        Analysis anew = Analysis.of(changed);
        assertThat(after.meetings()).isEqualTo(anew.meetings());
        assertThat(after.together()).isEqualTo(anew.together());
        assertThat(Findings.of(after)).isEqualTo(Findings.of(anew));
    }

    @Property(tries = 30)
    void otherBarsUnderTheSameLayers(
            @ForAll(supplier = AnyExercise.class) Exercise one, @ForAll(supplier = AnyExercise.class) Exercise other) {
        assertTheSame(of(one.phrase(), one.layers()), of(other.phrase(), one.layers()));
    }

    @Property(tries = 30)
    void aLayerMoreAtTheFrontOrOneTakenAwayThere(@ForAll(supplier = AnyExercise.class) Exercise any) {
        List<Layer> more = new ArrayList<>(any.layers());
        more.add(0, Examples.layer("woodblock every 5/16"));
        assertTheSame(of(any.phrase(), any.layers()), of(any.phrase(), more));
        assertTheSame(of(any.phrase(), more), of(any.phrase(), any.layers()));
    }

    @Property(tries = 30)
    void anotherExerciseAltogether(
            @ForAll(supplier = AnyExercise.class) Exercise one, @ForAll(supplier = AnyExercise.class) Exercise other) {
        assertTheSame(one, other);
    }

    @Test
    void onlyWhatStrikesElsewhereMeetsElsewhere() {
        Analysis before = Analysis.of(Examples.exercise("7/8", LAYERS));
        Analysis after = before.after(Examples.exercise("5/8", LAYERS));

        assertThat(after.meetings().get(0).meeting())
                .as("kick and snare")
                .isSameAs(before.meetings().get(0).meeting());
        assertThat(after.meetings().get(1).meeting())
                .as("kick, and five over bars that are shorter now")
                .isNotEqualTo(before.meetings().get(1).meeting());
    }

    @Test
    void aLayerThatBeginsLaterMeetsElsewhere() {
        Analysis before = Analysis.of(Examples.exercise("4/4", "kick every 3/8", "snare every 1/4"));
        Analysis after = before.after(Examples.exercise("4/4", "kick every 3/8 from 1/8", "snare every 1/4"));

        assertThat(after.meetings()).isNotEqualTo(before.meetings());
    }
}
