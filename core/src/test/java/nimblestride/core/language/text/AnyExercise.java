package nimblestride.core.language.text;

import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ArbitrarySupplier;
import net.jqwik.api.Combinators;
import nimblestride.core.exercise.model.Exercise;

/** Exercises drawn at random, typed the way a user types them: one to three bars, none to four layers. */
public final class AnyExercise implements ArbitrarySupplier<Exercise> {
    @Override
    public Arbitrary<Exercise> get() {
        return Combinators.combine(
                        bars().list().ofMinSize(1).ofMaxSize(3),
                        layers().list().ofMinSize(0).ofMaxSize(4))
                .as((phrase, layers) -> Examples.exercise(String.join(", ", phrase), layers.toArray(String[]::new)));
    }

    /** Meters plain and composite, over any unit, and sums of two. */
    private static Arbitrary<String> bars() {
        Arbitrary<String> meters = Combinators.combine(
                        Arbitraries.integers().between(1, 19), Arbitraries.of(2, 4, 8, 16, 12, 20, 14, 24, 10))
                .as((count, unit) -> count + "/" + unit);
        Arbitrary<String> sums = Combinators.combine(meters, meters).as((one, other) -> one + "+" + other);
        return Arbitraries.oneOf(meters, meters, sums);
    }

    private static Arbitrary<String> layers() {
        Arbitrary<String> every = Combinators.combine(
                        Arbitraries.of("snare", "kick", "open hi-hat", "ride bell", "cowbell"),
                        Arbitraries.integers().between(1, 11),
                        Arbitraries.of(4, 8, 16, 32, 12, 20, 24, 28),
                        Arbitraries.of("", " from 1/16", " from 1/12", " reset bar"))
                .as((voice, count, unit, rest) -> voice + " every " + count + "/" + unit + rest);
        Arbitrary<String> over = Combinators.combine(
                        Arbitraries.of("high tom", "floor tom", "foot hi-hat", "china"),
                        Arbitraries.integers().between(1, 13),
                        Arbitraries.of("bar", "2 bars", "1/2"))
                .as((voice, notes, span) -> voice + " " + notes + " over " + span);
        Arbitrary<String> cells = Arbitraries.of(
                "snare cell X.gx.g of 1/16",
                "kick cell x.X of 1/12",
                "crash cell g..X of 1/20",
                "snare sticking >lR L (R) llR R: Lz >R of 1/16",
                "snare sticking R L R R L R L L of 1/16");
        return Arbitraries.oneOf(every, over, cells);
    }
}
