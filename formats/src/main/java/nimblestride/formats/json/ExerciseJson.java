package nimblestride.formats.json;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.files.AtomicFile;
import nimblestride.files.FileException;
import nimblestride.files.UnreadableFileException;

/**
 * Reads and writes exercises as JSON files: version {@value #VERSION} of the format, written whole or not at all, read
 * strictly.
 */
public final class ExerciseJson {
    /** The name of the format in its files. */
    public static final String FORMAT = "nimble-stride-exercise";
    /** The version of the format. */
    public static final int VERSION = 1;

    private ExerciseJson() {}

    /**
     * Reads an exercise.
     *
     * @throws UnreadableFileException if the text is no exercise of this version
     */
    public static Exercise read(String json) {
        return ExerciseReader.read(JsonNodeReader.root(JsonText.parse(json)));
    }

    /**
     * Reads an exercise.
     *
     * @throws UnreadableFileException if the file holds no exercise of this version
     * @throws FileException if the file can't be read
     */
    public static Exercise read(Path file) {
        return read(JsonText.load(file));
    }

    /** Writes an exercise. */
    public static String write(Exercise exercise) {
        return JsonText.format(ExerciseWriter.write(exercise));
    }

    /**
     * Writes an exercise.
     *
     * @throws FileException if the file can't be written; what was there before is untouched
     */
    public static void write(Exercise exercise, Path file) {
        AtomicFile.write(file, write(exercise).getBytes(StandardCharsets.UTF_8));
    }
}
