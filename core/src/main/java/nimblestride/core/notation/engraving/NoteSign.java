package nimblestride.core.notation.engraving;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblestride.core.notation.engraving.Mark.Align;
import nimblestride.core.notation.engraving.Mark.Sign;
import nimblestride.core.notation.engraving.Mark.Weight;
import nimblestride.core.notation.engraving.Mark.Words;
import nimblestride.core.notation.score.NoteShape;
import nimblestride.core.notation.score.Tuplet;
import nimblestride.core.time.value.NoteValue;

/** A note value among words, as in a tempo mark; a note of a tuplet has its number over it. */
public final class NoteSign {
    private static final double LIST_SIZE = 1;
    private static final double LIST_WIDTH = 3.4;
    private static final double LIST_HEIGHT = 4.4;
    private static final double LIST_FOOT = 0.8;
    private static final double LIST_LEFT = 0.6;

    private static final double NUMBER_SIZE = 1.1;
    private static final double NUMBER_HEIGHT = 2.9;
    private static final double NUMBER_GAP = 0.15;

    private final MusicFontMetrics face;
    private final TextMetrics letters;
    private final Optional<NoteShape> shape;
    private final String number;
    private final String words;
    private final double size;

    NoteSign(MusicFontMetrics face, TextMetrics letters, NoteShape shape, double size) {
        this(face, letters, shape, "", size);
    }

    private NoteSign(MusicFontMetrics face, TextMetrics letters, NoteShape shape, String number, double size) {
        this.face = face;
        this.letters = letters;
        this.shape = Optional.of(shape);
        this.number = number;
        this.words = "";
        this.size = size;
    }

    private NoteSign(MusicFontMetrics face, TextMetrics letters, String words, double size) {
        this.face = face;
        this.letters = letters;
        this.shape = Optional.empty();
        this.number = "";
        this.words = words;
        this.size = size;
    }

    /** Creates the sign of a value: a note, or a fraction if no single note has that value. */
    static NoteSign of(MusicFontMetrics face, TextMetrics letters, NoteValue value, double size) {
        Optional<NoteShape> plain = NoteShape.of(value);
        if (plain.isPresent()) {
            return new NoteSign(face, letters, plain.get(), size);
        }
        Optional<Tuplet> tuplet = Tuplet.holding(value);
        if (tuplet.isPresent()) {
            return new NoteSign(
                    face,
                    letters,
                    tuplet.get().unit(),
                    Integer.toString(tuplet.get().actual()),
                    size);
        }
        return new NoteSign(face, letters, value.toString(), size);
    }

    /** Draws a value alone, for a list of values: all equally large, except those that would not fit. */
    public static Drawing drawing(MusicFontMetrics face, TextMetrics letters, NoteValue value) {
        NoteSign sign = of(face, letters, value, LIST_SIZE);
        double baseline = LIST_HEIGHT - LIST_FOOT;
        double smaller = Math.min(1, Math.min(baseline / sign.height(), (LIST_WIDTH - LIST_LEFT) / sign.width()));
        List<Mark> marks = sign.marks(0, 0).stream()
                .map(mark -> mark.scaledBy(smaller).movedBy(LIST_LEFT, baseline))
                .toList();
        return new Drawing(LIST_WIDTH, LIST_HEIGHT, marks, List.of());
    }

    double width() {
        if (shape.isEmpty()) {
            return letters.width(words, Weight.BOLD, 2 * size);
        }
        double note = face.width(Glyph.mark(shape.get()));
        return (note + (shape.get().dots() > 0 ? 0.3 + face.width(Glyph.MARK_DOT) : 0)) * size;
    }

    /** Returns how far it reaches above its baseline. */
    double height() {
        return number.isEmpty() ? noteHeight() : numberHeight() + NUMBER_SIZE;
    }

    private double noteHeight() {
        return shape.map(note -> face.box(Glyph.mark(note)).north()).orElse(2.0) * size;
    }

    /** Returns the height of its number, which stands clear of the flags. */
    private double numberHeight() {
        return Math.max(NUMBER_HEIGHT * size, noteHeight() + NUMBER_GAP);
    }

    /** Returns its marks, from an x, on a baseline. */
    List<Mark> marks(double x, double baseline) {
        List<Mark> marks = new ArrayList<>();
        if (shape.isEmpty()) {
            marks.add(new Words(words, x, baseline, 2 * size, Weight.BOLD, Align.START, Ink.INK));
            return marks;
        }
        Glyph note = Glyph.mark(shape.get());
        marks.add(new Sign(note, x, baseline, size, Ink.INK));
        if (shape.get().dots() > 0) {
            marks.add(new Sign(Glyph.MARK_DOT, x + (face.width(note) + 0.3) * size, baseline, size, Ink.INK));
        }
        if (!number.isEmpty()) {
            marks.add(new Words(
                    number,
                    x + face.width(note) * size / 2,
                    baseline - numberHeight(),
                    NUMBER_SIZE,
                    Weight.ITALIC,
                    Align.MIDDLE,
                    Ink.INK));
        }
        return marks;
    }
}
