package nimblestride.sound.recording;

import java.nio.file.Path;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import nimblestride.files.FileException;
import nimblestride.files.UnreadableFileException;

/** Reads a stroke from a WAV or FLAC file of any rate, bit depth, and number of channels, which it mixes to one. */
public record RecordingFile(Path file) implements Recording.Source {
    /** The endings of the files it reads. */
    public static final List<String> ENDINGS = List.of("wav", "flac");

    /** The longest recording, in seconds. */
    public static final int MAX_SECONDS = 10;

    private static final Set<AudioKind> KINDS = EnumSet.of(AudioKind.WAV, AudioKind.FLAC);

    /** @throws FileException if the file is missing, holds no sound, is empty, or is too long */
    @Override
    public Recording read() {
        try (DecodedAudio audio = DecodedAudio.open(file, KINDS)) {
            checkLength(audio.seconds());
            // One sample more than allowed, as a file's own word on its length need not be true.
            float[] most = new float[MAX_SECONDS * audio.sampleRate() + 1];
            int count = audio.read(most);
            if (count == 0) {
                throw new UnreadableFileException(file + " has no sound");
            }
            Recording recording = new Recording(Arrays.copyOf(most, count), audio.sampleRate());
            checkLength(recording.seconds());
            return recording;
        }
    }

    private void checkLength(double seconds) {
        if (seconds > MAX_SECONDS) {
            throw new UnreadableFileException(String.format(
                    Locale.ROOT, "%s lasts %.1f s; a voice's sound can last up to %d s", file, seconds, MAX_SECONDS));
        }
    }
}
