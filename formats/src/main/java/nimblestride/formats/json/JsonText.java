package nimblestride.formats.json;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import nimblestride.formats.file.UnreadableFileException;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** JSON as text, parsed strictly: no member twice, nothing after the end. */
final class JsonText {
    /** Larger files are refused before they are read. */
    static final long LARGEST_FILE = 64L << 20;

    private static final JsonMapper MAPPER = JsonMapper.builder()
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .enable(SerializationFeature.INDENT_OUTPUT)
            .build();

    private JsonText() {}

    /** @throws IOException with a message for the user, if the file cannot be read or is too large */
    static String load(Path file) throws IOException {
        try {
            if (Files.isDirectory(file)) {
                throw new UnreadableFileException("this is a folder; expected an exercise file");
            }
            long size = Files.size(file);
            if (size > LARGEST_FILE) {
                throw new UnreadableFileException(String.format(
                        "the file holds %,d bytes; an exercise file has at most %,d", size, LARGEST_FILE));
            }
            return new String(Files.readAllBytes(file), StandardCharsets.UTF_8);
        } catch (NoSuchFileException e) {
            throw new IOException("there is no such file", e);
        }
    }

    static JsonNode parse(String json) throws UnreadableFileException {
        if (json.isBlank()) {
            throw new UnreadableFileException("the file is empty; expected an exercise file of Nimble Stride");
        }
        try {
            return MAPPER.readTree(json);
        } catch (JacksonException e) {
            throw NoJson.because(e, "exercise", "an exercise file of Nimble Stride");
        }
    }

    static String format(JsonNode tree) {
        return MAPPER.writeValueAsString(tree) + "\n";
    }
}
