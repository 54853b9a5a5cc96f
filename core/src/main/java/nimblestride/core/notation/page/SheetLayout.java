package nimblestride.core.notation.page;

import java.util.ArrayList;
import java.util.List;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.notation.engraving.Drawing;
import nimblestride.core.notation.engraving.Ink;
import nimblestride.core.notation.engraving.Mark;
import nimblestride.core.notation.engraving.Mark.Align;
import nimblestride.core.notation.engraving.Mark.Weight;
import nimblestride.core.notation.engraving.Mark.Words;
import nimblestride.core.notation.engraving.MusicFontMetrics;
import nimblestride.core.notation.engraving.TextMetrics;

/** Sets sheets and booklets: blocks in a column, page after page, with the page's number at its foot. */
public final class SheetLayout {
    /** The margin of every page, in staff spaces. */
    public static final double MARGIN = 8;

    private static final double FOOT = 4;
    private static final double FOOT_SIZE = 1.5;

    private final Sheet sheet;
    private final MusicFontMetrics face;
    private final TextMetrics letters;

    public SheetLayout(Sheet sheet, MusicFontMetrics face, TextMetrics letters) {
        this.sheet = sheet;
        this.face = face;
        this.letters = letters;
    }

    /** Returns the pages of one exercise. Spots on them count bars of its score as the sheet writes it. */
    public List<Drawing> of(Exercise exercise) {
        return numbered(set(exercise), exercise.name());
    }

    /** Returns a booklet: a page of contents, then each exercise on a new page. */
    public List<Drawing> booklet(String title, List<Exercise> exercises) {
        List<List<Drawing>> sheets = exercises.stream().map(this::set).toList();
        List<Drawing> all = new ArrayList<>();
        int contentPages = contents(title, exercises, sheets, 0).size();
        all.addAll(contents(title, exercises, sheets, contentPages));
        sheets.forEach(all::addAll);
        return numbered(all, title);
    }

    /**
     * Returns a sheet of variations, each with boxes to tick.
     *
     * @param variations exercises that play one each, named as they are to be called
     */
    public List<Drawing> variations(String title, String subtitle, List<Exercise> variations) {
        VariationBlocks each = new VariationBlocks(sheet, face, letters, roomAcross());
        List<SheetBlock> blocks = new ArrayList<>();
        blocks.add(SheetBlocks.title(title, subtitle, letters, roomAcross()));
        for (int i = 0; i < variations.size(); i++) {
            blocks.addAll(each.of(i + 1, variations.get(i)));
        }
        return numbered(flow(blocks), title);
    }

    /** Returns how wide the lines of a sheet are, in staff spaces. */
    public static double roomAcross(Sheet sheet) {
        return sheet.paper().width() - 2 * MARGIN;
    }

    private double roomAcross() {
        return roomAcross(sheet);
    }

    private List<Drawing> set(Exercise exercise) {
        return flow(new SheetBlocks(sheet, exercise, face, letters, roomAcross()).all());
    }

    private List<Drawing> contents(
            String title, List<Exercise> exercises, List<List<Drawing>> sheets, int contentPages) {
        List<SheetBlock> blocks = new ArrayList<>();
        blocks.add(SheetBlocks.title(title, "", letters, roomAcross()));
        int page = contentPages + 1;
        for (int i = 0; i < exercises.size(); i++) {
            blocks.add(SheetBlocks.entry(exercises.get(i), page, letters, roomAcross()));
            page += sheets.get(i).size();
        }
        return flow(blocks);
    }

    /**
     * Places block after block; one that does not fit starts a new page, and one too high for any page is drawn
     * smaller.
     */
    private List<Drawing> flow(List<SheetBlock> blocks) {
        double room = sheet.paper().height() - 2 * MARGIN - FOOT;
        List<Drawing> pages = new ArrayList<>();
        List<Mark> marks = new ArrayList<>();
        List<Drawing.Spot> spots = new ArrayList<>();
        double y = 0;
        for (SheetBlock block : blocks) {
            Drawing drawing = block.drawing().height() > room
                    ? block.drawing().scaledBy(room / block.drawing().height())
                    : block.drawing();
            boolean fits = y == 0 || y + block.before() + drawing.height() + block.keepsWith() <= room;
            if (!fits) {
                pages.add(page(marks, spots));
                marks.clear();
                spots.clear();
                y = 0;
            }
            double top = MARGIN + (y == 0 ? 0 : y + block.before());
            drawing.marks().forEach(mark -> marks.add(mark.movedBy(MARGIN, top)));
            drawing.spots().forEach(spot -> spots.add(spot.movedBy(MARGIN, top)));
            y = top - MARGIN + drawing.height();
        }
        pages.add(page(marks, spots));
        return pages;
    }

    private Drawing page(List<Mark> marks, List<Drawing.Spot> spots) {
        return new Drawing(sheet.paper().width(), sheet.paper().height(), marks, spots);
    }

    private List<Drawing> numbered(List<Drawing> pages, String title) {
        List<Drawing> numbered = new ArrayList<>();
        double y = sheet.paper().height() - MARGIN;
        String cut = SheetBlocks.cut(title, letters, FOOT_SIZE, roomAcross() * 0.7);
        for (int i = 0; i < pages.size(); i++) {
            Drawing page = pages.get(i);
            List<Mark> marks = new ArrayList<>(page.marks());
            marks.add(new Words(cut, MARGIN, y, FOOT_SIZE, Weight.REGULAR, Align.START, Ink.QUIET));
            marks.add(new Words(
                    (i + 1) + " of " + pages.size(),
                    page.width() - MARGIN,
                    y,
                    FOOT_SIZE,
                    Weight.REGULAR,
                    Align.END,
                    Ink.QUIET));
            numbered.add(new Drawing(page.width(), page.height(), marks, page.spots()));
        }
        return numbered;
    }
}
