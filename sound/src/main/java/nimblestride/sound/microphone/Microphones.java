package nimblestride.sound.microphone;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.DataLine;
import javax.sound.sampled.LineUnavailableException;
import javax.sound.sampled.Mixer;
import javax.sound.sampled.TargetDataLine;

/** Finds the microphones the operating system knows, and opens the first that can be opened. */
public final class Microphones implements AudioInputs {
    private static final List<Integer> RATES = List.of(48_000, 44_100, 32_000, 22_050, 16_000);

    private static DataLine.Info taking(int rate) {
        return new DataLine.Info(TargetDataLine.class, Microphone.format(rate));
    }

    private static boolean takes(Mixer.Info mixer) {
        return RATES.stream().anyMatch(rate -> AudioSystem.getMixer(mixer).isLineSupported(taking(rate)));
    }

    @Override
    public List<String> names() {
        List<String> names = new ArrayList<>();
        for (Mixer.Info mixer : AudioSystem.getMixerInfo()) {
            if (takes(mixer)) {
                names.add(mixer.getName());
            }
        }
        return names;
    }

    @Override
    public Optional<AudioInput> open() {
        return open(mixer -> true);
    }

    @Override
    public Optional<AudioInput> open(String name) {
        return open(mixer -> mixer.getName().equals(name));
    }

    private static Optional<AudioInput> open(Predicate<Mixer.Info> wanted) {
        for (Mixer.Info mixer :
                Arrays.stream(AudioSystem.getMixerInfo()).filter(wanted).toList()) {
            for (int rate : takes(mixer) ? RATES : List.<Integer>of()) {
                try {
                    TargetDataLine line =
                            (TargetDataLine) AudioSystem.getMixer(mixer).getLine(taking(rate));
                    return Optional.of(Microphone.open(mixer.getName(), line, rate));
                } catch (LineUnavailableException | IllegalArgumentException e) {
                    // It is busy, or can't take this rate; another one may.
                }
            }
        }
        return Optional.empty();
    }
}
