package nimblestride.core.engraving;

import java.util.ArrayList;
import java.util.List;
import nimblestride.core.engraving.Mark.Align;
import nimblestride.core.engraving.Mark.Curve;
import nimblestride.core.engraving.Mark.Line;
import nimblestride.core.engraving.Mark.Polygon;
import nimblestride.core.engraving.Mark.Weight;
import nimblestride.core.engraving.Mark.Words;
import nimblestride.core.meter.Bar;
import nimblestride.core.meter.Phrase;
import nimblestride.core.modulation.Agreement;
import nimblestride.core.modulation.Shift;
import nimblestride.core.value.NoteName;
import nimblestride.core.value.NoteValue;
import nimblestride.core.value.Tempo;

/**
 * The two feels of a change of gear to scale, one above the other: old bars with their strides above, new ones with their
 * strides below, the accents that let the new beat be heard coming, and the moments both have in common. It runs from the
 * set-up to where the feels agree again, in as many rows as that takes.
 */
public final class BothFeels {
    /** The new bars, heard from the pivot on; or felt only, over old bars that go on. */
    public enum Kind {
        REAL,
        IMPLIED
    }

    private static final double NAMES = 8.5;
    private static final double HEIGHT = 23.8;
    private static final double OLD_LINE = 9.8;
    private static final double NEW_LINE = 17.2;
    private static final double STRIDE = 3.6;
    private static final double POST = 2.4;
    private static final double SIZE = 1.9;
    private static final double NUMBER_ROOM = 1.6;
    private static final double NARROWEST_BEAT = 3.2;
    private static final double WIDEST_BEAT = 9;
    private static final int MOST_LEAD_BARS = 4;
    private static final int MOST_BEATS = 48;
    private static final int BEATS_WHERE_NEVER = 16;

    private final Shift shift;
    private final Kind kind;
    private final NoteValue late;
    private final MusicFace face;
    private final Lettering letters;
    private final double width;
    /** The first old bar that is drawn, counted in rounds of the old bars. */
    private final long firstBar;

    private final NoteValue lead;
    private final NoteValue end;

    /**
     * @param late how long after the pivot an implied feel starts, in old values
     * @param width of each row
     */
    public BothFeels(Shift shift, Kind kind, NoteValue late, MusicFace face, Lettering letters, double width) {
        this.shift = shift;
        this.kind = kind;
        this.late = late;
        this.face = face;
        this.letters = letters;
        this.width = width;
        int bars = leadBars();
        Phrase old = shift.oldBars();
        long size = old.bars().size();
        this.firstBar = (bars + size - 1) / size * size - bars;
        this.lead = old.startOf(firstBar + bars).minus(old.startOf(firstBar));
        this.end = lead.plus(howLong());
    }

    private int leadBars() {
        NoteValue wanted = shift.oldBeat().times(Math.min(MOST_BEATS, shift.beatsUntilTogether()));
        Phrase old = shift.oldBars();
        int bars = 1;
        while (bars < MOST_LEAD_BARS && old.startOf(bars).compareTo(wanted) < 0) {
            bars++;
        }
        return bars;
    }

    private NoteValue howLong() {
        NoteValue longest = shift.oldBeat().times(MOST_BEATS);
        return shift.barLinesAgree(late)
                .map(Agreement::length)
                .filter(length -> length.compareTo(longest) <= 0)
                .orElseGet(() -> late.plus(shift.oldBeat().times(BEATS_WHERE_NEVER)));
    }

    /** A piece of time that fills a row, from the beginning of the picture, in whole notes. */
    private record Row(double from, double to) {
        boolean holds(double at) {
            return at >= from - 1e-9 && at <= to + 1e-9;
        }
    }

    /** A drawing for each row. */
    public List<Drawing> rows() {
        double beat = Math.min(shift.oldBeat().toDouble(), shift.pulse().toDouble());
        double room = width - NAMES - 2;
        double perWhole = Math.max(NARROWEST_BEAT / beat, Math.min(WIDEST_BEAT / beat, room / end.toDouble()));
        double wholes = room / perWhole;
        List<Drawing> rows = new ArrayList<>();
        double from = 0;
        while (from < end.toDouble() - 1e-9) {
            double to = lastBarLine(from, from + wholes);
            rows.add(new RowOfFeels(new Row(from, to), perWhole).drawing());
            from = to;
        }
        return rows;
    }

    /** Rows are torn at old bar lines, where one is near enough. */
    private double lastBarLine(double from, double latest) {
        if (latest >= end.toDouble()) {
            return end.toDouble();
        }
        double found = latest;
        for (long bar = 1; oldLine(bar).toDouble() <= latest; bar++) {
            if (oldLine(bar).toDouble() > from + 1e-9) {
                found = oldLine(bar).toDouble();
            }
        }
        return found;
    }

