package nimblestride.core.notation.engraving;

import java.util.ArrayList;
import java.util.List;
import nimblestride.core.layer.modulation.Pivot;
import nimblestride.core.notation.engraving.Mark.Align;
import nimblestride.core.notation.engraving.Mark.Line;
import nimblestride.core.notation.engraving.Mark.Weight;
import nimblestride.core.notation.engraving.Mark.Words;
import nimblestride.core.notation.score.WrittenBar;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;

/** Draws what stands over the staff: tempo, modulations, rehearsal marks, how often to repeat, and bar numbers. */
final class AboveStaffRow {
    private static final double SIZE = 1.9;
    private static final double WORDS_SIZE = 1.5;
    private static final double NOTE_SIZE = 0.9;
    private static final double NUMBER_SIZE = 1.2;
    private static final double NUMBER_Y = -2.8;
    private static final double GAP = 0.9;
    /** From what is highest on the staff to the baseline of this row: a frame reaches below it. */
    private static final double OVER_STAFF = 1.4;

    private static final double HEIGHT = 3.2;

    private final MarkCollector strip;
    private final MusicFontMetrics face;
    private final TextMetrics letters;
    private final List<Mark> marks = new ArrayList<>();
    private final LabelStacker tiers = new LabelStacker(GAP);
    private final List<Placed> placed = new ArrayList<>();
    private double tallest;

    /** Signs that belong together, drawn from an x of 0. */
    private record Placed(List<Mark> signs, double x, int tier) {}

    AboveStaffRow(MarkCollector strip, MusicFontMetrics face, TextMetrics letters) {
        this.strip = strip;
        this.face = face;
        this.letters = letters;
    }

    /**
     * Paints the row.
     *
     * @param width of the line: nothing reaches beyond it
     */
    void paint(List<BarSegment> segments, double[] starts, double width) {
        for (int i = 0; i < segments.size(); i++) {
            WrittenBar bar = segments.get(i).bar();
            if (segments.get(i).opens()) {
                double end = signs(bar, segments.get(i).index() == 0);
                double left = i == 0 ? 0 : starts[i];
                place(Math.max(0, Math.min(left, width - end)), end);
            }
            if (segments.get(i).closes() && bar.repeatEnds() > 2) {
                double end = words("× " + bar.repeatEnds(), 0);
                place(starts[i + 1] - end, end);
            }
        }
        BarSegment first = segments.get(0);
        if (first.opens() && first.bar().number() > 0) {
            String number = Long.toString(first.bar().number() + 1);
            strip.add(new Words(number, 0, NUMBER_Y, NUMBER_SIZE, Weight.REGULAR, Align.START, Ink.QUIET));
            strip.reach(NUMBER_Y - NUMBER_SIZE);
        }
        draw(strip.top() - OVER_STAFF);
    }

    /** Places the signs at an x, in the lowest tier that is free there. */
    private void place(double x, double width) {
        if (!marks.isEmpty()) {
            placed.add(new Placed(List.copyOf(marks), x, tiers.take(x, x + width)));
            marks.clear();
        }
    }

    private void draw(double baseline) {
        double height = Math.max(HEIGHT, tallest + GAP / 2);
        for (Placed one : placed) {
            double y = baseline - one.tier() * height;
            one.signs().forEach(mark -> strip.add(mark.movedBy(one.x(), y)));
        }
        strip.reach(baseline - height * tiers.count());
    }

    /** Draws the signs of a bar from 0, on a baseline at 0, and returns where they end. */
    private double signs(WrittenBar bar, boolean first) {
        double end = 0;
        double at = 0;
        if (!bar.signs().mark().isEmpty()) {
            end = mark(bar.signs().mark(), at);
            at = end + GAP;
        }
        if (!bar.signs().words().isEmpty()) {
            marks.add(new Words(bar.signs().words(), at, 0, WORDS_SIZE, Weight.ITALIC, Align.START, Ink.LANDING));
            end = at + letters.width(bar.signs().words(), Weight.ITALIC, WORDS_SIZE);
            at = end + GAP;
        }
        if (bar.signs().swing().isPresent()) {
            String swing = "Swing: " + bar.signs().swing().get();
            marks.add(new Words(swing, at, 0, WORDS_SIZE, Weight.ITALIC, Align.START, Ink.INK));
            end = at + letters.width(swing, Weight.ITALIC, WORDS_SIZE);
            at = end + GAP;
        }
        if (bar.change().isPresent()) {
            at = change(bar.change().get(), at) + GAP;
            at = words("(", at);
            at = tempo(bar.tempo(), at);
            end = words(")", at);
        } else if (first) {
            end = tempo(bar.tempo(), at);
        }
        return end;
    }

    private double mark(String text, double x) {
        double width = letters.width(text, Weight.BOLD, SIZE);
        double pad = 0.4;
        marks.add(new Words(text, x + pad, 0, SIZE, Weight.BOLD, Align.START, Ink.INK));
        double top = -SIZE * 0.85;
        double bottom = SIZE * 0.3;
        double right = x + width + 2 * pad;
        List<double[]> sides = new ArrayList<>();
        sides.add(new double[] {x, top, right, top});
        sides.add(new double[] {x, bottom, right, bottom});
        sides.add(new double[] {x, top, x, bottom});
        sides.add(new double[] {right, top, right, bottom});
        sides.forEach(
                s -> marks.add(new Line(s[0], s[1], s[2], s[3], face.lines().thinBarLine(), Ink.INK)));
        return right;
    }

    private double tempo(Tempo tempo, double x) {
        double at = note(tempo.beat(), x);
        return words(" = " + Tempo.decimal(tempo.perMinute()), at);
    }

    private double change(Pivot change, double x) {
        double at = note(change.oldValue(), x);
        at = words(" = ", at);
        return note(change.newValue(), at);
    }

    private double note(NoteValue value, double x) {
        NoteSign sign = NoteSign.of(face, letters, value, NOTE_SIZE);
        marks.addAll(sign.marks(x, 0));
        tallest = Math.max(tallest, sign.height());
        return x + sign.width();
    }

    private double words(String text, double x) {
        marks.add(new Words(text, x, 0, SIZE, Weight.BOLD, Align.START, Ink.INK));
        return x + letters.width(text, Weight.BOLD, SIZE);
    }
}
