package nimblestride.desktop.placing;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import nimblestride.core.counting.CountingSchool;
import nimblestride.core.counting.Division;
import nimblestride.core.counting.Said;
import nimblestride.core.groove.Ornament;
import nimblestride.core.groove.Stroke;
import nimblestride.core.hands.Played;
import nimblestride.core.meter.Bar;
import nimblestride.core.meter.Phrase;
import nimblestride.core.meter.Place;
import nimblestride.core.value.NoteValue;
import nimblestride.desktop.look.Face;
import nimblestride.desktop.look.MarkShape;
import nimblestride.desktop.look.Marks;
import nimblestride.desktop.look.Palette;

/** Paints count lines. */
final class CountLinesPainter {
    /** How wide the names of the limbs stand. */
    static final double GUTTER = 96;

    private static final double TOP = 14;
    private static final double TALLEST_LINE = 34;
    private static final double LOWEST_LINE = 29;
    private static final double STICKING = 19;
    private static final int FIRST_BARS = 8;
    private static final int FIRST_COUNTS = 200;
    private static final double WIDEST = 4_000;
    private static final double BETWEEN_COUNTS = 27;
    private static final double MARK = 4.5;

    private final double width;
    private final double height;
    private final GraphicsContext g;
    private final Palette palette;
    private final Phrase phrase;
    private final CountingSchool school;
    private final Division division;
    private final double scale;
    private final double start;
    private double line;

    /**
     * @param scale pixels for a whole note
     * @param start the moment at the left edge, in whole notes
     */
    CountLinesPainter(
            GraphicsContext g,
            double width,
            double height,
            Palette palette,
            Phrase phrase,
            CountingSchool school,
            Division division,
            double scale,
            double start) {
        this.g = g;
        this.width = width;
        this.height = height;
        this.palette = palette;
        this.phrase = phrase;
        this.school = school;
        this.division = division;
        this.scale = scale;
        this.start = start;
    }

    /** Pixels for a whole note at which the closest counts and notes of the first bars can be read. */
    static double scale(Phrase phrase, CountingSchool school, Division division, List<CountLines.Line> lines) {
        TreeSet<NoteValue> moments = new TreeSet<>();
        for (int number = 0; number < Math.min(FIRST_BARS, phrase.bars().size()); number++) {
            NoteValue start = phrase.startOf(number);
            school.count(phrase.bars().get(number), division).stream()
                    .limit(FIRST_COUNTS)
                    .forEach(said -> moments.add(start.plus(said.at())));
        }
        NoteValue end = phrase.startOf(Math.min(FIRST_BARS, phrase.bars().size()));
        lines.forEach(line -> line.notes().stream()
                .limit(FIRST_COUNTS)
                .map(Played::at)
                .filter(at -> at.compareTo(end) < 0)
                .forEach(moments::add));
        double closest = 1;
        NoteValue before = null;
        for (NoteValue moment : moments) {
            closest = before == null
                    ? closest
                    : Math.min(closest, moment.minus(before).toDouble());
            before = moment;
        }
        return Math.min(WIDEST, BETWEEN_COUNTS / closest);
    }

    /** How high so many lines must stand to be told apart. */
    static double height(int lines) {
        return TOP + LOWEST_LINE * Math.max(1, lines) + STICKING;
    }

    void paint(List<CountLines.Line> lines, Optional<CountLines.Spot> spot, boolean carrying) {
        double room = (height - TOP - STICKING) / Math.max(1, lines.size());
        line = Math.max(LOWEST_LINE, Math.min(TALLEST_LINE, room));
        for (int i = 0; i < lines.size(); i++) {
            text(Face.text(13), palette.ink(), TextAlignment.LEFT);
            g.fillText(lines.get(i).limb().title(), 0, y(i) + 8);
        }
        if (lines.isEmpty()) {
            text(Face.text(13), palette.quiet(), TextAlignment.LEFT);
            g.fillText("nothing yet", 0, y(0) + 8);
        }
        text(Face.text(13), palette.quiet(), TextAlignment.LEFT);
        g.fillText("sticking", 0, stickingY(lines) + 3);
        g.save();
        g.beginPath();
        g.rect(GUTTER - 12, 0, width, height);
        g.clip();
        for (int number = 0; number < phrase.bars().size(); number++) {
            double from = phrase.startOf(number).toDouble();
            if (x(from) > width) {
                break;
            }
            if (x(phrase.startOf(number + 1L).toDouble()) >= GUTTER - 12) {
                paintBar(number, lines);
            }
        }
        Map<NoteValue, String> hands = new TreeMap<>();
        for (int i = 0; i < lines.size(); i++) {
            for (Played note : lines.get(i).notes()) {
                paintNote(note, y(i));
                if (note.limb().isHand()) {
                    hands.merge(note.at(), letter(note), String::concat);
                }
            }
        }
        text(Face.bold(13), palette.ink(), TextAlignment.CENTER);
        hands.forEach((at, letters) -> g.fillText(letters, x(at.toDouble()), stickingY(lines) + 3));
        spot.ifPresent(here -> paintSpot(here, lines, carrying));
        g.restore();
    }

