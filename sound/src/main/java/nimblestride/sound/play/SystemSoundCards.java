package nimblestride.sound.play;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.DataLine;
import javax.sound.sampled.LineUnavailableException;
import javax.sound.sampled.Mixer;
import javax.sound.sampled.SourceDataLine;

/** Finds the sound cards the operating system knows. */
final class SystemSoundCards implements SoundCards.Cards {
    private static final DataLine.Info PLAYING = new DataLine.Info(SourceDataLine.class, SoundCard.FORMAT);

    @Override
    public List<String> names() {
        List<String> names = new ArrayList<>();
        for (Mixer.Info mixer : AudioSystem.getMixerInfo()) {
            if (AudioSystem.getMixer(mixer).isLineSupported(PLAYING)) {
                names.add(mixer.getName());
            }
        }
        return names;
    }

    @Override
    public Optional<AudioOutput> open(String name) {
        for (Mixer.Info mixer : AudioSystem.getMixerInfo()) {
            if (mixer.getName().equals(name)) {
                try {
                    SourceDataLine line =
                            (SourceDataLine) AudioSystem.getMixer(mixer).getLine(PLAYING);
                    return Optional.of(SoundCard.open(name, line));
                } catch (LineUnavailableException | IllegalArgumentException e) {
                    // It is busy, or can't play this format, so it counts as missing.
                }
            }
        }
        return Optional.empty();
    }
}
