package nimblestride.desktop.handout;

import java.util.List;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import nimblestride.core.counting.CountingSchool;
import nimblestride.core.sheet.Sheet;
import nimblestride.desktop.book.BookFolder.Entry;
import nimblestride.desktop.desk.Desk;
import nimblestride.desktop.look.Palette;
import nimblestride.desktop.pages.Bench;
import nimblestride.desktop.pages.Pages;

/** The Hand out bench: the page as it will print, the ways to write it, and booklets. */
public final class HandOutBench extends Pages implements Bench {
    private final ObjectProperty<Sheet> sheet;
    private final SheetPage page;
    private final WaysPage ways;
    private final BookletPage booklet;

    /**
     * @param first what stands on a sheet to begin with
     * @param book the exercises that can be bound in a booklet
     * @param tell is told what has been done
     */
    public HandOutBench(
            Desk desk,
            Sheet first,
            ObjectProperty<CountingSchool> school,
            Supplier<List<Entry>> book,
            Delivery delivery,
            Consumer<String> tell) {
        sheet = new SimpleObjectProperty<>(first);
        page = new SheetPage(sheet, school, delivery);
        ways = new WaysPage(desk, sheet, tell);
        booklet = new BookletPage(sheet, book, delivery);
        add("Sheet", page);
        add("Ways to write", ways);
        add("Booklet", booklet);
        choose("Sheet");
    }

    /** What stands on a sheet now. */
    public Sheet sheet() {
        return sheet.get();
    }

    /** Prints the sheet of the exercise as it is set. */
    public void print() {
        page.print();
    }

    @Override
    public void setPalette(Palette palette) {
        page.setPalette(palette);
        ways.setPalette(palette);
        booklet.setPalette(palette);
    }
}
