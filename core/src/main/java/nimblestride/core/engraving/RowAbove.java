package nimblestride.core.engraving;

import java.util.ArrayList;
import java.util.List;
import nimblestride.core.engraving.Mark.Align;
import nimblestride.core.engraving.Mark.Line;
import nimblestride.core.engraving.Mark.Weight;
import nimblestride.core.engraving.Mark.Words;
import nimblestride.core.modulation.Pivot;
import nimblestride.core.score.WrittenBar;
import nimblestride.core.value.NoteValue;
import nimblestride.core.value.Tempo;

/** What stands over the staff: tempo, modulations, rehearsal marks, how often to repeat, and bar numbers. */
final class RowAbove {
    private static final double SIZE = 1.9;
    private static final double WORDS_SIZE = 1.5;
    private static final double NOTE_SIZE = 0.9;
    private static final double NUMBER_SIZE = 1.2;
    private static final double GAP = 0.9;
    private static final double HEIGHT = 3.2;

    private final Strip strip;
    private final MusicFace face;
    private final Lettering letters;

    RowAbove(Strip strip, MusicFace face, Lettering letters) {
        this.strip = strip;
        this.face = face;
        this.letters = letters;
    }

    void paint(List<Segment> segments, double[] starts) {
        double y = strip.top() - GAP;
        boolean any = false;
        double free = Double.NEGATIVE_INFINITY;
        for (int i = 0; i < segments.size(); i++) {
            WrittenBar bar = segments.get(i).bar();
            double x = Math.max(starts[i] + (i == 0 ? -Engraver.CLEF_ROOM : 0), free);
            if (segments.get(i).opens()) {
                double end = signs(bar, segments.get(i).index() == 0, x, y);
                any |= end > x;
                free = end > x ? end + 2 * GAP : free;
            }
            if (segments.get(i).closes() && bar.repeatEnds() > 2) {
                String times = "× " + bar.repeatEnds();
                strip.add(new Words(times, starts[i + 1], y, SIZE, Weight.BOLD, Align.END, Ink.INK));
                any = true;
            }
        }
        Segment first = segments.get(0);
        if (first.opens() && first.bar().number() > 0) {
            String number = Long.toString(first.bar().number() + 1);
            strip.add(new Words(number, 0, -2.8, NUMBER_SIZE, Weight.REGULAR, Align.START, Ink.QUIET));
        }
        if (any) {
            strip.reach(y - HEIGHT);
        }
    }

    /** Returns where they end. */
    private double signs(WrittenBar bar, boolean first, double x, double y) {
        double at = x;
        if (!bar.signs().mark().isEmpty()) {
            at = mark(bar.signs().mark(), at, y) + GAP;
        }
        if (!bar.signs().words().isEmpty()) {
            strip.add(new Words(bar.signs().words(), at, y, WORDS_SIZE, Weight.ITALIC, Align.START, Ink.LANDING));
            at += letters.width(bar.signs().words(), Weight.ITALIC, WORDS_SIZE) + GAP;
        }
        if (bar.change().isPresent()) {
            at = change(bar.change().get(), at, y) + GAP;
            at = words("(", at, y);
            at = tempo(bar.tempo(), at, y);
            at = words(")", at, y);
        } else if (first) {
            at = tempo(bar.tempo(), at, y);
        }
        return at;
    }

    private double mark(String text, double x, double y) {
        double width = letters.width(text, Weight.BOLD, SIZE);
        double pad = 0.4;
        strip.add(new Words(text, x + pad, y, SIZE, Weight.BOLD, Align.START, Ink.INK));
        double top = y - SIZE * 0.85;
        double bottom = y + SIZE * 0.3;
        double right = x + width + 2 * pad;
        List<double[]> sides = new ArrayList<>();
        sides.add(new double[] {x, top, right, top});
        sides.add(new double[] {x, bottom, right, bottom});
        sides.add(new double[] {x, top, x, bottom});
        sides.add(new double[] {right, top, right, bottom});
        sides.forEach(
                s -> strip.add(new Line(s[0], s[1], s[2], s[3], face.lines().thinBarLine(), Ink.INK)));
        return right;
    }

    private double tempo(Tempo tempo, double x, double y) {
        double at = note(tempo.beat(), x, y);
        return words(" = " + Tempo.decimal(tempo.perMinute()), at, y);
    }

    private double change(Pivot change, double x, double y) {
        double at = note(change.old(), x, y);
        at = words(" = ", at, y);
        return note(change.now(), at, y);
    }

    private double note(NoteValue value, double x, double y) {
        NoteSign sign = NoteSign.of(face, letters, value, NOTE_SIZE);
        sign.marks(x, y).forEach(strip::add);
        return x + sign.width();
    }

    private double words(String text, double x, double y) {
        strip.add(new Words(text, x, y, SIZE, Weight.BOLD, Align.START, Ink.INK));
        return x + letters.width(text, Weight.BOLD, SIZE);
    }
}
