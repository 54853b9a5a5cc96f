package nimblestride.benchmarks;

import java.util.List;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import java.util.stream.IntStream;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.recording.BeatMap;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.language.text.LayerText;
import nimblestride.core.language.text.TempoText;
import nimblestride.sound.play.AudioOutput;
import nimblestride.sound.recorded.RecordedKit;
import nimblestride.sound.recording.PlayableRecording;
import nimblestride.sound.render.ClickSettings;
import nimblestride.sound.render.Loop;
import nimblestride.sound.render.PlaybackRequest;
import nimblestride.sound.render.RecordingMix;
import nimblestride.sound.render.RecordingTrack;
import nimblestride.sound.render.Renderer;
import nimblestride.sound.render.StartPoint;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.TearDown;
import org.openjdk.jmh.annotations.Warmup;

/**
 * From another place of a recording of five minutes, at half its tempo, to the first samples of it; and the same for a loop of two
 * bars anywhere. To reach: 99 of 100 within a frame, 16.7 ms.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.SampleTime)
@OutputTimeUnit(TimeUnit.MILLISECONDS)
@Fork(1)
@Warmup(iterations = 2, time = 2)
@Measurement(iterations = 3, time = 3)
public class SeekingBenchmark {
    private static final int SECONDS = 300;
    /** As much as a sound card takes at a time. */
    private static final int BLOCK = 512;

    private static final double BAR = 1.75;
    private static final int BARS = (int) (SECONDS / BAR) - 2;

    private final Random random = new Random(3);
    private final float[] block = new float[BLOCK];
    private final RecordedKit kit = RecordedKit.shipped(AudioOutput.USUAL_RATE);
    private final PlayableRecording sound = noise();
    private final Exercise sevens = new Exercise(
            "Sevens",
            BarsText.read("7/8(2+2+3)"),
            List.of(LayerText.read("kick every 7/8"), LayerText.read("ride every 1/8")),
            TempoText.read("1/8=240"));
    private final PlaybackRequest request = new PlaybackRequest(sevens, ClickSettings.NONE)
            .at(50)
            .along(new RecordingTrack(
                    sound,
                    BeatMap.steady(0, sevens.tempo()),
                    IntStream.range(0, SECONDS * 4).mapToObj(i -> i / 4.0).toList(),
                    RecordingMix.EVEN));

    private PlayableRecording noise() {
        PlayableRecording recording = PlayableRecording.create();
        float[] second = new float[AudioOutput.USUAL_RATE];
        for (int i = 0; i < SECONDS; i++) {
            for (int at = 0; at < second.length; at++) {
                second[at] = random.nextFloat() - 0.5f;
            }
            recording.add(second, second, second.length, AudioOutput.USUAL_RATE);
        }
        recording.end();
        return recording;
    }

    @TearDown
    public void close() {
        sound.close();
    }

    @Benchmark
    public float seek() {
        return first(request.from(new StartPoint(0, sevens.phrase().startOf(random.nextInt(BARS)))));
    }

    @Benchmark
    public float loop() {
        int from = random.nextInt(BARS);
        return first(request.looping(new Loop(from, from + 2)));
    }

    private float first(PlaybackRequest from) {
        new Renderer(from, kit, AudioOutput.USUAL_RATE).render(block, BLOCK);
        return block[0];
    }
}
