package nimblestride.desktop.workspace.share;

import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import nimblestride.core.notation.page.Sheet;
import nimblestride.core.time.counting.CountingSchool;
import nimblestride.desktop.async.Commands;
import nimblestride.desktop.document.exercise.Desk;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.desktop.playback.Transport;
import nimblestride.desktop.ui.page.Bench;
import nimblestride.desktop.ui.page.LatePage;
import nimblestride.desktop.ui.page.Pages;
import nimblestride.desktop.workspace.students.LessonPage;
import nimblestride.sound.kit.SoundSet;

/** The Hand out bench: the page as it will print, the ways to write it, booklets, and how it sounds. */
public final class HandOutBench extends Pages implements Bench {
    private final ObjectProperty<Sheet> sheet;
    private final LatePage<SheetPage> page;
    private final LatePage<SoundFilePage> sound;

    /**
     * @param first what stands on a sheet to begin with
     * @param book whose exercises can be bound in a booklet
     * @param transport knows how it would be played
     * @param sounds what everything sounds like
     * @param tell is told what has been done
     */
    public HandOutBench(
            Desk desk,
            Sheet first,
            ObjectProperty<CountingSchool> school,
            OpenBook book,
            Transport transport,
            SoundSet sounds,
            Delivery delivery,
            Commands commands,
            Consumer<String> tell) {
        sheet = new SimpleObjectProperty<>(first);
        page = add(
                "Sheet",
                "The page as it will print, and what stands on it",
                () -> new SheetPage(sheet, school, delivery));
        add(
                "Ways to write",
                "The same music in other bars and values, the one that reads best first",
                () -> new WaysPage(desk, sheet, tell));
        add("Booklet", "Several exercises of the Book as one booklet", () -> new BookletPage(sheet, book, delivery));
        sound = add(
                "Sound file",
                "What would be played now, as a WAV file",
                () -> new SoundFilePage(transport, sounds, delivery, commands, tell));
        choose("Sheet");
    }

    /** Adds the page of lessons. */
    public void teach(Supplier<LessonPage> lessons) {
        add("Lesson", "What a student was set, what they did, and what comes next", lessons);
    }

    /** What stands on a sheet now. */
    public Sheet sheet() {
        return sheet.get();
    }

    /** Prints the sheet of the exercise as it is set. */
    public void print() {
        page.get().print();
    }

    /** Writes what would be played now as a WAV file. */
    public void writeSound() {
        sound.get().write();
    }
}
