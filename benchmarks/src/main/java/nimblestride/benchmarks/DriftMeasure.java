package nimblestride.benchmarks;

import java.util.List;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.kit.band.BandNote;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.language.text.LayerText;
import nimblestride.core.language.text.TempoText;
import nimblestride.core.time.value.NoteValue;
import nimblestride.sound.kit.ClickSound;
import nimblestride.sound.kit.Sample;
import nimblestride.sound.kit.SampleSet;
import nimblestride.sound.play.AudioOutput;
import nimblestride.sound.render.ClickSettings;
import nimblestride.sound.render.PlaybackRequest;
import nimblestride.sound.render.Renderer;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * Renders ten hours, every stroke a single sample, finds each in the samples and holds it against its exact time. To reach: half
 * a sample at most, in the last hour as in the first.
 */
public final class DriftMeasure {
    private static final int HOURS = 10;
    private static final int RATE = AudioOutput.USUAL_RATE;

    private DriftMeasure() {}

    private static final SampleSet IMPULSES = new SampleSet() {
        private final Sample impulse = new Sample(1);

        @Override
        public Sample voice(Voice voice, Dynamic level, long turn) {
            return impulse;
        }

        @Override
        public Sample click(ClickSound sound, int strength) {
            return impulse;
        }

        @Override
        public Sample tone(BandNote.Player player, int midiKey) {
            return impulse;
        }
    };

    public static void main(String[] args) {
        // A tempo that no sample rate divides, septuplets across bars of different units.
        Exercise exercise = new Exercise(
                "Ten hours",
                BarsText.read("11/8, 5/12"),
                List.of(LayerText.read("kick 7 over 5/4")),
                TempoText.read("289/3"));
        BigFraction samplesPerWhole = exercise.tempo().seconds(NoteValue.WHOLE).multiply(RATE);
        Renderer renderer = new Renderer(new PlaybackRequest(exercise, ClickSettings.NONE), IMPULSES, RATE);
        float[] block = new float[RATE];
        long found = 0;
        for (int hour = 1; hour <= HOURS; hour++) {
            double worst = 0;
            for (int second = 0; second < 3_600; second++) {
                long frame = renderer.frame();
                renderer.render(block, RATE);
                for (int i = 0; i < RATE; i++) {
                    if (block[i] != 0) {
                        // Seven over 5/4: a stroke every 5/28 of a whole note.
                        BigFraction exact =
                                samplesPerWhole.multiply(BigFraction.of(5, 28)).multiply(found++);
                        worst = Math.max(
                                worst, Math.abs(exact.subtract(frame + i).doubleValue()));
                    }
                }
            }
            System.out.printf("hour %d: %,d strokes so far, at most %.4f samples off%n", hour, found, worst);
        }
    }
}
