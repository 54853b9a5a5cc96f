package nimblestride.core.language.text;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.kit.voice.NamedVoices;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.layer.pattern.Placement;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;

/** Prints placed notes beat by beat, with as few notes in each stride as say them. */
final class PartPrinter {
    /** Up to so many shares a stride reads well without a tuplet in it. */
    private static final int FEW_SHARES = 8;
    /** Into how many shares a stride is divided around a tuplet. */
    private static final List<Integer> AROUND_TUPLETS = List.of(2, 3, 4, 6, 8, 12, 16);

    /** More bars than this would be a page of text for one edit. */
    private static final long MOST_BARS_TOGETHER = 1_000;

    private final NamedVoices voices;
    /** The bars on which all of it repeats. */
    private final Phrase bars;
    /** Whether it counts bars itself, so that all of them are printed. */
    private final boolean longer;
    /** What sounds in each bar, by place. */
    private final Map<Integer, TreeMap<NoteValue, List<PartStroke>>> notes = new TreeMap<>();

    PartPrinter(List<Layer> layers, Phrase phrase, NamedVoices voices) {
        this.voices = voices;
        List<Layer> placed = layers.stream()
                .filter(layer -> layer.pattern() instanceof Pattern.Placed)
                .toList();
        List<Integer> counts = placed.stream()
                .map(layer ->
                        ((Pattern.Placed) layer.pattern()).bars(phrase).bars().size())
                .distinct()
                .toList();
        this.longer = placed.stream().anyMatch(layer -> !layer.pattern().isOnPhrase());
        this.bars = longer ? phrase.first(together(counts, phrase)) : phrase;
        placed.forEach(layer -> add(layer, (Pattern.Placed) layer.pattern(), phrase));
    }

    /** Returns after how many bars parts of different numbers of bars repeat together. */
    private static long together(List<Integer> counts, Phrase phrase) {
        long together = counts.stream().mapToLong(Integer::longValue).reduce(1, ExactMath::lcm);
        if (counts.size() > 1 && (!phrase.isEven() || together > MOST_BARS_TOGETHER)) {
            throw new InvalidValueException("voices of " + counts.get(0) + " and " + counts.get(1)
                    + " bars repeat apart here, so no one part says both");
        }
        return together;
    }

    private void add(Layer layer, Pattern.Placed placed, Phrase phrase) {
        int own = placed.bars(phrase).bars().size();
        for (Placement placement : placed.placements()) {
            for (int bar = placement.bar();
                    placement.isOn(placed.bars(phrase)) && bar < bars.bars().size();
                    bar += own) {
                add(layer, new Placement(bar, placement.position(), placement.stroke()));
            }
        }
    }

    private void add(Layer layer, Placement placement) {
        notes.computeIfAbsent(placement.bar(), bar -> new TreeMap<>())
                .computeIfAbsent(placement.position(), position -> new ArrayList<>())
                .add(new PartStroke(layer.voice(), placement.stroke()));
    }

    /** A bar, stride by stride, and how often it stands in a row. */
    private record Row(List<String> strides, int times) {
        private static final String BETWEEN = " / ";
        private static final String CONTINUED = "\n  / ";

        /**
         * Prints it.
         *
         * @param widths to which strides are filled up, so that those of all rows are below each other
         * @param columns after which it goes on in another line
         */
        String text(List<Integer> widths, int columns) {
            StringBuilder text = new StringBuilder(strides.get(0));
            int column = widths.get(0);
            int filled = strides.get(0).length();
            for (int i = 1; i < strides.size(); i++) {
                boolean fits = column + BETWEEN.length() + widths.get(i) <= columns;
                if (fits) {
                    text.append(" ".repeat(Math.max(0, widths.get(i - 1) - filled)));
                }
                text.append(fits ? BETWEEN : CONTINUED).append(strides.get(i));
                column = (fits ? column + BETWEEN.length() : CONTINUED.length() - 1) + widths.get(i);
                filled = strides.get(i).length();
            }
            return text + (times == 1 ? "" : " x" + times);
        }
    }

    private List<Row> rows() {
        int last = notes.keySet().stream().mapToInt(bar -> bar + 1).max().orElse(0);
        int count = longer ? bars.bars().size() : last;
        List<List<String>> each = new ArrayList<>();
        for (int i = 0; i < count; i++) {
            each.add(bar(i));
        }
        List<Row> rows = new ArrayList<>();
        for (int i = 0; i < count; ) {
            int times = 1;
            while (i + times < count && each.get(i + times).equals(each.get(i))) {
                times++;
            }
            rows.add(new Row(each.get(i), times));
            i += times;
        }
        return rows;
    }

