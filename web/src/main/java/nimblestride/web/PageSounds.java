package nimblestride.web;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.util.Arrays;
import java.util.Base64;
import java.util.LinkedHashMap;
import java.util.Map;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.voice.Voice;
import nimblestride.sound.kit.ClickSound;
import nimblestride.sound.kit.SampleSet;
import nimblestride.sound.recorded.RecordedKit;

/** The sounds that a page needs, each a short WAV file as text. Not safe for several threads. */
final class PageSounds {
    /** Samples per second: enough for cymbals, and a third smaller than a CD. */
    static final int RATE = 32_000;

    private static final double LONGEST = 1.6;
    private static final double FADE = 0.2;
    private static final double LOUDEST = 0.9;
    private static final int BITS = 16;

    private static final Map<String, Integer> CLICKS = Map.of("click-ones", 0, "click-strides", 1, "click-units", 2);

    private final SampleSet kit = RecordedKit.shipped(RATE);
    private final Map<String, String> files = new LinkedHashMap<>();

    PageSounds() {
        CLICKS.forEach((name, strength) ->
                files.put(name, file(kit.click(ClickSound.WOODBLOCK, strength).samples())));
    }

    /** Returns the name of a stroke's sound, which the page has from then on. */
    String name(Voice voice, Dynamic level) {
        String name = voice.name() + " " + level.title();
        files.computeIfAbsent(name, unknown -> file(kit.voice(voice, level, 0).samples()));
        return name;
    }

    /** Returns all sounds, by name. */
    Map<String, String> files() {
        return files;
    }

    /** Returns the beginning of a sound, which fades away, as a WAV file in Base64. */
    private static String file(float[] samples) {
        float[] sound = Arrays.copyOf(samples, Math.min(samples.length, (int) (LONGEST * RATE)));
        int fade = Math.min(sound.length, (int) (FADE * RATE));
        byte[] bytes = new byte[sound.length * Short.BYTES];
        for (int i = 0; i < sound.length; i++) {
            double fading = samples.length > sound.length ? Math.min(1, (double) (sound.length - i) / fade) : 1;
            long sample = Math.round(Math.max(-1, Math.min(1, LOUDEST * fading * sound[i])) * Short.MAX_VALUE);
            bytes[2 * i] = (byte) sample;
            bytes[2 * i + 1] = (byte) (sample >> Byte.SIZE);
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try {
            AudioSystem.write(
                    new AudioInputStream(
                            new ByteArrayInputStream(bytes), new AudioFormat(RATE, BITS, 1, true, false), sound.length),
                    AudioFileFormat.Type.WAVE,
                    out);
        } catch (IOException e) {
            throw new UncheckedIOException("writing to memory failed", e);
        }
        return Base64.getEncoder().encodeToString(out.toByteArray());
    }
}
