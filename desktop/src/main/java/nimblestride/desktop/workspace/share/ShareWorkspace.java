package nimblestride.desktop.workspace.share;

import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import nimblestride.core.notation.page.Sheet;
import nimblestride.core.time.counting.CountingSystem;
import nimblestride.desktop.async.CommandQueue;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.desktop.playback.Transport;
import nimblestride.desktop.ui.page.LazyPage;
import nimblestride.desktop.ui.page.PagedPane;
import nimblestride.desktop.ui.page.Workspace;
import nimblestride.desktop.workspace.students.LessonPage;
import nimblestride.sound.kit.SampleSet;

/** The Hand out bench: the page as it will print, the ways to write it, booklets, and how it sounds. */
public final class ShareWorkspace extends PagedPane implements Workspace {
    private final ObjectProperty<Sheet> sheet;
    private final LazyPage<SheetPage> page;
    private final LazyPage<SoundFilePage> sound;

    /**
     * @param first what stands on a sheet to begin with
     * @param book whose exercises can be bound in a booklet
     * @param transport knows how it would be played
     * @param sounds what everything sounds like
     * @param tell is told what has been done
     */
    public ShareWorkspace(
            ExerciseDocument document,
            Sheet first,
            ObjectProperty<CountingSystem> countingSystem,
            OpenBook book,
            Transport transport,
            SampleSet sounds,
            ExportDelivery delivery,
            CommandQueue commands,
            Consumer<String> tell) {
        sheet = new SimpleObjectProperty<>(first);
        page = add(
                "Sheet",
                "The page as it will print, and what stands on it",
                () -> new SheetPage(sheet, countingSystem, delivery));
        add(
                "Ways to write",
                "The same music in other bars and values, the one that reads best first",
                () -> new NotationPage(document, sheet, tell));
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
