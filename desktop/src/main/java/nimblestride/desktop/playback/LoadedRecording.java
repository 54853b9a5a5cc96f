package nimblestride.desktop.playback;

import java.nio.file.Path;
import java.util.function.BooleanSupplier;
import java.util.function.Supplier;
import nimblestride.files.FileException;
import nimblestride.sound.hits.HeardRecording;
import nimblestride.sound.recording.PlayableRecording;

/**
 * A recording that can be seen and played.
 *
 * @param content SHA-256 of its file
 */
public record LoadedRecording(String content, HeardRecording heard, PlayableRecording sound) {
    /**
     * Reads a file once, for both.
     *
     * @param content SHA-256 of the file, asked for when it is read
     * @param isWanted whether somebody still waits for it
     * @throws FileException if it can't be read, or nobody waits for it any longer
     */
    static LoadedRecording of(Supplier<String> content, Path file, BooleanSupplier isWanted) {
        PlayableRecording sound = PlayableRecording.create();
        boolean read = false;
        try {
            HeardRecording heard = HeardRecording.of(file, (left, right, count, rate) -> {
                if (!isWanted.getAsBoolean()) {
                    throw new FileException("another recording was opened");
                }
                sound.add(left, right, count, rate);
            });
            sound.end();
            LoadedRecording loaded = new LoadedRecording(content.get(), heard, sound);
            read = true;
            return loaded;
        } finally {
            if (!read) {
                sound.close();
            }
        }
    }
}
