package nimblestride.core.time.value;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import nimblestride.core.foundation.words.Counted;

/**
 * Names note values in everyday words: {@code dotted eighth}, {@code triplet quarter}, {@code quintuplet sixteenth}.
 *
 * <p>Common practice: a dot adds half, a second dot a quarter; a triplet puts three in the time of two, a quintuplet
 * five in the time of four, a septuplet seven in the time of four.
 */
public final class NoteName {
    private record Base(long denominator, String name, List<String> alsoCalled) {
        NoteValue value() {
            return NoteValue.of(1, denominator);
        }
    }

    private record Change(String name, long numerator, long denominator) {
        NoteValue applyTo(NoteValue plain) {
            return plain.times(numerator).dividedBy(denominator);
        }
    }

    private static final List<Base> BASES = List.of(
            new Base(1, "whole", List.of("semibreve")),
            new Base(2, "half", List.of("minim")),
            new Base(4, "quarter", List.of("crotchet", "4th")),
            new Base(8, "eighth", List.of("quaver", "8th")),
            new Base(16, "sixteenth", List.of("semiquaver", "16th")),
            new Base(32, "thirty-second", List.of("demisemiquaver", "32nd")),
            new Base(64, "sixty-fourth", List.of("64th")));

    private static final List<Change> CHANGES = List.of(
            new Change("", 1, 1),
            new Change("dotted ", 3, 2),
            new Change("double-dotted ", 7, 4),
            new Change("triplet ", 2, 3),
            new Change("quintuplet ", 4, 5),
            new Change("septuplet ", 4, 7),
            // Read, never written: a sextuplet sixteenth is as long as a triplet sixteenth.
            new Change("sextuplet ", 2, 3));

    /** Maps each length that has a name to the first of its names. */
    private static final Map<NoteValue, String> NAMES = names();

    private NoteName() {}

    private static Map<NoteValue, String> names() {
        Map<NoteValue, String> names = new HashMap<>();
        for (Change change : CHANGES) {
            for (Base base : BASES) {
                names.putIfAbsent(change.applyTo(base.value()), change.name + base.name);
            }
        }
        return names;
    }

    /**
     * Returns a length for use in a sum: {@code 49/16}, or {@code 3 whole notes}, because a bare 3 could be three of
     * anything.
     */
    public static String written(NoteValue value) {
        return value.denominator() == 1 ? Counted.count(value.numerator(), "whole note") : value.toString();
    }

    /** Returns the name of a single note of a length; empty if there is none. */
    public static Optional<String> of(NoteValue value) {
        return Optional.ofNullable(NAMES.get(value));
    }

    /** Returns the name of a length, or its fraction if it has no name. */
    public static String say(NoteValue value) {
        return of(value).orElseGet(value::toString);
    }

    /**
     * Returns one note of a length with its article: {@code an eighth}, {@code a dotted half}, {@code 3 whole notes},
     * {@code 49 sixteenths}.
     */
    public static String one(NoteValue value) {
        if (value.denominator() == 1) {
            return written(value);
        }
        return of(value)
                .map(name -> (name.startsWith("eighth") ? "an " : "a ") + name)
                .orElseGet(() -> counted(value));
    }

    /** Returns a length without a name in plain notes; its fraction where those have no name either. */
    private static String counted(NoteValue value) {
        NoteValue note = NoteValue.of(1, value.denominator());
        return of(note).isPresent() ? Counted.number(value.numerator()) + " " + sayMany(note) : value.toString();
    }

    /**
     * Returns a length for use after "every": {@code dotted eighth}, {@code whole note}, {@code 3 whole notes}, {@code
     * 5/16}.
     */
    public static String each(NoteValue value) {
        return value.equals(NoteValue.WHOLE) ? "whole note" : value.denominator() == 1 ? written(value) : say(value);
    }

    /**
     * Returns the plural of a length: {@code dotted eighths}, {@code halves}, {@code whole notes}, {@code notes of
     * 5/16}.
     */
    public static String sayMany(NoteValue value) {
        if (value.equals(NoteValue.WHOLE)) {
            return "whole notes";
        }
        return of(value)
                .map(name -> name.endsWith("half") ? name.replace("half", "halves") : name + "s")
                .orElseGet(() -> "notes of " + value);
    }

    /**
     * Reads a name that {@link #of} returns. Also reads the words in another order ({@code eighth triplet}), the
     * plural, the word "note", British names, and {@code 8th}. Returns empty if the text names no length.
     */
    public static Optional<NoteValue> read(String text) {
        String spaced = " " + text.toLowerCase(Locale.ROOT).strip().replaceAll("[\\s-]+", " ") + " ";
        String words = spaced.replaceAll(" notes? ", " ").replace(" halves ", " half ");
        for (Change change : CHANGES) {
            String changed = change.name.replace('-', ' ').strip();
            for (Base base : BASES) {
                if (matches(words, changed, base.name.replace('-', ' '))
                        || base.alsoCalled.stream().anyMatch(name -> matches(words, changed, name))) {
                    return Optional.of(change.applyTo(base.value()));
                }
            }
        }
        return Optional.empty();
    }

    private static boolean matches(String words, String change, String base) {
        String singular = words.endsWith("s ") ? words.substring(0, words.length() - 2) + " " : words;
        String plain = (" " + change + " " + base + " ").replaceAll(" +", " ");
        String turned = (" " + base + " " + change + " ").replaceAll(" +", " ");
        return singular.equals(plain) || singular.equals(turned) || words.equals(plain);
    }
}
