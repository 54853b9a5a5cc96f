package nimblestride.core.notation.page;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.notation.engraving.Drawing;
import nimblestride.core.notation.engraving.Engraver;
import nimblestride.core.notation.engraving.Ink;
import nimblestride.core.notation.engraving.Mark;
import nimblestride.core.notation.engraving.Mark.Align;
import nimblestride.core.notation.engraving.Mark.Line;
import nimblestride.core.notation.engraving.Mark.Weight;
import nimblestride.core.notation.engraving.Mark.Words;
import nimblestride.core.notation.engraving.MusicFontMetrics;
import nimblestride.core.notation.engraving.TextMetrics;
import nimblestride.core.notation.engraving.VoicesLegend;
import nimblestride.core.notation.score.Score;
import nimblestride.core.time.counting.SpokenSyllable;
import nimblestride.core.time.counting.Subdivision;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.value.Tempo;

/** Makes the blocks of an exercise's sheet, in the order of its sections. */
final class SheetBlocks {
    private static final double TITLE = 4.6;
    private static final double SUBTITLE = 2.1;
    private static final double BODY = 1.9;
    private static final double LEADING = 1.35;
    private static final double BETWEEN = 3.2;
    private static final double BETWEEN_STAVES = 2.2;
    private static final double HEADING = 2.1;
    private static final int MAX_COUNTED_BARS = 48;
    private static final int NOTE_LINES = 6;
    private static final double NOTE_LINE = 4.4;

    private final Sheet sheet;
    private final Exercise exercise;
    private final MusicFontMetrics face;
    private final TextMetrics letters;
    private final double width;
    private final List<SheetBlock> blocks = new ArrayList<>();

    SheetBlocks(Sheet sheet, Exercise exercise, MusicFontMetrics face, TextMetrics letters, double width) {
        this.sheet = sheet;
        this.exercise = exercise;
        this.face = face;
        this.letters = letters;
        this.width = width;
    }

    List<SheetBlock> all() {
        blocks.add(title(exercise.name(), subtitle(), letters, width));
        if (shows(SheetItem.ROAD)) {
            eachContent(content -> new RoadPrint(content, sheet.counting(), letters, width)
                    .rows()
                    .forEach(row -> blocks.add(new SheetBlock(row, BETWEEN_STAVES, 0))));
        }
        if (shows(SheetItem.STAFF)) {
            staff();
        } else if (shows(SheetItem.COUNT)) {
            heading("Count");
            eachContent(this::counts);
        }
        if (shows(SheetItem.FACTS)) {
            facts();
        }
        if (shows(SheetItem.STAGES)) {
            blocks.add(new SheetBlock(new StagesTable(sheet, exercise.start(), letters, width).drawing(), BETWEEN, 0));
        }
        if (shows(SheetItem.NOTES)) {
            notes();
        }
        return blocks;
    }

    private boolean shows(SheetItem section) {
        return sheet.sections().contains(section);
    }

    private String subtitle() {
        String line = words(exercise.start());
        return sheet.forWhom().isBlank() ? line : sheet.forWhom() + " · " + line;
    }

    /** Adds a heading over each content where there are several. */
    private void eachContent(Consumer<Exercise> block) {
        for (int content = 0; content < exercise.contents().size(); content++) {
            Exercise turned = exercise.withSelected(content);
            if (exercise.contents().size() > 1) {
                heading(turned.content().name() + ", " + words(turned.tempo()));
            }
            block.accept(turned.selectedOnly());
        }
    }

    private static String words(Tempo tempo) {
        return tempo.spoken();
    }

    private void staff() {
        Score score = sheet.score(exercise);
        boolean first = true;
        for (Drawing line : new Engraver(face, letters).fewestLines(score, width)) {
            blocks.add(new SheetBlock(line, first ? BETWEEN : BETWEEN_STAVES, 0));
            first = false;
        }
        new VoicesLegend(face, letters)
                .rows(score, width)
                .forEach(row -> blocks.add(new SheetBlock(row, BETWEEN_STAVES, 0)));
        score.leftOut().forEach(reason -> text("Can't write this: " + reason, Weight.ITALIC));
    }

