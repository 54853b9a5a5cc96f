package nimblestride.benchmarks;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.stroke.Ornament;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.layer.pattern.Placement;
import nimblestride.core.layer.pattern.Reset;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;
import nimblestride.sound.loudness.LoudnessMeter;
import nimblestride.sound.recorded.RecordedKit;
import nimblestride.sound.render.ClickSettings;
import nimblestride.sound.render.PlaybackRequest;
import nimblestride.sound.render.Renderer;

/**
 * Writes a WAV file for each voice and dynamic of the recorded kit, with a stroke at 1, 5, and 9 s, for a detector that is
 * not ours to find; and prints how loud each is.
 */
public final class OnsetFiles {
    private static final int RATE = 48_000;
    private static final int SECONDS = 12;

    private OnsetFiles() {}

    /** @param arguments a folder to write to */
    public static void main(String[] arguments) throws IOException {
        Path folder = Files.createDirectories(Path.of(arguments[0]));
        RecordedKit kit = RecordedKit.shipped(RATE);
        LoudnessMeter meter = new LoudnessMeter(RATE);
        for (Voice voice : Kit.voices()) {
            StringBuilder said = new StringBuilder(String.format(Locale.ROOT, "%-14s", voice.name()));
            for (Dynamic level : Dynamic.values()) {
                float[] samples = new float[SECONDS * RATE];
                new Renderer(new PlaybackRequest(strokes(voice, level), ClickSettings.NONE), kit, RATE)
                        .render(samples, samples.length);
                AubioHits.write(samples, RATE, folder.resolve(voice.name().replace(' ', '-') + "_" + level + ".wav"));
                said.append(String.format(Locale.ROOT, " %6.1f", meter.loudestMoment(samples)));
            }
            System.out.println(said + " LUFS");
        }
    }

    private static Exercise strokes(Voice voice, Dynamic level) {
        Stroke stroke = new Stroke(level, Ornament.NONE, Optional.empty());
        Layer layer = new Layer(
                voice,
                new Pattern.Placed(List.of(
                        new Placement(0, NoteValue.QUARTER, stroke),
                        new Placement(1, NoteValue.QUARTER, stroke),
                        new Placement(2, NoteValue.QUARTER, stroke))),
                NoteValue.ZERO,
                Reset.NEVER,
                1,
                List.of());
        return new Exercise("Strokes", BarsText.read("4/4 x4"), List.of(layer), Tempo.ofQuarters(60));
    }
}
