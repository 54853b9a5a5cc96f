package nimblestride.core.notation.engraving;

import java.util.ArrayList;
import java.util.List;
import nimblestride.core.layer.modulation.Modulation;
import nimblestride.core.notation.engraving.Mark.Align;
import nimblestride.core.notation.engraving.Mark.Curve;
import nimblestride.core.notation.engraving.Mark.Line;
import nimblestride.core.notation.engraving.Mark.Polygon;
import nimblestride.core.notation.engraving.Mark.Weight;
import nimblestride.core.notation.engraving.Mark.Words;
import nimblestride.core.notation.engraving.ModulationDrawing.Kind;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;

/** Draws one row of the picture of a modulation. */
final class ModulationRow {
    /** Where the bars start, after the names of the tempos. */
    static final double NAMES = 8.5;

    /** Lengths below this, in whole notes, are rounding errors. */
    static final double NOTHING = 1e-9;

    private static final double HEIGHT = 24.8;
    /** The baseline of what is signed over the pivot. */
    private static final double SIGN = 3.6;

    private static final double OLD_LINE = 10.8;
    private static final double NEW_LINE = 18.2;
    private static final double STRIDE = 3.6;
    private static final double POST = 2.4;
    private static final double SIZE = 1.9;
    private static final double METER_IN = 0.3;
    private static final double NUMBER_ROOM = 1.6;
    /** Marks closer than this, in staff spaces, would be one black bar. */
    private static final double MARK_ROOM = 0.4;

    private final ModulationWindow time;
    private final Modulation shift;
    private final Kind kind;
    private final double from;
    private final double to;
    private final double perWhole;
    private final double width;
    private final MusicFontMetrics face;
    private final TextMetrics letters;
    private final List<Mark> marks = new ArrayList<>();
    /** The tallest note over the pivot: those with many flags need more room above. */
    private double tallest;

    /**
     * @param from start, in whole notes from the start of the picture
     * @param to end
     * @param perWhole staff spaces per whole note
     * @param width of the row, in staff spaces
     */
    ModulationRow(
            ModulationWindow time,
            Kind kind,
            double from,
            double to,
            double perWhole,
            double width,
            MusicFontMetrics face,
            TextMetrics letters) {
        this.time = time;
        this.shift = time.shift();
        this.kind = kind;
        this.from = from;
        this.to = to;
        this.perWhole = perWhole;
        this.width = width;
        this.face = face;
        this.letters = letters;
    }

    /** Returns how much room the meter over a bar takes. */
    static double meterRoom(Bar bar, TextMetrics letters) {
        return METER_IN + letters.width(bar.meter().toString(), Weight.BOLD, SIZE) + METER_IN;
    }

    private boolean holds(double at) {
        return at >= from - NOTHING && at <= to + NOTHING;
    }

    private double x(double at) {
        return NAMES + (at - from) * perWhole;
    }

    Drawing drawing() {
        boolean implied = kind == Kind.IMPLIED;
        name(implied ? "written" : "before", OLD_LINE);
        name(implied ? "felt" : "after", NEW_LINE);
        marks.add(new Line(x(from), OLD_LINE, x(to), OLD_LINE, 0.16, Ink.INK));
        oldBars();
        setUp();
        double begins = Math.max(from, time.start().toDouble());
        if (begins < to) {
            marks.add(new Line(x(begins), NEW_LINE, x(to), NEW_LINE, 0.16, Ink.INK));
        }
        newBars();
        together();
        if (holds(time.pivot().toDouble()) && time.pivot().toDouble() < to) {
            sign();
        }
        double down = Math.max(0, tallest - SIGN);
        return new Drawing(
                width,
                HEIGHT + down,
                marks.stream().map(mark -> mark.movedBy(0, down)).toList(),
                List.of());
    }

    private void name(String text, double y) {
        marks.add(new Words(text, 0, y + 0.5, SIZE, Weight.REGULAR, Align.START, Ink.QUIET));
    }