    /** Adds a line for each bar, with its groups apart. */
    private void counts(Exercise content) {
        List<Bar> bars = content.phrase().bars();
        for (int i = 0; i < Math.min(MAX_COUNTED_BARS, bars.size()); i++) {
            Bar bar = bars.get(i);
            if (i > 0 && bar.equals(bars.get(i - 1))) {
                continue;
            }
            StringBuilder line = new StringBuilder(bar.meter() + ":  ");
            int group = 0;
            for (SpokenSyllable said : sheet.counting().count(bar, Subdivision.AS_WRITTEN)) {
                line.append(said.group() == group ? " " : "   |   ").append(said.syllable());
                group = said.group();
            }
            text(line.toString(), Weight.REGULAR);
        }
    }

    private void facts() {
        heading("How it lines up");
        SheetFacts.of(exercise, text -> letters.width(text, Weight.REGULAR, BODY) <= width)
                .forEach(fact -> text(fact, Weight.REGULAR));
    }

    private void notes() {
        heading("Notes");
        List<Mark> lines = new ArrayList<>();
        for (int i = 1; i <= NOTE_LINES; i++) {
            lines.add(new Line(0, i * NOTE_LINE, width, i * NOTE_LINE, 0.08, Ink.LINE));
        }
        blocks.add(new SheetBlock(new Drawing(width, NOTE_LINES * NOTE_LINE + 0.2, lines, List.of()), 0, 0));
    }

    private void heading(String text) {
        Words words = new Words(text, 0, HEADING, HEADING, Weight.BOLD, Align.START, Ink.INK);
        blocks.add(new SheetBlock(
                new Drawing(width, HEADING * LEADING, List.of(words), List.of()), BETWEEN, 2 * BODY * LEADING));
    }

    private void text(String text, Weight weight) {
        blocks.add(new SheetBlock(lines(text, BODY, weight, Ink.INK, letters, width), 0.3, 0));
    }

    /** Makes a title on as many lines as it takes, and a line under it. */
    static SheetBlock title(String title, String subtitle, TextMetrics letters, double width) {
        List<Drawing> parts = new ArrayList<>();
        parts.add(lines(title, TITLE, Weight.BOLD, Ink.INK, letters, width));
        if (!subtitle.isEmpty()) {
            parts.add(lines(subtitle, SUBTITLE, Weight.REGULAR, Ink.QUIET, letters, width));
        }
        return new SheetBlock(Drawing.below(parts, 0.4), 0, 0);
    }

    /** Makes a line of a booklet's contents. */
    static SheetBlock entry(Exercise exercise, int page, TextMetrics letters, double width) {
        String meters = exercise.phrase().bars().stream()
                .map(bar -> bar.meter().toString())
                .distinct()
                .limit(4)
                .collect(Collectors.joining(", "));
        String name = cut(exercise.name(), letters, SUBTITLE, width * 0.6);
        double after = letters.width(name, Weight.BOLD, SUBTITLE) + 1.5;
        List<Mark> marks = List.of(
                new Words(name, 0, SUBTITLE, SUBTITLE, Weight.BOLD, Align.START, Ink.INK),
                new Words(
                        cut(meters, letters, BODY, width - after - 8),
                        after,
                        SUBTITLE,
                        BODY,
                        Weight.REGULAR,
                        Align.START,
                        Ink.QUIET),
                new Words(Integer.toString(page), width, SUBTITLE, SUBTITLE, Weight.REGULAR, Align.END, Ink.INK));
        return new SheetBlock(new Drawing(width, SUBTITLE * LEADING, marks, List.of()), 0.8, 0);
    }

    static Drawing lines(String text, double size, Weight weight, Ink ink, TextMetrics letters, double width) {
        List<Mark> marks = new ArrayList<>();
        double y = 0;
        for (String line : TextWrapping.fill(text, letters, weight, size, width)) {
            marks.add(new Words(line, 0, y + size, size, weight, Align.START, ink));
            y += size * LEADING;
        }
        return new Drawing(width, y, marks, List.of());
    }

    /** Cuts words that do not fit, and ends them with dots. */
    static String cut(String text, TextMetrics letters, double size, double room) {
        if (letters.width(text, Weight.BOLD, size) <= room) {
            return text;
        }
        String shorter = text;
        while (!shorter.isEmpty() && letters.width(shorter + "…", Weight.BOLD, size) > room) {
            shorter = shorter.substring(0, shorter.offsetByCodePoints(shorter.length(), -1));
        }
        return shorter + "…";
    }
}
