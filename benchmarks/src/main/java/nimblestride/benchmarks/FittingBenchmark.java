package nimblestride.benchmarks;

import java.math.BigInteger;
import java.util.List;
import java.util.concurrent.TimeUnit;
import nimblestride.core.time.partition.FitResult;
import nimblestride.core.time.partition.PartitionCost;
import nimblestride.core.time.partition.Partitions;
import org.chocosolver.solver.Model;
import org.chocosolver.solver.variables.IntVar;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * Cells into a length. To reach: an exact count for 10,000 units under 50 ms, the best 20 of 512 units under 50 ms, and the
 * answer for 40 units (how many, and the best of them) at least 100 times faster than a constraint solver that lists all.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 3, time = 1)
@Measurement(iterations = 5, time = 1)
public class FittingBenchmark {
    private static final List<Integer> CELLS = List.of(3, 5);

    @Benchmark
    public BigInteger countTenThousandUnits() {
        return Partitions.of(10_000, CELLS).count();
    }

    @Benchmark
    public List<List<Integer>> bestTwentyOf512Units() {
        return Partitions.of(512, CELLS)
                .bestFirst(PartitionCost.changesThenParts(512))
                .limit(20)
                .toList();
    }

    @Benchmark
    public FitResult answerFor40Units() {
        return FitResult.of(Partitions.of(40, List.of(2, 3)));
    }

    @Benchmark
    public long all40UnitsListedBySolver() {
        long found = 0;
        for (int parts = 14; parts <= 20; parts++) {
            Model model = new Model();
            IntVar[] variables = model.intVarArray("part", parts, new int[] {2, 3});
            model.sum(variables, "=", 40).post();
            while (model.getSolver().solve()) {
                found++;
            }
        }
        return found;
    }
}
