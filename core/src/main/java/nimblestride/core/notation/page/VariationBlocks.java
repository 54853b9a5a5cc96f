package nimblestride.core.notation.page;

import java.util.ArrayList;
import java.util.List;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.notation.engraving.Drawing;
import nimblestride.core.notation.engraving.Engraver;
import nimblestride.core.notation.engraving.Ink;
import nimblestride.core.notation.engraving.Mark;
import nimblestride.core.notation.engraving.Mark.Align;
import nimblestride.core.notation.engraving.Mark.Weight;
import nimblestride.core.notation.engraving.Mark.Words;
import nimblestride.core.notation.engraving.MusicFontMetrics;
import nimblestride.core.notation.engraving.TextMetrics;

/** Makes the blocks of a sheet of variations: each with its number, boxes to tick, its words, and its staff. */
final class VariationBlocks {
    private static final int BOXES = 5;
    private static final double SIZE = 1.9;
    private static final double BETWEEN = 2.6;
    private static final double BOX_GAP = 0.9;

    private final Sheet sheet;
    private final MusicFontMetrics face;
    private final TextMetrics letters;
    private final double width;

    VariationBlocks(Sheet sheet, MusicFontMetrics face, TextMetrics letters, double width) {
        // The count is the same for all, and the page holds more of them without it.
        this.sheet = sheet.with(SheetItem.COUNT, false);
        this.face = face;
        this.letters = letters;
        this.width = width;
    }

    /** Returns a block for each line of a variation; its number and boxes stay with its first line. */
    List<SheetBlock> of(int number, Exercise variation) {
        List<SheetBlock> blocks = new ArrayList<>();
        List<Drawing> lines = new Engraver(face, letters).lines(sheet.score(variation), width);
        double first = lines.isEmpty() ? 0 : lines.get(0).height();
        blocks.add(new SheetBlock(heading(number, variation.name()), BETWEEN, first));
        lines.forEach(line -> blocks.add(new SheetBlock(line, 0.4, 0)));
        return blocks;
    }

    private Drawing heading(int number, String name) {
        List<Mark> marks = new ArrayList<>();
        double boxes = BOXES * (TickBox.SIDE + BOX_GAP);
        String words = SheetBlocks.cut(number + ".  " + name, letters, SIZE, width - boxes - 2);
        marks.add(new Words(words, 0, SIZE, SIZE, Weight.BOLD, Align.START, Ink.INK));
        for (int box = 0; box < BOXES; box++) {
            marks.addAll(TickBox.at(width - boxes + box * (TickBox.SIDE + BOX_GAP), 0));
        }
        return new Drawing(width, TickBox.SIDE + 0.4, marks, List.of());
    }
}
