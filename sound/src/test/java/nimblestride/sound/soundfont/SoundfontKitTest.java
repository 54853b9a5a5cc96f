package nimblestride.sound.soundfont;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.SplittableRandom;
import javax.sound.midi.MidiSystem;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.voice.Kit;
import nimblestride.sound.recording.Recording;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class SoundfontKitTest {
    private static final int RATE = 44_100;

    @TempDir
    private Path folder;

    private Path file;

    @BeforeEach
    void write() throws IOException {
        file = folder.resolve("tiny.sf2");
        TinySoundfont.write(file);
    }

    private static double frequency(Recording recording) {
        float[] samples = recording.at(RATE);
        int risings = 0;
        int last = 0;
        int first = 0;
        for (int i = 1; i < samples.length && risings <= 10; i++) {
            if (samples[i - 1] < 0 && samples[i] >= 0) {
                first = risings == 0 ? i : first;
                last = i;
                risings++;
            }
        }
        return (risings - 1) * (double) RATE / (last - first);
    }

    /** The file that the tests make is one that Java's own reader takes, too. */
    @Test
    void theFileIsASoundfont() throws Exception {
        assertThat(MidiSystem.getSoundbank(file.toFile()).getInstruments()).hasSize(1);
    }

    @Test
    void voicesAreFoundByTheirKeysAndDynamicsByVelocity() {
        SoundfontKit kit = new SoundfontKit(file);
        assertThat(frequency(kit.stroke(Kit.SNARE, Dynamic.GHOST).orElseThrow().read()))
                .isCloseTo(200, within(4.0));
        assertThat(frequency(kit.stroke(Kit.SNARE, Dynamic.STRONG).orElseThrow().read()))
                .isCloseTo(400, within(4.0));
        assertThat(kit.stroke(Kit.SNARE, Dynamic.GHOST)).isEqualTo(kit.stroke(Kit.SNARE, Dynamic.SOFT));
        assertThat(frequency(kit.stroke(Kit.KICK, Dynamic.NORMAL).orElseThrow().read()))
                .isCloseTo(60, within(2.0));
        assertThat(kit.stroke(Kit.RIDE, Dynamic.NORMAL)).isEmpty();
        assertThat(kit.problems()).isEmpty();
    }

    private void change(String chunk, int at, int number) throws IOException {
        byte[] bytes = Files.readAllBytes(file);
        String text = new String(bytes, StandardCharsets.ISO_8859_1);
        ByteBuffer.wrap(bytes).order(ByteOrder.LITTLE_ENDIAN).putInt(text.indexOf(chunk) + at, number);
        Files.write(file, bytes);
    }

    @Test
    void aFontThatLiesAboutItsSizesIsRefused() throws IOException {
        change("smpl", 4, 2_000_000_000);
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> new SoundfontKit(file))
                .withMessageContaining("tiny.sf2 says that its part \"smpl\" has 2,000,000,000 bytes, but only");
    }

    @Test
    void samplesThatAreNotInTheFileAreLeftOut() throws IOException {
        change("soft snare", 20, 1_000_000);
        change("kick\0", 36, 0);
        SoundfontKit kit = new SoundfontKit(file);
        assertThat(kit.stroke(Kit.SNARE, Dynamic.GHOST)).isEmpty();
        assertThat(kit.stroke(Kit.SNARE, Dynamic.STRONG)).isPresent();
        assertThat(kit.problems())
                .anyMatch(problem -> problem.endsWith(
                        "the sample \"soft snare\" begins at 1,000,000, at or after its" + " end, 4,410"))
                .anyMatch(problem -> problem.endsWith("the sample \"kick\" has a sample rate of 0 Hz"));
    }

    @Test
    void whatIsNoSoundfontIsRefused() throws IOException {
        Files.writeString(file, "boom, chick, boom, chick");
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> new SoundfontKit(file))
                .withMessageContaining("tiny.sf2 is no soundfont 2 file");
        Files.write(file, new byte[0]);
        assertThatExceptionOfType(StrideException.class).isThrownBy(() -> new SoundfontKit(file));
        assertThatExceptionOfType(StrideException.class).isThrownBy(() -> new SoundfontKit(folder.resolve("none.sf2")));
    }

    /** Whatever is wrong with a file, it is refused in words, or what can be read of it is. */
    @Property(tries = 150)
    void damageIsToldInWords(@ForAll long seed) throws IOException {
        Path damaged = Files.createTempFile("damaged", ".sf2");
        TinySoundfont.write(damaged);
        byte[] bytes = Files.readAllBytes(damaged);
        SplittableRandom random = new SplittableRandom(seed);
        for (int i = 0; i < 8; i++) {
            // Most of the file is sound; the tables are at its end and its beginning.
            int at = random.nextBoolean() ? random.nextInt(80) : bytes.length - 1 - random.nextInt(600);
            bytes[at] = (byte) random.nextInt(256);
        }
        int length = random.nextInt(10) == 0 ? random.nextInt(bytes.length) : bytes.length;
        Files.write(damaged, Arrays.copyOf(bytes, length));
        try {
            SoundfontKit kit = new SoundfontKit(damaged);
            kit.stroke(Kit.SNARE, Dynamic.NORMAL)
                    .ifPresent(source -> source.read().at(RATE));
        } catch (StrideException e) {
            assertThat(e.getMessage())
                    .contains("damaged")
                    .hasSizeGreaterThan(damaged.toString().length());
        } finally {
            Files.delete(damaged);
        }
    }
}