    private void sign() {
        double at = x(time.pivot().toDouble());
        if (kind == Kind.IMPLIED) {
            marks.add(new Words("implied only", at, SIGN, SIZE, Weight.BOLD, Align.START, Ink.INK));
            return;
        }
        at = note(shift.pivot().oldValue(), at);
        at = words(" = ", at);
        at = note(shift.pivot().newValue(), at);
        at = words("   (", at);
        at = note(shift.after().beat(), at);
        words(" = " + Tempo.decimal(shift.after().perMinute()) + ")", at);
    }

    private double note(NoteValue value, double x) {
        NoteSign sign = NoteSign.of(face, letters, value, 0.9);
        marks.addAll(sign.marks(x, SIGN));
        tallest = Math.max(tallest, sign.height());
        return x + sign.width();
    }

    private double words(String text, double x) {
        marks.add(new Words(text, x, SIGN, 2.2, Weight.BOLD, Align.START, Ink.INK));
        return x + letters.width(text, Weight.BOLD, 2.2);
    }

    private void oldBars() {
        if (isTooDense(meanLength(shift.oldBars()))) {
            return;
        }
        for (long bar = 0; time.oldLine(bar).toDouble() <= to + NOTHING; bar++) {
            double start = time.oldLine(bar).toDouble();
            Bar played = shift.oldBars().bar(time.firstBar() + bar);
            Ink ink = start < time.pivot().toDouble() - NOTHING || kind == Kind.IMPLIED ? Ink.INK : Ink.QUIET;
            boolean signed = bar == 0
                    || !played.meter()
                            .equals(shift.oldBars()
                                    .bar(time.firstBar() + bar - 1)
                                    .meter());
            post(
                    start,
                    OLD_LINE,
                    -1,
                    signed && start < to - NOTHING ? played.meter().toString() : "",
                    ink);
            strides(played, start, 1, OLD_LINE, -1, ink);
            beats(start, played.length().toDouble(), shift.oldBeat().toDouble(), OLD_LINE, -1, ink);
        }
    }

    private void newBars() {
        double scale = shift.oldUnits(NoteValue.WHOLE).toDouble();
        if (isTooDense(meanLength(shift.newBars()) * scale)) {
            return;
        }
        for (long bar = 0; time.newLine(bar).toDouble() <= to + NOTHING; bar++) {
            double start = time.newLine(bar).toDouble();
            Bar played = shift.newBars().bar(bar);
            boolean signed = bar == 0
                    || !played.meter().equals(shift.newBars().bar(bar - 1).meter());
            post(
                    start,
                    NEW_LINE,
                    1,
                    signed && start < to - NOTHING ? played.meter().toString() : "",
                    Ink.INK);
            strides(played, start, scale, NEW_LINE, 1, Ink.INK);
            beats(start, played.length().toDouble() * scale, shift.newBeat().toDouble() * scale, NEW_LINE, 1, Ink.INK);
        }
    }

    private static double meanLength(Phrase bars) {
        return bars.length().toDouble() / bars.bars().size();
    }

    private void post(double at, double line, int down, String meter, Ink ink) {
        if (!holds(at)) {
            return;
        }
        marks.add(new Line(x(at), line - down * 0.8, x(at), line + down * POST, 0.22, ink));
        if (!meter.isEmpty()) {
            double y = down > 0 ? line + STRIDE + 1.9 : line - STRIDE - 0.7;
            double x = Math.min(x(at) + METER_IN, width - letters.width(meter, Weight.BOLD, SIZE));
            marks.add(new Words(meter, x, y, SIZE, Weight.BOLD, Align.START, ink));
        }
    }

    private void strides(Bar bar, double start, double scale, double line, int down, Ink ink) {
        double unit = bar.meter().unit().toDouble() * scale;
        double foot = start;
        for (int size : bar.grouping().sizes()) {
            double next = foot + size * unit;
            double high = Math.min(STRIDE, 1.2 + 0.28 * (next - foot) * perWhole) * 4 / 3;
            StrideArc.between(x(foot), x(next), x(from), x(to), line, down * high)
                    .ifPresent(points -> marks.add(new Curve(points, 0.18, ink)));
            for (int tick = 1; tick < size && unit * perWhole > 0.6; tick++) {
                double at = foot + tick * unit;
                if (holds(at)) {
                    marks.add(new Line(x(at), line, x(at), line + down * 0.7, 0.1, Ink.QUIET));
                }
            }
            foot = next;
        }
    }