    private NoteValue oldLine(long bar) {
        return shift.oldBars().startOf(firstBar + bar).minus(shift.oldBars().startOf(firstBar));
    }

    private NoteValue newLine(long bar) {
        return lead.plus(late).plus(shift.inOld(shift.newBars().startOf(bar)));
    }

    /** One row. */
    private final class RowOfFeels {
        private final Row row;
        private final double perWhole;
        private final List<Mark> marks = new ArrayList<>();

        RowOfFeels(Row row, double perWhole) {
            this.row = row;
            this.perWhole = perWhole;
        }

        private double x(double at) {
            return NAMES + (at - row.from) * perWhole;
        }

        Drawing drawing() {
            boolean implied = kind == Kind.IMPLIED;
            name(implied ? "written" : "before", OLD_LINE);
            name(implied ? "felt" : "after", NEW_LINE);
            marks.add(new Line(x(row.from), OLD_LINE, x(row.to), OLD_LINE, 0.16, Ink.INK));
            oldBars();
            setUp();
            double begins = Math.max(row.from, lead.plus(late).toDouble());
            if (begins < row.to) {
                marks.add(new Line(x(begins), NEW_LINE, x(row.to), NEW_LINE, 0.16, Ink.INK));
            }
            newBars();
            together();
            if (row.holds(lead.toDouble()) && lead.toDouble() < row.to) {
                sign();
            }
            return new Drawing(width, HEIGHT, marks, List.of());
        }

        private void name(String text, double y) {
            marks.add(new Words(text, 0, y + 0.5, SIZE, Weight.REGULAR, Align.START, Ink.QUIET));
        }

        private void sign() {
            double at = x(lead.toDouble());
            if (kind == Kind.IMPLIED) {
                marks.add(new Words("felt only", at, 2.4, SIZE, Weight.BOLD, Align.START, Ink.INK));
                return;
            }
            at = note(shift.pivot().old(), at);
            at = words(" = ", at);
            at = note(shift.pivot().now(), at);
            at = words("   (", at);
            at = note(shift.after().beat(), at);
            words(" = " + Tempo.decimal(shift.after().perMinute()) + ")", at);
        }

        private double note(NoteValue value, double x) {
            NoteSign sign = NoteSign.of(face, letters, value, 0.9);
            marks.addAll(sign.marks(x, 2.6));
            return x + sign.width();
        }

        private double words(String text, double x) {
            marks.add(new Words(text, x, 2.6, 2.2, Weight.BOLD, Align.START, Ink.INK));
            return x + letters.width(text, Weight.BOLD, 2.2);
        }

        private void oldBars() {
            for (long bar = 0; oldLine(bar).toDouble() <= row.to + 1e-9; bar++) {
                double start = oldLine(bar).toDouble();
                Bar played = shift.oldBars().bar(firstBar + bar);
                Ink ink = start < lead.toDouble() - 1e-9 || kind == Kind.IMPLIED ? Ink.INK : Ink.QUIET;
                boolean signed = bar == 0
                        || !played.meter()
                                .equals(shift.oldBars().bar(firstBar + bar - 1).meter());
                post(
                        start,
                        OLD_LINE,
                        -1,
                        signed && start < row.to - 1e-9 ? played.meter().toString() : "",
                        ink);
                strides(played, start, 1, OLD_LINE, -1, ink);
                beats(start, played.length().toDouble(), shift.oldBeat().toDouble(), OLD_LINE, -1, ink);
            }
        }

        private void newBars() {
            double scale = shift.inOld(NoteValue.WHOLE).toDouble();
            for (long bar = 0; newLine(bar).toDouble() <= row.to + 1e-9; bar++) {
                double start = newLine(bar).toDouble();
                Bar played = shift.newBars().bar(bar);
                boolean signed = bar == 0
                        || !played.meter().equals(shift.newBars().bar(bar - 1).meter());
                post(
                        start,
                        NEW_LINE,
                        1,
                        signed && start < row.to - 1e-9 ? played.meter().toString() : "",
                        Ink.INK);
                strides(played, start, scale, NEW_LINE, 1, Ink.INK);
                beats(
                        start,
                        played.length().toDouble() * scale,
                        shift.newBeat().toDouble() * scale,
                        NEW_LINE,
                        1,
                        Ink.INK);
            }
        }

        private void post(double at, double line, int down, String meter, Ink ink) {
            if (!row.holds(at)) {
                return;
            }
            marks.add(new Line(x(at), line - down * 0.8, x(at), line + down * POST, 0.22, ink));
            if (!meter.isEmpty()) {
                double y = down > 0 ? line + STRIDE + 1.9 : line - STRIDE - 0.7;
                marks.add(new Words(meter, x(at) + 0.3, y, SIZE, Weight.BOLD, Align.START, ink));
            }
        }

