package nimblestride.desktop.workspace.place;

import java.util.List;
import java.util.stream.Collectors;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import nimblestride.core.layer.limbs.LimbNote;
import nimblestride.core.time.counting.SpokenSyllable;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.CountPosition;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import nimblestride.desktop.ui.look.MarkBatch;
import nimblestride.desktop.ui.look.MarkShape;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.ui.look.Typefaces;

/** Paints count lines. */
final class CountLinesPainter {
    private static final double TOP = 14;
    private static final double MAX_LINE_HEIGHT = 34;
    private static final double MIN_LINE_HEIGHT = 29;
    private static final double STICKING = 19;
    private static final double MARK = 4.5;

    private final double width;
    private final double height;
    private final GraphicsContext g;
    private final Palette palette;
    private final Phrase phrase;
    private final CountLineText words;
    private final CountSpacing spacing;
    private final double start;
    private final List<CountLines.Line> lines;
    private final double line;

    /** @param start the moment at the left edge, in whole notes */
    CountLinesPainter(
            GraphicsContext g,
            double width,
            double height,
            Palette palette,
            CountLineText words,
            CountSpacing spacing,
            double start,
            List<CountLines.Line> lines) {
        this.g = g;
        this.width = width;
        this.height = height;
        this.palette = palette;
        this.phrase = words.phrase();
        this.words = words;
        this.spacing = spacing;
        this.start = start;
        this.lines = lines;
        double room = (height - TOP - STICKING) / Math.max(1, lines.size());
        this.line = Math.max(MIN_LINE_HEIGHT, Math.min(MAX_LINE_HEIGHT, room));
    }

    /** Returns the minimum height of a number of lines. */
    static double height(int lines) {
        return TOP + MIN_LINE_HEIGHT * Math.max(1, lines) + STICKING;
    }

    void paint() {
        for (int i = 0; i < lines.size(); i++) {
            text(Typefaces.text(13), palette.ink(), TextAlignment.LEFT);
            g.fillText(lines.get(i).limb().title(), 0, y(i) + 8);
        }
        if (lines.isEmpty()) {
            text(Typefaces.text(13), palette.quiet(), TextAlignment.LEFT);
            g.fillText("empty", 0, y(0) + 8);
        }
        text(Typefaces.text(13), palette.quiet(), TextAlignment.LEFT);
        g.fillText("sticking", 0, stickingY() + 3);
        clipToCounts();
        for (int number = 0; number < phrase.bars().size(); number++) {
            double from = phrase.startOf(number).toDouble();
            if (x(from) > width) {
                break;
            }
            if (x(phrase.startOf(number + 1L).toDouble()) >= CountSpacing.NAMES) {
                paintBar(number);
            }
        }
        for (int i = 0; i < lines.size(); i++) {
            for (LimbNote note : lines.get(i).notes()) {
                paintNote(note, y(i));
            }
        }
        text(Typefaces.bold(13), palette.ink(), TextAlignment.CENTER);
        words.sticking(lines).forEach((at, letters) -> g.fillText(letters, x(at.toDouble()), stickingY() + 3));
        g.restore();
    }

    /** Keeps what is painted out of the names on the left, until the state is restored. */
    private void clipToCounts() {
        g.save();
        g.beginPath();
        g.rect(CountSpacing.NAMES, 0, width, height);
        g.clip();
    }

    private double x(double moment) {
        return spacing.x(moment - start);
    }

    private double y(int index) {
        return TOP + line * index;
    }

    private double stickingY() {
        return TOP + line * Math.max(1, lines.size()) + 4;
    }

    private void paintBar(int number) {
        Bar bar = phrase.bars().get(number);
        double from = phrase.startOf(number).toDouble();
        g.setStroke(palette.quiet());
        g.setLineWidth(1);
        double line = x(from) - spacing.lead();
        g.strokeLine(line, 2, line, stickingY() + 10);
        for (SpokenSyllable said : words.said(bar)) {
            double x = x(from + said.at().toDouble());
            for (int i = 0; i < Math.max(1, lines.size()); i++) {
                text(
                        said.startsGroup() ? Typefaces.bold(12.5) : Typefaces.text(12.5),
                        palette.quiet(),
                        TextAlignment.CENTER);
                g.setGlobalAlpha(0.75);
                g.fillText(said.syllable(), x, y(i) + 9);
                g.setGlobalAlpha(1);
            }
        }
    }

    private void paintNote(LimbNote note, double y) {
        double x = x(note.at().toDouble());
        if (x < CountSpacing.NAMES || x > width + spacing.lead()) {
            return;
        }
        Color color = palette.layer(note.layer());
        g.setFill(palette.ground());
        g.fillRect(x - 10, y, 20, 18);
        text(Typefaces.bold(15), palette.ink(), TextAlignment.CENTER);
        g.fillText(words.of(note), x, y + 9);
        new MarkBatch()
                .add(MarkShape.of(note.layer()), x, y - 4, MARK, note.stroke(), color)
                .draw(g);
    }

    /**
     * Paints the selected count.
     *
     * @param carrying whether a note is being carried
     */
    void paintSpot(CountLines.Spot spot, boolean carrying) {
        double x = x(phrase.startOf(spot.bar()).plus(spot.position()).toDouble());
        clipToCounts();
        g.setStroke(palette.landing());
        g.setLineWidth(carrying ? 2.5 : 1.4);
        g.strokeRoundRect(x - 12, 1, 24, stickingY() + 10, 8, 8);
        g.restore();
    }

    private void text(Font font, Color color, TextAlignment align) {
        g.setFont(font);
        g.setFill(color);
        g.setTextAlign(align);
        g.setTextBaseline(VPos.CENTER);
    }

    /** Describes the lines in words. */
    static String describe(List<CountLines.Line> lines, Phrase phrase) {
        return lines.stream()
                .map(line -> line.limb().title() + ": "
                        + line.notes().stream()
                                .limit(64)
                                .map(note -> note.voice() + " on " + place(note.at(), phrase))
                                .collect(Collectors.joining(", ")))
                .collect(Collectors.joining(". "));
    }

    private static String place(NoteValue at, Phrase phrase) {
        long number = phrase.barAt(at);
        return new CountPosition(phrase.bar(number).meter(), at.minus(phrase.startOf(number))) + " of bar "
                + (number + 1);
    }
}