    private double x(double moment) {
        return GUTTER + (moment - start) * scale;
    }

    private double y(int index) {
        return TOP + line * index;
    }

    private double stickingY(List<CountLines.Line> lines) {
        return TOP + line * Math.max(1, lines.size()) + 4;
    }

    private void paintBar(int number, List<CountLines.Line> lines) {
        Bar bar = phrase.bars().get(number);
        double from = phrase.startOf(number).toDouble();
        g.setStroke(palette.quiet());
        g.setLineWidth(1);
        g.strokeLine(x(from) - 11, 2, x(from) - 11, stickingY(lines) + 10);
        for (Said said : school.count(bar, division)) {
            double x = x(from + said.at().toDouble());
            for (int i = 0; i < Math.max(1, lines.size()); i++) {
                text(said.startsGroup() ? Face.bold(12.5) : Face.text(12.5), palette.quiet(), TextAlignment.CENTER);
                g.setGlobalAlpha(0.75);
                g.fillText(said.syllable(), x, y(i) + 9);
                g.setGlobalAlpha(1);
            }
        }
    }

    private void paintNote(Played note, double y) {
        double x = x(note.at().toDouble());
        if (x < GUTTER - 12 || x > width + 12) {
            return;
        }
        Color color = palette.layer(note.layer());
        g.setFill(palette.ground());
        g.fillRect(x - 10, y, 20, 18);
        text(Face.bold(15), palette.ink(), TextAlignment.CENTER);
        g.fillText(signs(note.stroke(), syllable(note.at())), x, y + 9);
        new Marks()
                .add(MarkShape.of(note.layer()), x, y - 4, MARK, note.stroke(), color)
                .draw(g);
    }

    private static String letter(Played note) {
        return signs(note.stroke(), String.valueOf(note.limb().letter()));
    }

    /** What is said there, or the place itself where nothing is. */
    private String syllable(NoteValue at) {
        long number = phrase.barAt(at);
        Bar bar = phrase.bar(number);
        NoteValue position = at.minus(phrase.startOf(number));
        return school.count(bar, division).stream()
                .filter(said -> said.at().equals(position))
                .map(Said::syllable)
                .findFirst()
                .orElseGet(() -> new Place(bar.meter(), position).syllable());
    }

    private static String signs(Stroke stroke, String word) {
        String before = stroke.ornament() == Ornament.NONE
                ? ""
                : stroke.ornament().title().substring(0, 1) + "·";
        return switch (stroke.level()) {
            case GHOST -> "(" + before + word + ")";
            case SOFT, NORMAL -> before + word;
            case ACCENT -> ">" + before + word;
            case STRONG -> "^" + before + word;
        };
    }

    private void paintSpot(CountLines.Spot spot, List<CountLines.Line> lines, boolean carrying) {
        double x = x(phrase.startOf(spot.bar()).plus(spot.position()).toDouble());
        g.setStroke(palette.landing());
        g.setLineWidth(carrying ? 2.5 : 1.4);
        g.strokeRoundRect(x - 12, 1, 24, stickingY(lines) + 10, 8, 8);
    }

    private void text(Font font, Color color, TextAlignment align) {
        g.setFont(font);
        g.setFill(color);
        g.setTextAlign(align);
        g.setTextBaseline(VPos.CENTER);
    }

    /** The lines in words. */
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
        return new Place(phrase.bar(number).meter(), at.minus(phrase.startOf(number))) + " of bar " + (number + 1);
    }
}
