package nimblestride.formats.musicxml;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.text.AnyExercise;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.notation.score.BarPlan;
import nimblestride.core.notation.score.Score;
import nimblestride.core.notation.score.ScoreStyle;
import nimblestride.core.notation.score.ScoreStyle.Lengths;
import nimblestride.core.notation.score.ScoreWriter;
import nimblestride.core.time.value.NoteValue;

/** Whatever is drawn: what can be written is as the MusicXML 4.0 schema wants it, and says what is heard. */
class ScoreXmlPropertiesTest {
    private static final int BARS = 3;

    @Property(tries = 80)
    void validAndTrue(@ForAll(supplier = AnyExercise.class) Exercise exercise, @ForAll Lengths lengths)
            throws Exception {
        Score score = ScoreWriter.write(
                exercise,
                BarPlan.of(exercise.phrase(), BARS),
                ScoreStyle.DEFAULT.with(lengths).with(ScoreStyle.Stickings.ALL));
        if (score.bars().stream().anyMatch(bar -> !bar.problem().isEmpty())) {
            return;
        }
        byte[] document = ScoreXml.write(score);
        MusicXmlSchema.validate(document);
        List<String> heard = new ArrayList<>();
        NoteValue end = exercise.phrase().startOf(BARS);
        exercise.layers().forEach(layer -> LayerTimeline.of(layer, exercise.phrase())
                .between(NoteValue.ZERO, end, 10_000)
                .forEach(hit -> heard.add(hit.at() + " " + layer.voice().name())));
        assertThat(ReadBack.of(document).strokes)
                .containsExactlyInAnyOrderElementsOf(heard.stream().distinct().toList());
    }
}
