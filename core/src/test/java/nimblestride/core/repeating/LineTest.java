package nimblestride.core.repeating;

import static nimblestride.core.text.Examples.bars;
import static nimblestride.core.text.Examples.layer;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.util.NavigableMap;
import java.util.TreeMap;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import nimblestride.core.groove.Kit;
import nimblestride.core.groove.Stroke;
import nimblestride.core.layer.Course;
import nimblestride.core.layer.Hit;
import nimblestride.core.layer.Layer;
import nimblestride.core.value.NoteValue;
import org.junit.jupiter.api.Test;

class LineTest {
    private static NavigableMap<NoteValue, Stroke> strokes(Layer layer, NoteValue length) {
        NavigableMap<NoteValue, Stroke> strokes = new TreeMap<>();
        for (Hit hit : Course.of(layer, bars("4/4")).between(NoteValue.ZERO, length, 10_000)) {
            strokes.put(hit.at(), hit.stroke());
        }
        return strokes;
    }

    @Provide
    static Arbitrary<String> layers() {
        return Arbitraries.of(
                "kick every 5/16",
                "kick every 3/16 from 1/16",
                "kick cell X..x.g of 1/16",
                "kick cell x.x..x...x of 1/12 from 1/3",
                "kick cell xx.xxx. of 1/20");
    }

    /** Whatever went round comes back as a layer that strikes just then, and by a cycle that is no longer. */
    @Property(tries = 60)
    void aCycleIsFoundAgain(@ForAll("layers") String typed, @ForAll @IntRange(min = 3, max = 12) int rounds) {
        Layer played = layer(typed);
        NoteValue cycle = Course.of(played, bars("4/4")).cycle();
        NoteValue length = played.offset().plus(cycle.times(rounds)).plus(NoteValue.of(1, 48));
        Line line = new Line(Kit.KICK, strokes(played, length), length);
        assertThat(line.cycle()).isPresent();
        assertThat(cycle.isMultipleOf(line.cycle().orElseThrow())).isTrue();
        assertThat(strokes(line.asLayer().orElseThrow(), length)).isEqualTo(line.strokes());
    }

    @Test
    void whatDoesNotRepeatHasNoCycle() {
        NoteValue length = NoteValue.of(4, 1);
        NavigableMap<NoteValue, Stroke> strokes = strokes(layer("kick every 1/4"), length);
        strokes.put(NoteValue.of(33, 16), Stroke.NORMAL);
        assertThat(new Line(Kit.KICK, strokes, length).cycle()).isEmpty();
        strokes.remove(NoteValue.of(33, 16));
        assertThat(new Line(Kit.KICK, strokes, length).asLayer()).contains(layer("kick every 1/4"));
        strokes.put(NoteValue.of(1, 1), Stroke.ACCENT);
        assertThat(new Line(Kit.KICK, strokes, length).cycle()).isEmpty();
        assertThatIllegalArgumentException().isThrownBy(() -> new Line(Kit.KICK, new TreeMap<>(), length));
    }

    @Test
    void twiceMightBeChance() {
        NoteValue length = NoteValue.of(2, 1);
        assertThat(new Line(Kit.KICK, strokes(layer("kick cell x..x.... of 1/8"), length), length).cycle())
                .isEmpty();
    }
}
