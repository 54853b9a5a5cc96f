package nimblestride.core.time.meter;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.time.value.NoteValue;

/**
 * A place in the bar, named as a drummer counts it: {@code 2a}, {@code 7&}, {@code 3 let}.
 *
 * <p>Beats are whole numbers (see {@link Meter#beat}). Between them stand (common practice) {@code e & a} for quarters
 * of a beat, {@code trip let} for thirds, and {@code ta} after each of these for eighths of a beat. Sixths, fifths,
 * and sevenths without such a syllable are numbered within their tuplet: {@code 3rd of 5 on beat 2}. Any other place is
 * the beat and a fraction of a whole note: {@code 2 + 3/80}. The name of a place reads back as the same place.
 *
 * @param meter of the bar, which says what is counted
 * @param position from the start of the bar
 */
public record CountPosition(Meter meter, NoteValue position) {
    private static final Pattern WRITTEN = Pattern.compile("\\s*(\\d{1,9})\\s*(.*?)\\s*");
    private static final Pattern SPOKEN = Pattern.compile("\\s*(\\D.*?)\\s+of\\s+(\\d{1,9})\\s*");

    private static final Pattern IN_TUPLET =
            Pattern.compile("\\s*(?:the )?(\\d)(?:st|nd|rd|th) of ([567]) on (?:beat )?(\\d{1,9})\\s*");
    private static final Pattern EARLIER = Pattern.compile("(quint|sext|sept)([1-7])");
    private static final Map<String, Integer> EARLIER_SIZES = Map.of("quint", 5, "sext", 6, "sept", 7);
    private static final List<String> ORDINALS = List.of("", "1st", "2nd", "3rd", "4th", "5th", "6th", "7th");
    private static final Map<NoteValue, String> LABELS = labels();

    /** Maps fractions of a beat to their syllables; a place in a tuplet to its number and its tuplet's size. */
    private static Map<NoteValue, String> labels() {
        Map<NoteValue, String> labels = new TreeMap<>();
        for (int i = 1; i < 7; i++) {
            labels.put(NoteValue.of(i, 7), inTuplet(i + 1, 7));
        }
        for (int i = 1; i < 5; i++) {
            labels.put(NoteValue.of(i, 5), inTuplet(i + 1, 5));
        }
        labels.put(NoteValue.of(1, 6), inTuplet(2, 6));
        labels.put(NoteValue.of(5, 6), inTuplet(6, 6));
        labels.put(NoteValue.of(1, 3), "trip");
        labels.put(NoteValue.of(2, 3), "let");
        labels.put(NoteValue.of(1, 8), "ta");
        labels.put(NoteValue.of(3, 8), "e ta");
        labels.put(NoteValue.of(5, 8), "& ta");
        labels.put(NoteValue.of(7, 8), "a ta");
        labels.put(NoteValue.of(1, 4), "e");
        labels.put(NoteValue.of(1, 2), "&");
        labels.put(NoteValue.of(3, 4), "a");
        return labels;
    }

    private static String inTuplet(int number, int size) {
        return ORDINALS.get(number) + " of " + size;
    }

    /**
     * Reads what {@link #toString} returns, and the spoken order {@code a of 2}. Returns empty if the text names no
     * place.
     */
    public static Optional<CountPosition> read(Meter meter, String text) {
        Matcher tuplet = IN_TUPLET.matcher(text);
        if (tuplet.matches()) {
            int number = Integer.parseInt(tuplet.group(1));
            int size = Integer.parseInt(tuplet.group(2));
            return number < 1 || number > size
                    ? Optional.empty()
                    : on(meter, Long.parseLong(tuplet.group(3)), NoteValue.of(number - 1, size));
        }
        Matcher written = WRITTEN.matcher(text);
        if (written.matches()) {
            return read(meter, Long.parseLong(written.group(1)), written.group(2));
        }
        Matcher spoken = SPOKEN.matcher(text);
        return spoken.matches() ? read(meter, Long.parseLong(spoken.group(2)), spoken.group(1)) : Optional.empty();
    }

    private static Optional<CountPosition> read(Meter meter, long number, String label) {
        if (number < 1) {
            return Optional.empty();
        }
        NoteValue beat = meter.beat();
        return after(beat, label).map(beat.times(number - 1)::plus).map(position -> new CountPosition(meter, position));
    }

    /** Returns a place some parts of a beat after it. */
    private static Optional<CountPosition> on(Meter meter, long number, NoteValue partsOfBeat) {
        NoteValue beat = meter.beat();
        return number < 1
                ? Optional.empty()
                : Optional.of(new CountPosition(
                        meter,
                        beat.times(number - 1)
                                .plus(NoteValue.of(partsOfBeat.fraction().multiply(beat.fraction())))));
    }

    /** Returns how long after its beat the place with a syllable comes. */
    private static Optional<NoteValue> after(NoteValue beat, String label) {
        if (label.isEmpty()) {
            return Optional.of(NoteValue.ZERO);
        }
        if (label.startsWith("+")) {
            try {
                return Optional.of(NoteValue.parse(label.substring(1)));
            } catch (StrideException e) {
                return Optional.empty();
            }
        }
        String tidy = earlier(label.replace("&ta", "& ta"));
        return LABELS.entrySet().stream()
                .filter(entry -> entry.getValue().equals(tidy))
                .map(entry -> NoteValue.of(entry.getKey().fraction().multiply(beat.fraction())))
                .findFirst();
    }

    /** Translates the labels of the first version, which logs and exercises may still hold: {@code quint3}. */
    private static String earlier(String label) {
        Matcher old = EARLIER.matcher(label);
        return old.matches() ? inTuplet(Integer.parseInt(old.group(2)), EARLIER_SIZES.get(old.group(1))) : label;
    }

    /** Returns whether the place is on a whole-numbered beat. */
    public boolean isOnBeat() {
        return position.isMultipleOf(meter.beat());
    }

    /** Returns whether the place has an everyday name. */
    public boolean isEveryday() {
        return !toString().contains("+");
    }

    /** Returns the syllable alone; on a beat its number, in a tuplet its number in the tuplet. */
    public String syllable() {
        String said = toString();
        Matcher tuplet = IN_TUPLET.matcher(said);
        if (tuplet.matches()) {
            return tuplet.group(1);
        }
        return isOnBeat() || said.contains("+") ? said : said.replaceFirst("^\\d+ ?", "");
    }

    @Override
    public String toString() {
        NoteValue beat = meter.beat();
        long number = position.wholePartsOf(beat) + 1;
        NoteValue rest = position.remainder(beat);
        if (rest.isZero()) {
            return Long.toString(number);
        }
        String label = LABELS.get(NoteValue.of(rest.fraction().divide(beat.fraction())));
        if (label == null) {
            return number + " + " + rest;
        }
        if (Character.isDigit(label.charAt(0))) {
            return label + " on beat " + number;
        }
        return label.matches("[ea&].*") ? number + label : number + " " + label;
    }
}
