package nimblestride.formats.json;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import nimblestride.core.exercise.Exercise;
import nimblestride.formats.file.AtomicFile;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.TokenStreamLocation;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Exercises as JSON files: version {@value #VERSION} of the format, written whole or not at all, read strictly. */
public final class ExerciseJson {
    public static final String FORMAT = "nimble-stride-exercise";
    public static final int VERSION = 1;

    /** Larger files are refused before they are read. */
    public static final long LARGEST_FILE = 64L << 20;

    private static final JsonMapper MAPPER = JsonMapper.builder()
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .enable(SerializationFeature.INDENT_OUTPUT)
            .build();

    private ExerciseJson() {}

    /** @throws UnreadableFileException if the text is no exercise of this version */
    public static Exercise read(String json) throws UnreadableFileException {
        JsonNode tree;
        try {
            tree = MAPPER.readTree(json);
        } catch (JacksonException e) {
            TokenStreamLocation place = e.getLocation();
            String where = place == null ? "" : "line " + place.getLineNr() + ", column " + place.getColumnNr() + ": ";
            throw new UnreadableFileException(where + "this is not complete JSON (" + firstLine(e.getOriginalMessage())
                    + "); expected an exercise file of Nimble Stride");
        }
        return ExerciseReader.read(JsonPlace.root(tree));
    }

    /**
     * @throws UnreadableFileException if the file holds no exercise of this version
     * @throws IOException if the file cannot be read at all
     */
    public static Exercise read(Path file) throws IOException {
        try {
            if (Files.isDirectory(file)) {
                throw new UnreadableFileException("this is a folder; expected an exercise file");
            }
            long size = Files.size(file);
            if (size > LARGEST_FILE) {
                throw new UnreadableFileException(String.format(
                        "the file holds %,d bytes; an exercise file has at most %,d", size, LARGEST_FILE));
            }
            return read(new String(Files.readAllBytes(file), StandardCharsets.UTF_8));
        } catch (NoSuchFileException e) {
            throw new IOException("there is no such file", e);
        }
    }

    public static String write(Exercise exercise) {
        return MAPPER.writeValueAsString(ExerciseWriter.write(exercise)) + "\n";
    }

    /** @throws IOException if the file cannot be written; what was there before is untouched */
    public static void write(Exercise exercise, Path file) throws IOException {
        AtomicFile.write(file, write(exercise).getBytes(StandardCharsets.UTF_8));
    }

    private static String firstLine(String message) {
        return message.lines().findFirst().orElse("");
    }
}
