package nimblestride.benchmarks;

import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.insight.finding.Finding;
import nimblestride.core.insight.finding.Findings;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.language.text.LayerText;
import nimblestride.core.time.value.Tempo;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * A report on eight layers. To reach: a common return of 10^12 units within 1.5 times of one of 10^3, and under 5 ms.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class AnalysisBenchmark {
    /** How long the common return is, in sixteenths. */
    @Param({"thousand", "10^12"})
    public String returns;

    private Exercise exercise;

    @Setup
    public void prepare() {
        List<Integer> cycles = returns.equals("thousand")
                ? List.of(2, 3, 4, 6, 8, 9, 12, 18)
                : List.of(7, 11, 13, 17, 19, 23, 29, 25_841);
        exercise = new Exercise(
                "Measured",
                BarsText.read("16/16"),
                Stream.iterate(0, i -> i < 8, i -> i + 1)
                        .map(i -> LayerText.read("kick every " + cycles.get(i) + "/16"))
                        .toList(),
                Tempo.ofQuarters(96));
    }

    @Benchmark
    public List<Finding> reportOnEightLayers() {
        List<Finding> findings = Findings.of(Analysis.of(exercise));
        // A report asks for the details of each.
        findings.forEach(finding -> finding.details().facts());
        return findings;
    }
}
