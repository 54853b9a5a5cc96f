package nimblestride.core.exercise.recording;

import java.util.regex.Pattern;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.foundation.words.PlainText;

/**
 * A recording that belongs to an exercise, so that both play together.
 *
 * @param content SHA-256 of its file, in 64 small hexadecimal digits; the Book keeps a copy under this name
 * @param name of the file it came from, up to {@value #MAX_NAME_LENGTH} characters
 * @param seconds how long it is, above 0
 * @param sensitivity with which hits are found, from 0, only the clearest, to 1
 * @param marks what the user changed about the hits
 * @param beats when its beats are
 */
public record LinkedRecording(
        String content, String name, double seconds, double sensitivity, HitMarks marks, BeatMap beats) {
    /** The most characters in a name. */
    public static final int MAX_NAME_LENGTH = 255;
    /** The sensitivity that suits most recordings. */
    public static final double DEFAULT_SENSITIVITY = 0.5;

    private static final Pattern CONTENT = Pattern.compile("[0-9a-f]{64}");

    /** @throws InvalidValueException if anything is out of range */
    public LinkedRecording {
        name = PlainText.name("a recording", name, MAX_NAME_LENGTH);
        if (!CONTENT.matcher(content).matches()) {
            throw new InvalidValueException("a recording is known by 64 hexadecimal digits, not by " + content);
        }
        if (!(seconds > 0 && Double.isFinite(seconds))) {
            throw new InvalidValueException("a recording lasts longer than 0 s, not " + seconds);
        }
        if (!(sensitivity >= 0 && sensitivity <= 1)) {
            throw new InvalidValueException("sensitivity is 0 to 1, not " + sensitivity);
        }
    }

    /** Returns the recording with hits found at another sensitivity. */
    public LinkedRecording withSensitivity(double newSensitivity) {
        return new LinkedRecording(content, name, seconds, newSensitivity, marks, beats);
    }

    /** Returns the recording with other marks. */
    public LinkedRecording withMarks(HitMarks newMarks) {
        return new LinkedRecording(content, name, seconds, sensitivity, newMarks, beats);
    }

    /** Returns the recording with other beats. */
    public LinkedRecording withBeats(BeatMap newBeats) {
        return new LinkedRecording(content, name, seconds, sensitivity, marks, newBeats);
    }
}
