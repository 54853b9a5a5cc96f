package nimblestride.benchmarks;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;

/** The hits that aubio finds (Debian package aubio-tools), with its own settings. */
final class AubioHits {
    private AubioHits() {}

    /** Returns the hits, in seconds. */
    static List<Double> of(float[] samples, int sampleRate) throws IOException, InterruptedException {
        Path file = Files.createTempFile("hits", ".wav");
        try {
            write(samples, sampleRate, file);
            Process aubio = new ProcessBuilder("aubioonset", "-i", file.toString()).start();
            String found = new String(aubio.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
            if (aubio.waitFor() != 0) {
                throw new IOException("aubioonset could not read the file");
            }
            return found.lines().map(String::strip).map(Double::valueOf).toList();
        } finally {
            Files.delete(file);
        }
    }

    /** Writes samples in 16 bits, mono. */
    static void write(float[] samples, int sampleRate, Path file) throws IOException {
        byte[] bytes = new byte[2 * samples.length];
        for (int i = 0; i < samples.length; i++) {
            int sample = Math.round(Math.max(-1, Math.min(1, samples[i])) * Short.MAX_VALUE);
            bytes[2 * i] = (byte) sample;
            bytes[2 * i + 1] = (byte) (sample >> 8);
        }
        AudioFormat format = new AudioFormat(sampleRate, 16, 1, true, false);
        AudioSystem.write(
                new AudioInputStream(new ByteArrayInputStream(bytes), format, samples.length),
                AudioFileFormat.Type.WAVE,
                file.toFile());
    }
}
