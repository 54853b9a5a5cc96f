package nimblestride.core.notation.alternative;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.text.AnyExercise;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.notation.score.ScoreStyle;
import nimblestride.core.notation.score.WrittenBar;
import nimblestride.core.time.value.NoteValue;

/** However an exercise is written down, what is read back is what is heard; checked here without the program's own check. */
class WaysPropertiesTest {
    private static final int MAX = 10_000;

    @Property(tries = 40)
    void everyWaySaysWhatIsHeardAtItsMoments(@ForAll(supplier = AnyExercise.class) Exercise exercise) {
        List<String> heard = heard(exercise, exercise.phrase().length());
        for (NotationOption way : NotationOptions.of(exercise, ScoreStyle.DEFAULT)) {
            assertThat(way.score().bars()).extracting(WrittenBar::problem).containsOnly("");
            assertThat(way.score().readBack().stream()
                            .map(struck ->
                                    struck.seconds() + " " + struck.head().voice()))
                    .as(way.name())
                    .containsExactlyInAnyOrderElementsOf(heard);
            way.rewritten().ifPresent(rewritten -> assertThat(
                            heard(rewritten, rewritten.phrase().length()))
                    .as(way.name())
                    .containsExactlyInAnyOrderElementsOf(heard));
        }
    }

    /** The strokes of one round, by the second; what two layers play at once on one voice is one. */
    private static List<String> heard(Exercise exercise, NoteValue end) {
        List<String> heard = new ArrayList<>();
        exercise.layers().forEach(layer -> LayerTimeline.of(layer, exercise.phrase())
                .between(NoteValue.ZERO, end, MAX)
                .forEach(hit -> heard.add(exercise.tempo().seconds(hit.at()) + " " + layer.voice())));
        return heard.stream().distinct().toList();
    }
}
