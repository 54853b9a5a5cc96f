package nimblestride.desktop.playback;

import java.nio.file.Path;
import java.util.function.BooleanSupplier;
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
     * @param isWanted whether somebody still waits for it
     * @throws FileException if it can't be read, or nobody waits for it any longer
     */
    static LoadedRecording of(String content, Path file, BooleanSupplier isWanted) {
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
            read = true;
            return new LoadedRecording(content, heard, sound);
        } finally {
            if (!read) {
                sound.close();
            }
        }
    }
}
