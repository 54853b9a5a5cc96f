package nimblestride.benchmarks;

import java.util.concurrent.TimeUnit;
import nimblestride.sound.play.AudioOutput;
import nimblestride.sound.recorded.RecordedKit;
import nimblestride.sound.render.Renderer;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/** Rendering without playing: how many seconds of eight layers in a second. To reach: 500. */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.Throughput)
@OutputTimeUnit(TimeUnit.SECONDS)
@Fork(1)
@Warmup(iterations = 4, time = 2)
@Measurement(iterations = 5, time = 2)
public class RenderingBenchmark {
    private static final int BLOCK = 1_000;

    private final float[] block = new float[BLOCK];
    private final Renderer renderer =
            new Renderer(EightLayers.take(), RecordedKit.shipped(AudioOutput.USUAL_RATE), AudioOutput.USUAL_RATE);

    @Benchmark
    public float secondOfSound() {
        for (int i = 0; i < AudioOutput.USUAL_RATE / BLOCK; i++) {
            renderer.render(block, BLOCK);
        }
        return block[0];
    }
}
