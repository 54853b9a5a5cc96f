package nimblestride.benchmarks;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import nimblestride.core.layer.modulation.TempoRoute;
import nimblestride.core.layer.modulation.TempoRoutes;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;
import org.apache.commons.numbers.fraction.BigFraction;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Routes between tempos: chains up to 4, regroupings up to 9. To reach: under 50 ms, what is made ready once included. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class RoutesBenchmark {
    private static final Tempo FROM = Tempo.ofQuarters(97);
    /** A prime over a prime: every length of chain is tried, and none leads there. */
    private static final Tempo NEVER = Tempo.ofQuarters(131);

    private final TempoRoutes known = new TempoRoutes(TempoRoutes.MAX_SIZE);

    @Benchmark
    public TempoRoutes madeReady() {
        return new TempoRoutes(TempoRoutes.MAX_SIZE);
    }

    @Benchmark
    public Optional<TempoRoute> noneOfUpToFour() {
        return known.exactly(FROM, NEVER);
    }

    @Benchmark
    public Optional<TempoRoute> nearestWithinOne() {
        return known.within(FROM, NEVER, BigFraction.ONE);
    }

    /** Four steps are needed: two sevens, two fives and two threes. */
    @Benchmark
    public List<Optional<TempoRoute>> exactOfFour() {
        List<Optional<TempoRoute>> found = new ArrayList<>();
        found.add(known.exactly(FROM, new Tempo(NoteValue.QUARTER, BigFraction.of(97L * 49 * 49, 25 * 81))));
        return found;
    }
}
