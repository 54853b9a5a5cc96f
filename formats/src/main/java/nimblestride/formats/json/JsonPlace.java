package nimblestride.formats.json;

import java.math.BigInteger;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nimblestride.core.value.NoteValue;
import nimblestride.formats.file.UnreadableFileException;
import org.apache.commons.numbers.fraction.BigFraction;
import tools.jackson.databind.JsonNode;

/** A place in a JSON document, read strictly: what is missing, of another kind or unknown is an error that names it. */
record JsonPlace(JsonNode node, String path) {
    private static final Pattern NUMBER = Pattern.compile("(\\d{1,18})(?:/(\\d{1,18}))?");

    static JsonPlace root(JsonNode node) {
        return new JsonPlace(node, "");
    }

    /** An object with exactly these members. */
    JsonPlace object(String... members) throws UnreadableFileException {
        if (!node.isObject()) {
            throw wrong("an object with " + String.join(", ", members));
        }
        List<String> known = List.of(members);
        for (Map.Entry<String, JsonNode> member : node.properties()) {
            if (!known.contains(member.getKey())) {
                throw new UnreadableFileException(at(child(member.getKey()))
                        + "this member is not known here; expected only " + String.join(", ", members));
            }
        }
        return this;
    }

    boolean has(String member) {
        return node.has(member);
    }

    JsonPlace member(String name) throws UnreadableFileException {
        JsonNode found = node.get(name);
        if (found == null) {
            throw new UnreadableFileException(at(path) + "the member \"" + name + "\" is missing");
        }
        return new JsonPlace(found, child(name));
    }

    List<JsonPlace> items(int most) throws UnreadableFileException {
        if (!node.isArray()) {
            throw wrong("a list");
        }
        if (node.size() > most) {
            throw new UnreadableFileException(
                    at(path) + String.format("%,d items; expected at most %,d", node.size(), most));
        }
        List<JsonPlace> items = new ArrayList<>();
        for (int i = 0; i < node.size(); i++) {
            items.add(new JsonPlace(node.get(i), path + "[" + i + "]"));
        }
        return items;
    }

    String text() throws UnreadableFileException {
        if (!node.isString()) {
            throw wrong("a text in quotation marks");
        }
        return node.stringValue();
    }

    int whole() throws UnreadableFileException {
        if (!node.isIntegralNumber() || !node.canConvertToInt()) {
            throw wrong("a whole number up to " + Integer.MAX_VALUE);
        }
        return node.intValue();
    }

    boolean truth() throws UnreadableFileException {
        if (!node.isBoolean()) {
            throw wrong("true or false");
        }
        return node.booleanValue();
    }

    NoteValue noteValue() throws UnreadableFileException {
        String text = text();
        return make(() -> NoteValue.parse(text));
    }

    /** A number as an exact fraction in quotation marks. */
    BigFraction exactNumber() throws UnreadableFileException {
        Matcher matcher = NUMBER.matcher(text());
        if (!matcher.matches()) {
            throw wrong("a whole number or a fraction in quotation marks, such as \"96\" or \"289/3\"");
        }
        BigInteger top = new BigInteger(matcher.group(1));
        BigInteger bottom = matcher.group(2) == null ? BigInteger.ONE : new BigInteger(matcher.group(2));
        return make(() -> BigFraction.of(top, bottom));
    }

    /** A value in the language in which it is typed. */
    <T> T typed(Function<String, T> reader) throws UnreadableFileException {
        String text = text();
        return make(() -> reader.apply(text));
    }

    LocalDate day() throws UnreadableFileException {
        return iso(LocalDate::parse, "a day such as \"2026-11-20\"");
    }

    LocalDateTime moment() throws UnreadableFileException {
        return iso(LocalDateTime::parse, "a day and a time such as \"2026-11-20T18:30\"");
    }

    private <T> T iso(Function<String, T> reader, String expected) throws UnreadableFileException {
        try {
            return reader.apply(text());
        } catch (DateTimeParseException e) {
            throw wrong(expected);
        }
    }

    UUID id() throws UnreadableFileException {
        String text = text();
        try {
            return UUID.fromString(text);
        } catch (IllegalArgumentException e) {
            throw wrong("an id such as \"123e4567-e89b-42d3-a456-556642440000\"");
        }
    }

    /** How a value is read from a place. */
    interface Reading<T> {
        T read(JsonPlace place) throws UnreadableFileException;
    }

    /** A member that may be left out. */
    <T> Optional<T> optional(String name, Reading<T> reading) throws UnreadableFileException {
        return has(name) ? Optional.of(reading.read(member(name))) : Optional.empty();
    }

    /** One of the words of a table. */
    <T> T word(Map<String, T> words) throws UnreadableFileException {
        T found = words.get(text());
        if (found == null) {
            throw wrong("one of " + String.join(", ", words.keySet()));
        }
        return found;
    }

    /** A text that something else can look up. */
    <T> T named(Function<String, Optional<T>> names, String expected) throws UnreadableFileException {
        return names.apply(text()).orElseThrow(() -> wrong(expected));
    }

    /** Makes a value, and turns what it refuses into an error about this place. */
    <T> T make(Supplier<T> value) throws UnreadableFileException {
        try {
            return value.get();
        } catch (IllegalArgumentException | ArithmeticException e) {
            throw new UnreadableFileException(at(path) + e.getMessage());
        }
    }

    UnreadableFileException wrong(String expected) {
        String read = node.toString();
        return new UnreadableFileException(at(path) + "read "
                + (read.length() > 60 ? read.substring(0, 60) + "…" : read) + "; expected " + expected);
    }

    private String child(String name) {
        return path.isEmpty() ? name : path + "." + name;
    }

    private static String at(String path) {
        return path.isEmpty() ? "" : path + ": ";
    }
}