        private void strides(Bar bar, double start, double scale, double line, int down, Ink ink) {
            double unit = bar.meter().unit().toDouble() * scale;
            double from = start;
            for (int size : bar.grouping().sizes()) {
                double to = from + size * unit;
                double high = Math.min(STRIDE, 1.2 + 0.28 * (to - from) * perWhole) * 4 / 3;
                Stride.between(x(from), x(to), x(row.from), x(row.to), line, down * high)
                        .ifPresent(points -> marks.add(new Curve(points, 0.18, ink)));
                for (int tick = 1; tick < size && unit * perWhole > 0.6; tick++) {
                    double at = from + tick * unit;
                    if (row.holds(at)) {
                        marks.add(new Line(x(at), line, x(at), line + down * 0.7, 0.1, Ink.QUIET));
                    }
                }
                from = to;
            }
        }

        /** The numbers of the beats, on the side of the line where the feels face each other. */
        private void beats(double start, double length, double beat, double line, int down, Ink ink) {
            int number = 1;
            for (double at = start; at < start + length - 1e-9; at += beat) {
                boolean room = number == 1 || (start + length - at) * perWhole > NUMBER_ROOM;
                if (room && row.holds(at) && at < row.to - 1e-9) {
                    double y = down > 0 ? line - 0.5 : line + SIZE + 0.1;
                    boolean first = number == 1;
                    marks.add(new Words(
                            Integer.toString(number),
                            x(at) + 0.25,
                            y,
                            SIZE * 0.9,
                            first ? Weight.BOLD : Weight.REGULAR,
                            Align.START,
                            first ? ink : Ink.QUIET));
                }
                number++;
            }
        }

        /** The accents before a real change, and what grows out of each. */
        private void setUp() {
            if (kind == Kind.IMPLIED) {
                return;
            }
            double pulse = shift.pulse().toDouble();
            double latest = lead.toDouble() - pulse;
            double from = Math.max(
                    0, lead.toDouble() - pulse * shift.beatsUntilTogether() * shift.notesABeat() / shift.group());
            for (double at = latest; at >= from - 1e-9; at -= pulse) {
                if (row.holds(at) && at < row.to - 1e-9) {
                    accent(x(at));
                    diamond(x(at), NEW_LINE, 0.42, Ink.QUIET);
                    marks.add(new Line(x(at), OLD_LINE + 3.6, x(at), NEW_LINE - 0.6, 0.08, Ink.QUIET));
                }
            }
        }

        private void accent(double x) {
            double y = OLD_LINE + 2.9;
            marks.add(new Line(x - 0.7, y - 0.5, x + 0.7, y, 0.16, Ink.LANDING));
            marks.add(new Line(x - 0.7, y + 0.5, x + 0.7, y, 0.16, Ink.LANDING));
        }

        private void diamond(double x, double y, double radius, Ink ink) {
            marks.add(new Polygon(List.of(x, y - radius, x + radius, y, x, y + radius, x - radius, y), ink));
        }

        /** Where beats of both fall together, and strongest where bar lines do. */
        private void together() {
            NoteValue pulse = shift.pulse();
            for (NoteValue at = lead.plus(late); at.toDouble() <= row.to + 1e-9; at = at.plus(pulse)) {
                boolean backBeat = at.minus(lead.plus(late)).wholePartsOf(pulse) % 2 == 1;
                if (kind == Kind.IMPLIED && backBeat && row.holds(at.toDouble())) {
                    diamond(x(at.toDouble()), NEW_LINE, 0.55, Ink.INK);
                }
                boolean onOldBeat = at.minus(lead).isMultipleOf(shift.oldBeat());
                if (onOldBeat && row.holds(at.toDouble()) && at.toDouble() >= row.from) {
                    double x = x(at.toDouble());
                    marks.add(new Line(x, OLD_LINE + 0.2, x, NEW_LINE - 0.2, 0.1, Ink.QUIET));
                }
            }
            if (late.isZero()) {
                landing(lead);
            }
            shift.barLinesAgree(late).ifPresent(agreement -> landing(lead.plus(agreement.length())));
        }

        private void landing(NoteValue moment) {
            double at = moment.toDouble();
            if (row.holds(at)) {
                marks.add(new Line(x(at), OLD_LINE - 1.4, x(at), NEW_LINE + 1.4, 0.4, Ink.LANDING));
                diamond(x(at), OLD_LINE, 0.7, Ink.LANDING);
                diamond(x(at), NEW_LINE, 0.7, Ink.LANDING);
            }
        }
    }

    /** What it shows, in words. */
    public String inWords() {
        return NoteName.say(shift.pivot().old()) + " = "
                + NoteName.say(shift.pivot().now()) + ", from "
                + shift.oldBars().bars().get(0).meter() + " to "
                + shift.newBars().bars().get(0).meter();
    }
}