    /** Draws the numbers of the beats, on the side of the line where the tempos face each other. */
    private void beats(double start, double length, double beat, double line, int down, Ink ink) {
        int number = 1;
        double stop = Math.min(start + length, to) - NOTHING;
        for (double at = start; at < stop && !(number > 1 && isTooDense(beat)); at += beat) {
            boolean room = number == 1 || (start + length - at) * perWhole > NUMBER_ROOM;
            if (room && holds(at)) {
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

    /** Draws the accents before a real change, and what grows out of each. */
    private void setUp() {
        double pulse = shift.pulse().toDouble();
        if (kind == Kind.IMPLIED || isTooDense(pulse)) {
            return;
        }
        double pivot = time.pivot().toDouble();
        double first =
                Math.max(from, pivot - pulse * shift.beatsUntilTogether() * shift.notesPerBeat() / shift.group());
        double last = Math.min(pivot - pulse, to - NOTHING);
        // Counted back from the pivot, where they must arrive.
        double back = Math.ceil((pivot - last) / pulse - NOTHING);
        for (double at = pivot - back * pulse; at >= first - NOTHING; at -= pulse) {
            accent(x(at));
            diamond(x(at), NEW_LINE, 0.42, Ink.QUIET);
            marks.add(new Line(x(at), OLD_LINE + 3.6, x(at), NEW_LINE - 0.6, 0.08, Ink.QUIET));
        }
    }

    /** Returns whether marks that far apart, in whole notes, would run into one black bar. */
    private boolean isTooDense(double every) {
        return every * perWhole < MARK_ROOM;
    }

    private void accent(double x) {
        double y = OLD_LINE + 2.9;
        marks.add(new Line(x - 0.7, y - 0.5, x + 0.7, y, 0.16, Ink.LANDING));
        marks.add(new Line(x - 0.7, y + 0.5, x + 0.7, y, 0.16, Ink.LANDING));
    }

    private void diamond(double x, double y, double radius, Ink ink) {
        marks.add(new Polygon(List.of(x, y - radius, x + radius, y, x, y + radius, x - radius, y), ink));
    }

    /** Marks where beats of both fall together, most strongly where bar lines do. */
    private void together() {
        NoteValue pulse = shift.pulse();
        boolean dense = isTooDense(pulse.toDouble());
        for (NoteValue at = time.start(); at.toDouble() <= to + NOTHING && !dense; at = at.plus(pulse)) {
            boolean backBeat = at.minus(time.start()).wholePartsOf(pulse) % 2 == 1;
            if (kind == Kind.IMPLIED && backBeat && holds(at.toDouble())) {
                diamond(x(at.toDouble()), NEW_LINE, 0.55, Ink.INK);
            }
            boolean onOldBeat = at.minus(time.pivot()).isMultipleOf(shift.oldBeat());
            if (onOldBeat && holds(at.toDouble()) && at.toDouble() >= from) {
                double x = x(at.toDouble());
                marks.add(new Line(x, OLD_LINE + 0.2, x, NEW_LINE - 0.2, 0.1, Ink.QUIET));
            }
        }
        if (time.start().equals(time.pivot())) {
            landing(time.pivot());
        }
        shift.barLineRealignment(time.start().minus(time.pivot()))
                .ifPresent(agreement -> landing(time.pivot().plus(agreement.length())));
    }

    private void landing(NoteValue moment) {
        double at = moment.toDouble();
        if (holds(at)) {
            marks.add(new Line(x(at), OLD_LINE - 1.4, x(at), NEW_LINE + 1.4, 0.4, Ink.LANDING));
            diamond(x(at), OLD_LINE, 0.7, Ink.LANDING);
            diamond(x(at), NEW_LINE, 0.7, Ink.LANDING);
        }
    }
}
