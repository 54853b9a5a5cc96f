package nimblestride.core.score;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import nimblestride.core.exercise.Exercise;
import nimblestride.core.layer.Course;
import nimblestride.core.score.Style.Lengths;
import nimblestride.core.score.Style.Parts;
import nimblestride.core.text.Examples;
import nimblestride.core.value.NoteValue;

/** What must hold of every score, whatever the bars and whatever runs across them. */
class WrittenPropertiesTest {
    private static final int BARS = 4;

    @Provide
    Arbitrary<Exercise> exercises() {
        Arbitrary<String> meters = Combinators.combine(
                        Arbitraries.integers().between(1, 19), Arbitraries.of(2, 4, 8, 16, 12, 20, 14, 24, 10))
                .as((count, unit) -> count + "/" + unit);
        Arbitrary<String> sums = Combinators.combine(meters, meters).as((one, other) -> one + "+" + other);
        Arbitrary<String> bars = Arbitraries.oneOf(meters, meters, sums);
        Arbitrary<String> every = Combinators.combine(
                        Arbitraries.of("snare", "kick", "hi-hat"),
                        Arbitraries.integers().between(1, 11),
                        Arbitraries.of(4, 8, 16, 32, 12, 20, 24, 28),
                        Arbitraries.of("", " from 1/16", " from 1/12", " reset bar"))
                .as((voice, count, unit, rest) -> voice + " every " + count + "/" + unit + rest);
        Arbitrary<String> over = Combinators.combine(
                        Arbitraries.of("snare", "kick", "crash"),
                        Arbitraries.integers().between(1, 13),
                        Arbitraries.of("bar", "2 bars", "1/2"))
                .as((voice, notes, span) -> voice + " " + notes + " over " + span);
        return Combinators.combine(
                        bars.list().ofMinSize(1).ofMaxSize(3),
                        Arbitraries.oneOf(every, over).list().ofMinSize(0).ofMaxSize(2))
                .as((phrase, layers) -> Examples.exercise(String.join(", ", phrase), layers.toArray(String[]::new)));
    }

    @Property(tries = 400)
    void everyBarAddsUpAndEveryStrokeIsReadBackWhereItIsHeard(
            @ForAll("exercises") Exercise exercise, @ForAll boolean held, @ForAll boolean together) {
        Style style = Style.USUAL
                .with(held ? Lengths.HELD : Lengths.SHORT)
                .with(together ? Parts.TOGETHER : Parts.HANDS_AND_FEET);
        Score score = ScoreWriter.write(exercise, Plan.of(exercise.phrase(), BARS), style);
        // Without these few, everything is written.
        if (score.bars().stream().anyMatch(bar -> !bar.problem().isEmpty())) {
            assertThat(score.bars().stream().map(WrittenBar::problem).filter(p -> !p.isEmpty()))
                    .allSatisfy(
                            problem -> assertThat(problem).startsWith("bar ").contains("cannot be written"));
            return;
        }
        for (WrittenBar bar : score.bars()) {
            for (Rhythm part : bar.parts()) {
                assertThat(part.length()).isEqualTo(bar.bar().length());
                assertThat(sumOfShapes(part)).isEqualTo(bar.bar().length());
                assertBeamsAreNotes(part);
            }
        }
        assertThat(readBack(score)).containsExactlyInAnyOrderElementsOf(heard(exercise));
    }

    private static NoteValue sumOfShapes(Rhythm part) {
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

    private static void assertBeamsAreNotes(Rhythm part) {
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
                .toList();
    }

    private static List<String> heard(Exercise exercise) {
        List<String> heard = new ArrayList<>();
        NoteValue end = exercise.phrase().startOf(BARS);
        exercise.layers().forEach(layer -> Course.of(layer, exercise.phrase())
                .between(NoteValue.ZERO, end, 10_000)
                .forEach(hit -> heard.add(
                        exercise.tempo().seconds(hit.at()) + " " + layer.voice().name())));
        return heard.stream().distinct().toList();
    }
}
