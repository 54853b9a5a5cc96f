package nimblestride.core.notation.page;

import java.util.ArrayList;
import java.util.List;
import nimblestride.core.notation.engraving.Drawing;
import nimblestride.core.notation.engraving.Ink;
import nimblestride.core.notation.engraving.Mark;
import nimblestride.core.notation.engraving.Mark.Align;
import nimblestride.core.notation.engraving.Mark.Weight;
import nimblestride.core.notation.engraving.Mark.Words;
import nimblestride.core.notation.engraving.TextMetrics;
import nimblestride.core.time.value.NoteName;
import nimblestride.core.time.value.Tempo;

/** Lists the tempos on the way to the goal, slowest first, each with boxes to tick. */
final class StagesTable {
    private static final int BOXES = 5;
    private static final double ROW = 3.1;
    private static final double SIZE = 1.9;
    private static final double COLUMN = 46;

    private final Sheet sheet;
    private final Tempo goal;
    private final TextMetrics letters;
    private final double width;

    StagesTable(Sheet sheet, Tempo goal, TextMetrics letters, double width) {
        this.sheet = sheet;
        this.goal = goal;
        this.letters = letters;
        this.width = width;
    }

    /** Returns whole beats per minute, evenly from the first to the goal; the last is the goal itself. */
    static List<String> tempos(Tempo goal, int stages, int firstPercent) {
        List<String> tempos = new ArrayList<>();
        double full = goal.perMinute().doubleValue();
        double first = full * firstPercent / 100;
        for (int i = 0; i + 1 < stages; i++) {
            tempos.add(Long.toString(Math.max(1, Math.round(first + (full - first) * i / (stages - 1)))));
        }
        tempos.add(Tempo.decimal(goal.perMinute()));
        return tempos.stream().distinct().toList();
    }

    Drawing drawing() {
        List<Mark> marks = new ArrayList<>();
        String title = "Stages, BPM (" + NoteName.sayMany(goal.beat()) + ")";
        marks.add(new Words(title, 0, SIZE + 0.2, SIZE + 0.2, Weight.BOLD, Align.START, Ink.INK));
        List<String> tempos = tempos(goal, sheet.stages(), sheet.firstPercent());
        int columns = Math.max(1, (int) (width / COLUMN));
        int rows = (tempos.size() + columns - 1) / columns;
        for (int i = 0; i < tempos.size(); i++) {
            int column = i / rows;
            double x = column * COLUMN;
            double y = 3.4 + i % rows * ROW;
            stage(marks, x, y, tempos.get(i), i + 1 == tempos.size());
        }
        return new Drawing(width, 3.4 + rows * ROW, marks, List.of());
    }

    private void stage(List<Mark> marks, double x, double y, String tempo, boolean isGoal) {
        marks.add(new Words(tempo, x + 5, y + TickBox.SIDE - 0.4, SIZE, Weight.BOLD, Align.END, Ink.INK));
        for (int box = 0; box < BOXES; box++) {
            marks.addAll(TickBox.at(x + 6.5 + box * (TickBox.SIDE + 0.9), y));
        }
        if (isGoal) {
            double after = x + 6.5 + BOXES * (TickBox.SIDE + 0.9) + 0.4;
            String goalWord = "goal";
            double fits = letters.width(goalWord, Weight.ITALIC, SIZE);
            if (after + fits <= width) {
                marks.add(new Words(
                        goalWord, after, y + TickBox.SIDE - 0.4, SIZE, Weight.ITALIC, Align.START, Ink.QUIET));
            }
        }
    }
}
