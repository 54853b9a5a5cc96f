package nimblestride.sound.custom;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatExceptionOfType;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioFormat;
import javax.sound.sampled.AudioInputStream;
import javax.sound.sampled.AudioSystem;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.kit.voice.Limb;
import nimblestride.core.kit.voice.NoteheadShape;
import nimblestride.core.kit.voice.Voice;
import nimblestride.sound.kit.SampleSet;
import nimblestride.sound.recorded.RecordedKit;
import nimblestride.sound.recorded.StrokeRecordings;
import nimblestride.sound.recording.RecordingFile;
import nimblestride.sound.soundfont.TinySoundfont;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class CustomKitTest {
    private static final int RATE = 48_000;
    private static final Voice SLAP = new Voice("slap", 60, Limb.RIGHT_HAND, 2, NoteheadShape.NORMAL);

    @TempDir
    private Path home;

    private Path kit() throws IOException {
        return Files.createDirectories(home.resolve("barn kit"));
    }

    private static Path wav(Path file, int hertz) throws IOException {
        byte[] bytes = new byte[2 * RATE / 5];
        for (int i = 0; i < bytes.length / 2; i++) {
            int sample = (int) (16_000 * Math.sin(2 * Math.PI * hertz * i / RATE));
            bytes[2 * i] = (byte) sample;
            bytes[2 * i + 1] = (byte) (sample >> 8);
        }
        AudioFormat format = new AudioFormat(RATE, 16, 1, true, false);
        try (AudioInputStream stream =
                new AudioInputStream(new ByteArrayInputStream(bytes), format, bytes.length / 2)) {
            AudioSystem.write(stream, AudioFileFormat.Type.WAVE, file.toFile());
        }
        return file;
    }

    @ParameterizedTest
    @CsvSource({
        "snare ghost,snare,GHOST,",
        "Snare_Accent,snare,ACCENT,",
        "open-hi-hat strong,open hi-hat,STRONG,",
        "hihat,hi-hat,,",
        "kick-3,kick,,3",
        "bass drum 12,kick,,12",
        "snare soft 2,snare,SOFT,2",
        "tom 2,middle tom,,",
        "tom 2 normal,middle tom,NORMAL,",
        "frame drum accent,frame drum,ACCENT,"
    })
    void aNameSaysVoiceAndDynamic(String name, String voice, Dynamic level, Integer number) {
        KitFileName read = KitFileName.read(name);
        assertThat(read.voice()).isEqualTo(voice);
        assertThat(read.level().orElse(null)).isEqualTo(level);
        assertThat(read.number().isPresent() ? (Integer) read.number().getAsInt() : null)
                .isEqualTo(number);
    }

    @Test
    void aFolderIsAKitAndWhatIsMissingComesFromTheKitThatShips() throws IOException {
        Path ghost = wav(kit().resolve("snare ghost.wav"), 300);
        Path loud = wav(kit().resolve("Snare Strong.WAV"), 600);
        Path one = wav(kit().resolve("kick-1.wav"), 60);
        Path two = wav(kit().resolve("kick-2.wav"), 70);
        Path slap = wav(kit().resolve("slap.wav"), 500);
        CustomKit kit = CustomKit.read(kit());
        assertThat(kit.name()).isEqualTo("barn kit");
        StrokeRecordings strokes = kit.recordings();
        assertThat(strokes.stroke(Kit.SNARE, Dynamic.SOFT)).contains(new RecordingFile(ghost));
        assertThat(strokes.stroke(Kit.SNARE, Dynamic.ACCENT)).contains(new RecordingFile(loud));
        assertThat(strokes.stroke(Kit.KICK, Dynamic.GHOST)).contains(new RecordingFile(one));
        assertThat(strokes.stroke(Kit.KICK, Dynamic.STRONG)).contains(new RecordingFile(two));
        assertThat(strokes.stroke(SLAP, Dynamic.NORMAL)).contains(new RecordingFile(slap));
        assertThat(strokes.stroke(Kit.RIDE, Dynamic.NORMAL)).isEmpty();
        assertThat(kit.problems()).singleElement().asString().contains("slap.wav is no voice of the kit");
        RecordedKit played = new RecordedKit(RATE, strokes);
        RecordedKit shipped = RecordedKit.shipped(RATE);
        assertThat(played.voice(Kit.RIDE, Dynamic.NORMAL, 0).samples())
                .isEqualTo(shipped.voice(Kit.RIDE, Dynamic.NORMAL, 0).samples());
        assertThat(played.voice(Kit.KICK, Dynamic.NORMAL, 0).samples())
                .isNotEqualTo(shipped.voice(Kit.KICK, Dynamic.NORMAL, 0).samples());
    }

    @Test
    void filesThatCannotBeReadAreNamedWithTheReason() throws IOException {
        wav(kit().resolve("snare.wav"), 300);
        Files.writeString(kit().resolve("kick.wav"), "boom");
        Files.writeString(kit().resolve("ride.mp3"), "ting");
        Files.writeString(kit().resolve("README.txt"), "a kit");
        assertThat(CustomKit.read(kit()).problems())
                .hasSize(2)
                .anyMatch(problem -> problem.contains("kick.wav is no recording this program can read"))
                .anyMatch(problem -> problem.endsWith("ride.mp3 is left out; use WAV or FLAC"));
        Files.delete(kit().resolve("snare.wav"));
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> CustomKit.read(kit()))
                .withMessageContaining("barn kit has no sound that can be read: ")
                .withMessageContaining("kick.wav");
    }

    @Test
    void theShelfKeepsACopy() throws IOException {
        wav(kit().resolve("snare.wav"), 300);
        Path font = home.resolve("tiny.sf2");
        TinySoundfont.write(font);
        KitShelf shelf = new KitShelf(home.resolve("kits"));
        assertThat(shelf.names()).isEmpty();
        assertThat(shelf.add(kit()).name()).isEqualTo("barn kit");
        assertThat(shelf.add(font).name()).isEqualTo("tiny");
        assertThat(shelf.names()).containsExactly("barn kit", "tiny");
        Files.delete(kit().resolve("snare.wav"));
        Files.delete(font);
        assertThat(shelf.read("barn kit").recordings().stroke(Kit.SNARE, Dynamic.NORMAL))
                .isPresent();
        assertThat(shelf.read("tiny").recordings().stroke(Kit.KICK, Dynamic.NORMAL))
                .isPresent();
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> shelf.add(kit()))
                .withMessageContaining("has no sound");
        assertThat(shelf.names()).containsExactly("barn kit", "tiny");
        assertThatExceptionOfType(StrideException.class)
                .isThrownBy(() -> shelf.read("attic"))
                .withMessageContaining("the kit attic is not in");
    }

    @Test
    void aChoiceIsHeardFromTheNextStrokeOn() throws IOException {
        ChosenSounds sounds = new ChosenSounds();
        SampleSet heard = sounds.at(RATE);
        float[] before = heard.voice(Kit.SNARE, Dynamic.NORMAL, 0).samples();
        sounds.put("snare", new RecordingFile(wav(kit().resolve("snare.wav"), 300)));
        assertThat(sounds.voices()).containsExactly("snare");
        float[] own = heard.voice(Kit.SNARE, Dynamic.NORMAL, 0).samples();
        assertThat(own).isNotEqualTo(before);
        sounds.use((voice, level) -> Optional.empty());
        assertThat(heard.voice(Kit.SNARE, Dynamic.NORMAL, 0).samples()).isEqualTo(own);
        sounds.remove("snare");
        assertThat(heard.voice(Kit.SNARE, Dynamic.NORMAL, 0).samples()).isEqualTo(before);
        sounds.use(CustomKit.read(kit()).recordings());
        assertThat(heard.voice(Kit.SNARE, Dynamic.NORMAL, 0).samples()).isEqualTo(own);
        sounds.useShippedKit();
        assertThat(heard.voice(Kit.SNARE, Dynamic.NORMAL, 0).samples()).isEqualTo(before);
    }
}
