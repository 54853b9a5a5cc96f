package nimblestride.benchmarks;

import java.util.List;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.kit.band.BandNote;
import nimblestride.core.kit.stroke.Level;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.language.text.LayerText;
import nimblestride.core.language.text.TempoText;
import nimblestride.core.time.value.NoteValue;
import nimblestride.sound.kit.Sound;
import nimblestride.sound.kit.SoundSet;
import nimblestride.sound.play.AudioOut;
import nimblestride.sound.render.Click;
import nimblestride.sound.render.Renderer;
import nimblestride.sound.render.Take;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * Renders ten hours, every stroke a single sample, finds each in the samples and holds it against its exact time. To reach: half
 * a sample at most, in the last hour as in the first.
 */
public final class DriftMeasure {
    private static final int HOURS = 10;
    private static final int RATE = AudioOut.SAMPLE_RATE;

    private DriftMeasure() {}

    private static final SoundSet IMPULSES = new SoundSet() {
        private final Sound impulse = new Sound(1);

        @Override
        public Sound voice(Voice voice, Level level, long turn) {
            return impulse;
        }

        @Override
        public Sound click(int strength) {
            return impulse;
        }

        @Override
        public Sound tone(BandNote.Player player, int midiKey) {
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
        BigFraction samplesAWhole = exercise.tempo().seconds(NoteValue.WHOLE).multiply(RATE);
        Renderer renderer = new Renderer(new Take(exercise, Click.NONE), IMPULSES, RATE);
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
                                samplesAWhole.multiply(BigFraction.of(5, 28)).multiply(found++);
                        worst = Math.max(
                                worst, Math.abs(exact.subtract(frame + i).doubleValue()));
                    }
                }
            }
            System.out.printf("hour %d: %,d strokes so far, at most %.4f samples off%n", hour, found, worst);
        }
    }
}
