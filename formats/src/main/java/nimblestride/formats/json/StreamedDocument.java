package nimblestride.formats.json;

import java.io.FilterOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import nimblestride.files.UnreadableFileException;
import tools.jackson.core.JacksonException;
import tools.jackson.core.JsonGenerator;
import tools.jackson.core.JsonParser;
import tools.jackson.core.JsonToken;
import tools.jackson.core.StreamReadFeature;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/**
 * Reads and writes JSON documents that may be too long to hold: an object with a few short members and then lists of
 * objects, one after the other.
 */
final class StreamedDocument {
    private static final JsonMapper MAPPER = JsonMapper.builder()
            .enable(StreamReadFeature.STRICT_DUPLICATE_DETECTION)
            .disable(DeserializationFeature.FAIL_ON_TRAILING_TOKENS)
            .build();

    private StreamedDocument() {}

    /** Writes a document, list by list. */
    static final class Writer implements AutoCloseable {
        private final JsonGenerator json;
        private Optional<String> list = Optional.empty();

        /** @param out stays open */
        Writer(OutputStream out, String format, int version) {
            json = MAPPER.createGenerator(new FilterOutputStream(out) {
                @Override
                public void write(byte[] bytes, int from, int length) throws IOException {
                    out.write(bytes, from, length);
                }

                @Override
                public void close() throws IOException {
                    flush();
                }
            });
            writing(() -> {
                json.writeStartObject();
                json.writeStringProperty("format", format);
                json.writeNumberProperty("version", version);
            });
        }

        /** Turns the library's exception about a failed stream back into one that says so. */
        private static void writing(Runnable part) {
            try {
                part.run();
            } catch (JacksonException e) {
                throw new UncheckedIOException(
                        e.getCause() instanceof IOException problem ? problem : new IOException(e.getMessage(), e));
            }
        }

        void member(String name, String text) {
            writing(() -> json.writeStringProperty(name, text));
        }

        /** Writes the next object of a list; a list that was left can't be continued. */
        void item(String name, Consumer<ObjectNode> content) {
            ObjectNode node = MAPPER.createObjectNode();
            content.accept(node);
            writing(() -> {
                if (!list.equals(Optional.of(name))) {
                    endList();
                    json.writeName(name);
                    json.writeStartArray();
                    list = Optional.of(name);
                }
                json.writeRaw("\n");
                json.writeTree(node);
            });
        }

        private void endList() {
            if (list.isPresent()) {
                json.writeEndArray();
            }
            list = Optional.empty();
        }

        @Override
        public void close() {
            writing(() -> {
                endList();
                json.writeEndObject();
                json.writeRaw("\n");
                json.close();
            });
        }
    }

    /** Gets each object of a list. */
    interface Item {
        void read(JsonNodeReader place);
    }

    /**
     * Reads a document.
     *
     * @param lists what to do with the objects of each list; other lists are refused
     * @return the short members
     * @throws UnreadableFileException if it is no such document
     * @throws UncheckedIOException if the stream fails
     */
    static Map<String, String> read(InputStream in, String format, int version, Map<String, Item> lists) {
        Map<String, String> members = new LinkedHashMap<>();
        try (JsonParser json = MAPPER.createParser(in)) {
            if (json.nextToken() != JsonToken.START_OBJECT) {
                throw new UnreadableFileException(
                        "this is not a Nimble Stride file; expected \"format\": \"" + format + "\"");
            }
            while (json.nextToken() == JsonToken.PROPERTY_NAME) {
                String name = json.currentName();
                if (json.nextToken() == JsonToken.START_ARRAY) {
                    checkHead(members, format, version);
                    readList(json, name, lists);
                } else if (json.currentToken().isScalarValue()) {
                    members.put(name, json.getString());
                } else {
                    throw new UnreadableFileException(name + ": unknown key here");
                }
            }
            checkHead(members, format, version);
            if (json.nextToken() != null) {
                throw new UnreadableFileException("the file goes on after its end");
            }
        } catch (JacksonException e) {
            if (e.getCause() instanceof IOException problem) {
                throw new UncheckedIOException(problem);
            }
            throw JsonErrors.because(e, thing(format), "a file with \"format\": \"" + format + "\"");
        }
        return members;
    }

    private static void readList(JsonParser json, String name, Map<String, Item> lists) {
        Item item = lists.get(name);
        if (item == null) {
            throw new UnreadableFileException(
                    name + ": unknown list here; expected only " + String.join(", ", lists.keySet()));
        }
        int number = 0;
        while (json.nextToken() != JsonToken.END_ARRAY) {
            item.read(new JsonNodeReader(MAPPER.readTree(json), name + "[" + number + "]"));
            number++;
        }
    }

    /** Returns {@code book} of {@code nimble-stride-book}. */
    private static String thing(String format) {
        return format.substring(format.lastIndexOf('-') + 1);
    }

    private static void checkHead(Map<String, String> members, String format, int version) {
        if (!format.equals(members.get("format"))) {
            throw new UnreadableFileException("format: read \"" + members.getOrDefault("format", "") + "\"; expected \""
                    + format + "\" before everything else");
        }
        if (!String.valueOf(version).equals(members.get("version"))) {
            throw new UnreadableFileException("version: this file has version " + members.getOrDefault("version", "?")
                    + ", and this program reads version " + version);
        }
    }
}
