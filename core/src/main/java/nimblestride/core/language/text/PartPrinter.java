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

    private final Phrase phrase;
    /** What sounds in each bar, by place. */
    private final Map<Integer, TreeMap<NoteValue, List<PartStroke>>> bars = new TreeMap<>();

    PartPrinter(List<Layer> layers, Phrase phrase) {
        this.phrase = phrase;
        for (Layer layer : layers) {
            if (layer.pattern() instanceof Pattern.Placed placed) {
                placed.placements().stream()
                        .filter(placement -> placement.isOn(phrase))
                        .forEach(placement -> add(layer, placement));
            }
        }
    }

    private void add(Layer layer, Placement placement) {
        bars.computeIfAbsent(placement.bar(), bar -> new TreeMap<>())
                .computeIfAbsent(placement.position(), position -> new ArrayList<>())
                .add(new PartStroke(layer.voice(), placement.stroke()));
    }

    /** A bar, stride by stride, and how often it stands in a row. */
    private record Row(List<String> strides, int times) {
        String text(List<Integer> widths) {
            StringBuilder text = new StringBuilder();
            for (int i = 0; i < strides.size(); i++) {
                boolean last = i == strides.size() - 1;
                text.append(strides.get(i));
                if (!last) {
                    text.append(" "
                                    .repeat(Math.max(
                                            0, widths.get(i) - strides.get(i).length())))
                            .append(" / ");
                }
            }
            return text + (times == 1 ? "" : " x" + times);
        }
    }

    private List<Row> rows() {
        int count = bars.keySet().stream().mapToInt(bar -> bar + 1).max().orElse(0);
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
                .map(row -> row.text(Collections.nCopies(row.strides.size(), 0)))
                .collect(Collectors.joining(" | "));
    }

    /** Prints a bar in each line, with the strides of all bars below each other. */
    String lines() {
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
        return rows.stream().map(row -> row.text(widths)).collect(Collectors.joining(" |\n"));
    }

    private List<String> bar(int number) {
        Bar bar = phrase.bars().get(number);
        TreeMap<NoteValue, List<PartStroke>> notes = bars.getOrDefault(number, new TreeMap<>());
        List<NoteValue> starts = bar.groupStarts();
        List<String> strides = new ArrayList<>();
        for (int i = 0; i < starts.size(); i++) {
            NoteValue end = i + 1 < starts.size() ? starts.get(i + 1) : bar.length();
            strides.add(stride(new Stretch(starts.get(i), end.minus(starts.get(i)), notes), number + 1));
        }
        return strides;
    }

    /** Notes within a stretch of a bar. */
    private record Stretch(NoteValue start, NoteValue length, TreeMap<NoteValue, List<PartStroke>> all) {
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
            return new Stretch(start.plus(share.times(from)), share.times(shares), all);
        }

        /** Returns what sounds together at its start. */
        String first() {
            List<PartStroke> together = all.getOrDefault(start, List.of());
            return together.isEmpty()
                    ? "."
                    : together.stream().map(PartStroke::text).collect(Collectors.joining("+"));
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
