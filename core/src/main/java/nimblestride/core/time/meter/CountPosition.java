package nimblestride.core.time.meter;

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
 * and sevenths without such a syllable are numbered within their tuplet: {@code 1 sext2}, {@code 2 quint5}, {@code 3
 * sept4}. Any other place is the beat and a fraction of a whole note: {@code 2 + 3/80}. The name of a place reads back
 * as the same place.
 *
 * @param meter of the bar, which says what is counted
 * @param position from the start of the bar
 */
public record CountPosition(Meter meter, NoteValue position) {
    private static final Map<NoteValue, String> LABELS = labels();
    private static final Pattern WRITTEN = Pattern.compile("\\s*(\\d{1,9})\\s*(.*?)\\s*");
    private static final Pattern SPOKEN = Pattern.compile("\\s*(\\D.*?)\\s+of\\s+(\\d{1,9})\\s*");

    /** Maps fractions of a beat to their syllables. */
    private static Map<NoteValue, String> labels() {
        Map<NoteValue, String> labels = new TreeMap<>();
        for (int i = 1; i < 7; i++) {
            labels.put(NoteValue.of(i, 7), "sept" + (i + 1));
        }
        for (int i = 1; i < 5; i++) {
            labels.put(NoteValue.of(i, 5), "quint" + (i + 1));
        }
        labels.put(NoteValue.of(1, 6), "sext2");
        labels.put(NoteValue.of(5, 6), "sext6");
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

    /**
     * Reads what {@link #toString} returns, and the spoken order {@code a of 2}. Returns empty if the text names no
     * place.
     */
    public static Optional<CountPosition> read(Meter meter, String text) {
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
        String tidy = label.replace("&ta", "& ta");
        return LABELS.entrySet().stream()
                .filter(entry -> entry.getValue().equals(tidy))
                .map(entry -> NoteValue.of(entry.getKey().fraction().multiply(beat.fraction())))
                .findFirst();
    }

    /** Returns whether the place is on a whole-numbered beat. */
    public boolean isOnBeat() {
        return position.isMultipleOf(meter.beat());
    }

    /** Returns whether the place has an everyday name. */
    public boolean isEveryday() {
        return !toString().contains("+");
    }

    /** Returns the syllable alone, or on a beat its number. */
    public String syllable() {
        String said = toString();
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
        return label.matches("[ea&].*") ? number + label : number + " " + label;
    }
}
