package nimblestride.formats.json;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import nimblestride.files.FileException;
import nimblestride.files.SourceFile;
import nimblestride.files.UnreadableFileException;
import tools.jackson.core.JacksonException;
import tools.jackson.core.StreamReadConstraints;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.core.json.JsonFactory;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.SerializationFeature;
import tools.jackson.databind.json.JsonMapper;

/** Parses JSON strictly: no member twice, nothing after the end. */
public final class JsonText {
    /** The largest file, in bytes. */
    static final int MAX_FILE = 64 << 20;

    /** The most tokens, counted while reading: the longest phrase, of 100,000 bars, takes about half of them. */
    private static final long MAX_TOKENS = 4_000_000;

    private static final JsonMapper MAPPER = JsonMapper.builder(JsonFactory.builder()
                    .streamReadConstraints(StreamReadConstraints.builder()
                            .maxTokenCount(MAX_TOKENS)
                            .build())
                    .build())
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .enable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .enable(SerializationFeature.INDENT_OUTPUT)
            .build();

    private JsonText() {}

    /**
     * Reads a file's text, which is UTF-8 with or without a byte order mark (RFC 8259, section 8.1).
     *
     * @throws FileException if it can't be read, is too large, or is no UTF-8
     */
    public static String load(Path file) {
        byte[] bytes = SourceFile.bytes(file, MAX_FILE, "an exercise file");
        if (startsWith(bytes, 0xFE, 0xFF) || startsWith(bytes, 0xFF, 0xFE)) {
            throw new UnreadableFileException("this text is UTF-16; save it as UTF-8");
        }
        int from = startsWith(bytes, 0xEF, 0xBB, 0xBF) ? 3 : 0;
        try {
            return StandardCharsets.UTF_8
                    .newDecoder()
                    .decode(ByteBuffer.wrap(bytes, from, bytes.length - from))
                    .toString();
        } catch (CharacterCodingException e) {
            throw new UnreadableFileException("this text is not UTF-8; save it as UTF-8");
        }
    }

    private static boolean startsWith(byte[] bytes, int... marks) {
        for (int i = 0; i < marks.length; i++) {
            if (bytes.length <= i || (bytes[i] & 0xFF) != marks[i]) {
                return false;
            }
        }
        return true;
    }

    /**
     * Parses a text.
     *
     * @throws UnreadableFileException if it is no JSON
     */
    public static JsonNode parse(String json) {
        if (json.isBlank()) {
            throw new UnreadableFileException("the file is empty; expected a Nimble Stride exercise file");
        }
        try {
            return MAPPER.readTree(json);
        } catch (JacksonException e) {
            throw JsonErrors.because(e, "exercise", "a Nimble Stride exercise file");
        }
    }

    /** Formats a tree. */
    public static String format(JsonNode tree) {
        return MAPPER.writeValueAsString(tree) + "\n";
    }
}