    /** Prints all bars in one line, as short as can be. */
    String text() {
        return rows().stream()
                .map(row -> row.text(Collections.nCopies(row.strides.size(), 0), Integer.MAX_VALUE))
                .collect(Collectors.joining(" | "));
    }

    /** Prints each bar on lines of its own, with the strides of all bars below each other. */
    String lines(int columns) {
        List<Row> rows = rows();
        List<Integer> widths = new ArrayList<>();
        for (Row row : rows) {
            for (int i = 0; i < row.strides.size(); i++) {
                if (i == widths.size()) {
                    widths.add(0);
                }
                widths.set(i, Math.max(widths.get(i), row.strides.get(i).length()));
            }
        }
        return rows.stream().map(row -> row.text(widths, columns)).collect(Collectors.joining(" |\n"));
    }

    private List<String> bar(int number) {
        Bar bar = bars.bars().get(number);
        TreeMap<NoteValue, List<PartStroke>> here = notes.getOrDefault(number, new TreeMap<>());
        List<NoteValue> starts = bar.groupStarts();
        List<String> strides = new ArrayList<>();
        for (int i = 0; i < starts.size(); i++) {
            NoteValue end = i + 1 < starts.size() ? starts.get(i + 1) : bar.length();
            strides.add(stride(new Stretch(starts.get(i), end.minus(starts.get(i)), here, voices), number + 1));
        }
        return strides;
    }

    /** Notes within a stretch of a bar. */
    private record Stretch(
            NoteValue start, NoteValue length, TreeMap<NoteValue, List<PartStroke>> all, NamedVoices voices) {
        /** Returns into how many equal shares all notes fall. */
        long shares() {
            long shares = 1;
            for (NoteValue at :
                    all.subMap(start, true, start.plus(length), false).keySet()) {
                long denominator = ExactMath.toLong(
                        at.minus(start).fraction().divide(length.fraction()).getDenominator());
                shares = ExactMath.lcm(shares, denominator);
            }
            return shares;
        }

        Stretch part(NoteValue share, int from, int shares) {
            return new Stretch(start.plus(share.times(from)), share.times(shares), all, voices);
        }

        /** Returns what sounds together at its start. */
        String first() {
            List<PartStroke> together = all.getOrDefault(start, List.of());
            return together.isEmpty()
                    ? "."
                    : together.stream().map(stroke -> stroke.text(voices)).collect(Collectors.joining("+"));
        }

        /** Prints it in equal shares. */
        String even(int shares) {
            NoteValue share = length.dividedBy(shares);
            List<String> notes = new ArrayList<>();
            for (int i = 0; i < shares; i++) {
                notes.add(part(share, i, 1).first());
            }
            return String.join(" ", notes);
        }
    }

    private static String stride(Stretch stride, int number) {
        long shares = stride.shares();
        List<String> ways = new ArrayList<>();
        if (shares <= PartText.MAX_SHARES) {
            ways.add(stride.even((int) shares));
        }
        if (shares > FEW_SHARES) {
            AROUND_TUPLETS.forEach(around -> mixed(stride, around).ifPresent(ways::add));
        }
        return ways.stream()
                .min(Comparator.comparingInt(PartPrinter::words).thenComparingInt(String::length))
                .orElseThrow(() -> new InvalidValueException(
                        "bar " + number + " has notes too close together to write beat by beat; write it as layers"));
    }

    private static int words(String text) {
        return text.split(" ", -1).length;
    }

    /** Prints a stride of some shares, with tuplets where notes fall between them; empty where there is no such way. */
    private static Optional<String> mixed(Stretch stride, int shares) {
        NoteValue share = stride.length.dividedBy(shares);
        List<String> notes = new ArrayList<>();
        for (int from = 0; from < shares; ) {
            int lasts = 1;
            String note = note(stride.part(share, from, lasts), lasts);
            while (note.isEmpty() && from + lasts < shares) {
                lasts++;
                note = note(stride.part(share, from, lasts), lasts);
            }
            if (note.isEmpty()) {
                return Optional.empty();
            }
            notes.add(note);
            from += lasts;
        }
        return Optional.of(String.join(" ", notes));
    }

    /** Prints a note, or the tuplet that some shares hold; empty where they hold neither. */
    private static String note(Stretch part, int lasts) {
        long inner = part.shares();
        if (inner == 1 && lasts == 1) {
            return part.first();
        }
        boolean tuplet = inner > lasts && inner < 2L * lasts && inner <= PartText.MAX_SHARES;
        return tuplet ? "(" + inner + ":" + lasts + " " + part.even((int) inner) + ")" : "";
    }
}
