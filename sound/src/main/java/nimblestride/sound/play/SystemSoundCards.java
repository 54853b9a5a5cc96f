package nimblestride.sound.play;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.DataLine;
import javax.sound.sampled.LineUnavailableException;
import javax.sound.sampled.Mixer;
import javax.sound.sampled.SourceDataLine;

/** Finds the sound cards the operating system knows, and opens each at the first of these rates that it takes. */
final class SystemSoundCards implements SoundCards.Cards {
    /** In samples per second, the best first: higher ones cost time, lower ones the highs. */
    private static final List<Integer> RATES =
            List.of(AudioOutput.USUAL_RATE, 44_100, 96_000, 88_200, 192_000, 32_000, 22_050, 16_000, 11_025, 8_000);

    @Override
    public List<String> names() {
        List<String> names = new ArrayList<>();
        for (Mixer.Info mixer : AudioSystem.getMixerInfo()) {
            if (RATES.stream().anyMatch(rate -> AudioSystem.getMixer(mixer).isLineSupported(playing(rate)))) {
                names.add(mixer.getName());
            }
        }
        return names;
    }

    private static DataLine.Info playing(int rate) {
        return new DataLine.Info(SourceDataLine.class, SoundCard.format(rate));
    }

    @Override
    public Optional<AudioOutput> open(String name) {
        for (Mixer.Info mixer : AudioSystem.getMixerInfo()) {
            for (int rate : mixer.getName().equals(name) ? RATES : List.<Integer>of()) {
                try {
                    SourceDataLine line =
                            (SourceDataLine) AudioSystem.getMixer(mixer).getLine(playing(rate));
                    return Optional.of(SoundCard.open(name, line, rate));
                } catch (LineUnavailableException | IllegalArgumentException e) {
                    // It is busy, or can't play at this rate; at none, it counts as missing.
                }
            }
        }
        return Optional.empty();
    }
}
