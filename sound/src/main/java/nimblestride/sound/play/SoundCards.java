package nimblestride.sound.play;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.DataLine;
import javax.sound.sampled.LineUnavailableException;
import javax.sound.sampled.Mixer;
import javax.sound.sampled.SourceDataLine;

/** The sound cards of the machine: the one that is chosen, else any, and a silent clock where there is none. */
public final class SoundCards implements Outputs {
    private static final DataLine.Info PLAYING = new DataLine.Info(SourceDataLine.class, SoundCard.FORMAT);

    private volatile Optional<String> chosen = Optional.empty();

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
    public void choose(Optional<String> name) {
        chosen = name;
    }

    @Override
    public Optional<String> chosen() {
        return chosen;
    }

    @Override
    public AudioOut open() {
        return best().orElseGet(SilentClock::new);
    }

    @Override
    public Optional<AudioOut> betterThan(AudioOut playing) {
        boolean asChosen = chosen.isEmpty() || chosen.get().equals(playing.name());
        if (playing.isHeard() && asChosen) {
            return Optional.empty();
        }
        return playing.isHeard() ? named(chosen.get()) : best();
    }

    private Optional<AudioOut> best() {
        Optional<AudioOut> wanted = chosen.flatMap(SoundCards::named);
        return wanted.isPresent()
                ? wanted
                : names().stream()
                        .map(SoundCards::named)
                        .flatMap(Optional::stream)
                        .findFirst();
    }

    private static Optional<AudioOut> named(String name) {
        for (Mixer.Info mixer : AudioSystem.getMixerInfo()) {
            if (mixer.getName().equals(name)) {
                try {
                    SourceDataLine line =
                            (SourceDataLine) AudioSystem.getMixer(mixer).getLine(PLAYING);
                    return Optional.of(SoundCard.open(name, line));
                } catch (LineUnavailableException | IllegalArgumentException e) {
                    // It is taken by another program, or cannot play this: as good as not there.
                }
            }
        }
        return Optional.empty();
    }
}
