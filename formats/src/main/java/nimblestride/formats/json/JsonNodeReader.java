package nimblestride.formats.json;

import java.math.BigInteger;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeParseException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.time.value.NoteValue;
import nimblestride.files.UnreadableFileException;
import org.apache.commons.numbers.fraction.BigFraction;
import tools.jackson.databind.JsonNode;

/**
 * A place in a JSON document, read strictly: what is missing, of another kind, or unknown is an error that names it.
 */
public record JsonNodeReader(JsonNode node, String path) {
    private static final Pattern NUMBER = Pattern.compile("(\\d{1,18})(?:/(\\d{1,18}))?");

    /** Returns the place of a whole document. */
    public static JsonNodeReader root(JsonNode node) {
        return new JsonNodeReader(node, "");
    }

    /**
     * Checks that this is an object with these members only.
     *
     * @throws UnreadableFileException if it is not
     */
    public JsonNodeReader object(String... members) {
        if (!node.isObject()) {
            throw wrong("an object with " + String.join(", ", members));
        }
        List<String> known = List.of(members);
        for (Map.Entry<String, JsonNode> member : node.properties()) {
            if (!known.contains(member.getKey())) {
                throw new UnreadableFileException(
                        at(child(member.getKey())) + "unknown key here; expected only " + String.join(", ", members));
            }
        }
        return this;
    }

    /** Returns whether a member is there. */
    public boolean has(String member) {
        return node.has(member);
    }

    /**
     * Returns a member.
     *
     * @throws UnreadableFileException if it is missing
     */
    public JsonNodeReader member(String name) {
        JsonNode found = node.get(name);
        if (found == null) {
            throw new UnreadableFileException(at(path) + "the key \"" + name + "\" is missing");
        }
        return new JsonNodeReader(found, child(name));
    }

    /**
     * Returns the items of a list.
     *
     * @throws UnreadableFileException if it is no list, or longer than allowed
     */
    public List<JsonNodeReader> items(int most) {
        if (!node.isArray()) {
            throw wrong("a list");
        }
        if (node.size() > most) {
            throw new UnreadableFileException(
                    at(path) + String.format(Locale.ROOT, "%,d items; expected at most %,d", node.size(), most));
        }
        List<JsonNodeReader> items = new ArrayList<>();
        for (int i = 0; i < node.size(); i++) {
            items.add(new JsonNodeReader(node.get(i), path + "[" + i + "]"));
        }
        return items;
    }

    /**
     * Returns a text.
     *
     * @throws UnreadableFileException if it is none
     */
    public String text() {
        if (!node.isString()) {
            throw wrong("a text in quotation marks");
        }
        return node.stringValue();
    }

    /**
     * Returns a whole number.
     *
     * @throws UnreadableFileException if it is none
     */
    public int whole() {
        if (!node.isIntegralNumber() || !node.canConvertToInt()) {
            throw wrong("a whole number up to " + Integer.MAX_VALUE);
        }
        return node.intValue();
    }

    /**
     * Returns a number within a range.
     *
     * @throws UnreadableFileException if it is none, or out of range
     */
    public double number(double least, double most) {
        if (!node.isNumber()) {
            throw wrong("a number from " + least + " to " + most);
        }
        // As text: the library refuses numbers of more than 1,000 digits before they come here.
        double value = Double.parseDouble(node.asString());
        if (!(value >= least && value <= most)) {
            throw wrong("a number from " + least + " to " + most);
        }
        return value;
    }

    /**
     * Returns true or false.
     *
     * @throws UnreadableFileException if it is neither
     */
    public boolean truth() {
        if (!node.isBoolean()) {
            throw wrong("true or false");
        }
        return node.booleanValue();
    }

    /**
     * Returns a note value.
     *
     * @throws UnreadableFileException if it is none
     */
    public NoteValue noteValue() {
        String text = text();
        return make(() -> NoteValue.parse(text));
    }

    /**
     * Returns an exact fraction in quotation marks.
     *
     * @throws UnreadableFileException if it is none
     */
    public BigFraction exactNumber() {
        Matcher matcher = NUMBER.matcher(text());
        if (!matcher.matches()) {
            throw wrong("a whole number or a fraction in quotation marks, such as \"96\" or \"289/3\"");
        }
        BigInteger top = new BigInteger(matcher.group(1));
        BigInteger bottom = matcher.group(2) == null ? BigInteger.ONE : new BigInteger(matcher.group(2));
        return make(() -> BigFraction.of(top, bottom));
    }

    /**
     * Returns a value in the typed language.
     *
     * @throws UnreadableFileException if it can't be read
     */
    public <T> T typed(Function<String, T> reader) {
        String text = text();
        return make(() -> reader.apply(text));
    }

    /**
     * Returns a day.
     *
     * @throws UnreadableFileException if it is none
     */
    public LocalDate day() {
        return iso(LocalDate::parse, "a day such as \"2026-11-20\"");
    }

    /**
     * Returns a date and time.
     *
     * @throws UnreadableFileException if it is none
     */
    public LocalDateTime moment() {
        return iso(LocalDateTime::parse, "a day and a time such as \"2026-11-20T18:30\"");
    }

    private <T> T iso(Function<String, T> reader, String expected) {
        try {
            return reader.apply(text());
        } catch (DateTimeParseException e) {
            throw wrong(expected);
        }
    }

    /**
     * Returns an id.
     *
     * @throws UnreadableFileException if it is none
     */
    public UUID id() {
        String text = text();
        try {
            return UUID.fromString(text);
        } catch (IllegalArgumentException e) {
            throw wrong("an id such as \"123e4567-e89b-42d3-a456-556642440000\"");
        }
    }

    /** Reads a value from a place. */
    public interface Reading<T> {
        T read(JsonNodeReader place);
    }

    /** Returns a member that may be missing. */
    public <T> Optional<T> optional(String name, Reading<T> reading) {
        return has(name) ? Optional.of(reading.read(member(name))) : Optional.empty();
    }

    /**
     * Returns one of the words of a table.
     *
     * @throws UnreadableFileException if it is none of them
     */
    public <T> T word(Map<String, T> words) {
        T found = words.get(text());
        if (found == null) {
            throw wrong("one of " + String.join(", ", words.keySet()));
        }
        return found;
    }

    /**
     * Returns the constant with a name.
     *
     * @throws UnreadableFileException if there is none
     */
    public <E extends Enum<E>> E oneOf(Class<E> type) {
        Map<String, E> names = new LinkedHashMap<>();
        for (E value : type.getEnumConstants()) {
            names.put(value.name(), value);
        }
        return word(names);
    }

    /**
     * Returns what a name stands for.
     *
     * @throws UnreadableFileException if it stands for nothing
     */
    public <T> T named(Function<String, Optional<T>> names, String expected) {
        return names.apply(text()).orElseThrow(() -> wrong(expected));
    }

    /** Makes a value, and turns its refusal into an error about this place. */
    public <T> T make(Supplier<T> value) {
        try {
            return value.get();
        } catch (StrideException e) {
            throw new UnreadableFileException(at(path) + e.getMessage());
        }
    }

    /**
     * Returns an error about this place.
     *
     * @param expected what would work
     */
    public UnreadableFileException wrong(String expected) {
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
