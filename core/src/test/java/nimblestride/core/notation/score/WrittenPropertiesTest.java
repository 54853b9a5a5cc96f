package nimblestride.core.notation.score;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.text.AnyExercise;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.notation.score.ScoreStyle.Lengths;
import nimblestride.core.notation.score.ScoreStyle.Parts;
import nimblestride.core.time.value.NoteValue;

/** What must hold of every score, whatever the bars and whatever runs across them. */
class WrittenPropertiesTest {
    private static final int BARS = 4;

    @Property(tries = 250)
    void everyBarAddsUpAndEveryStrokeIsReadBackWhereItIsHeard(
            @ForAll(supplier = AnyExercise.class) Exercise exercise, @ForAll boolean held, @ForAll boolean together) {
        ScoreStyle style = ScoreStyle.DEFAULT
                .with(held ? Lengths.HELD : Lengths.SHORT)
                .with(together ? Parts.TOGETHER : Parts.HANDS_AND_FEET);
        Score score = ScoreWriter.write(exercise, BarPlan.of(exercise.phrase(), BARS), style);
        // Without these few, everything is written.
        if (score.bars().stream().anyMatch(bar -> !bar.problem().isEmpty())) {
            assertThat(score.bars().stream().map(WrittenBar::problem).filter(p -> !p.isEmpty()))
                    .allSatisfy(
                            problem -> assertThat(problem).startsWith("bar ").contains("can't be written as notes"));
            return;
        }
        for (WrittenBar bar : score.bars()) {
            for (PartRhythm part : bar.parts()) {
                assertThat(part.length()).isEqualTo(bar.bar().length());
                assertThat(sumOfShapes(part)).isEqualTo(bar.bar().length());
                assertBeamsAreNotes(part);
            }
        }
        assertThat(readBack(score)).isEqualTo(heard(exercise));
    }

    private static NoteValue sumOfShapes(PartRhythm part) {
        if (part.isBarRest()) {
            return part.written().get(0).lasts();
        }
        return IntStream.range(0, part.written().size())
                .mapToObj(i -> {
                    NoteValue value = part.written().get(i).shape().value();
                    for (TupletSpan span : part.tupletsOf(i)) {
                        value = span.tuplet().sounding(value);
                    }
                    return value;
                })
                .reduce(NoteValue.ZERO, NoteValue::plus);
    }

    private static void assertBeamsAreNotes(PartRhythm part) {
        for (BeamGroup beam : part.beams()) {
            assertThat(beam.members())
                    .allSatisfy(i ->
                            assertThat(part.written().get(i).shape().flags()).isPositive());
            for (int i = 0; i < beam.joins().size(); i++) {
                assertThat(beam.joins().get(i))
                        .isBetween(
                                1,
                                part.written()
                                        .get(beam.members().get(i))
                                        .shape()
                                        .flags());
            }
            assertThat(part.written().get(beam.first()).isRest()).isFalse();
            assertThat(part.written().get(beam.last()).isRest()).isFalse();
        }
    }

    private static List<String> readBack(Score score) {
        return score.readBack().stream()
                .map(struck ->
                        struck.seconds() + " " + struck.head().voice().name().toLowerCase(Locale.ROOT))
                .sorted()
                .toList();
    }

    private static List<String> heard(Exercise exercise) {
        List<String> heard = new ArrayList<>();
        NoteValue end = exercise.phrase().startOf(BARS);
        exercise.layers().forEach(layer -> LayerTimeline.of(layer, exercise.phrase())
                .between(NoteValue.ZERO, end, 10_000)
                .forEach(hit -> heard.add(
                        exercise.tempo().seconds(hit.at()) + " " + layer.voice().name())));
        return heard.stream().distinct().sorted().toList();
    }
}
