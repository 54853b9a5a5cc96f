package nimblestride.formats.musicxml;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import nimblestride.core.exercise.Exercise;
import nimblestride.core.layer.Course;
import nimblestride.core.score.Plan;
import nimblestride.core.score.Score;
import nimblestride.core.score.ScoreWriter;
import nimblestride.core.score.Style;
import nimblestride.core.score.Style.Lengths;
import nimblestride.core.text.Examples;
import nimblestride.core.value.NoteValue;

/** Whatever is drawn: what can be written is as the MusicXML 4.0 schema wants it, and says what is heard. */
class ScoreXmlPropertiesTest {
    private static final int BARS = 3;

    @Provide
    Arbitrary<Exercise> exercises() {
        Arbitrary<String> bars = Combinators.combine(
                        Arbitraries.integers().between(1, 15), Arbitraries.of(2, 4, 8, 16, 12, 20))
                .as((count, unit) -> count + "/" + unit);
        Arbitrary<String> layers = Arbitraries.oneOf(
                Combinators.combine(
                                Arbitraries.of("snare", "kick", "open hi-hat", "ride bell", "cowbell"),
                                Arbitraries.integers().between(1, 9),
                                Arbitraries.of(8, 16, 12, 20, 32))
                        .as((voice, count, unit) -> voice + " every " + count + "/" + unit),
                Combinators.combine(
                                Arbitraries.of("high tom", "foot hi-hat", "china"),
                                Arbitraries.integers().between(2, 11))
                        .as((voice, notes) -> voice + " " + notes + " over bar"),
                Arbitraries.of("snare cell X.gx.g of 1/16", "kick cell x.X of 1/12", "crash cell g..X of 1/20"));
        return Combinators.combine(
                        bars.list().ofMinSize(1).ofMaxSize(2),
                        layers.list().ofMinSize(0).ofMaxSize(3))
                .as((phrase, played) -> Examples.exercise(String.join(", ", phrase), played.toArray(String[]::new)));
    }

    @Property(tries = 120)
    void validAndTrue(@ForAll("exercises") Exercise exercise, @ForAll Lengths lengths) throws Exception {
        Score score = ScoreWriter.write(
                exercise,
                Plan.of(exercise.phrase(), BARS),
                Style.USUAL.with(lengths).with(Style.Stickings.ALL));
        if (score.bars().stream().anyMatch(bar -> !bar.problem().isEmpty())) {
            return;
        }
        byte[] document = ScoreXml.write(score);
        MusicXmlSchema.validate(document);
        List<String> heard = new ArrayList<>();
        NoteValue end = exercise.phrase().startOf(BARS);
        exercise.layers().forEach(layer -> Course.of(layer, exercise.phrase())
                .between(NoteValue.ZERO, end, 10_000)
                .forEach(hit -> heard.add(hit.at() + " " + layer.voice().name())));
        assertThat(ReadBack.of(document).strokes)
                .containsExactlyInAnyOrderElementsOf(heard.stream().distinct().toList());
    }
}
