package nimblestride.benchmarks;

import java.util.List;
import java.util.concurrent.TimeUnit;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.reading.Reading;
import nimblestride.core.time.reading.ReadingFilter;
import nimblestride.core.time.reading.Readings;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** The best 50 readings of a bar. To reach: 64 units under 5 ms, 1,024 units under 100 ms. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class ReadingBenchmark {
    private static final int BEST = 50;

    @Param({"64", "1024"})
    public int units;

    @Benchmark
    public List<Reading> bestFifty() {
        return Readings.of(Meter.of(units, 16), ReadingFilter.ANY).limit(BEST).toList();
    }
}
