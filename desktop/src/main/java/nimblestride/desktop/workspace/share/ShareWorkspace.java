package nimblestride.desktop.workspace.share;

import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import nimblestride.core.notation.page.Sheet;
import nimblestride.core.time.counting.Counting;
import nimblestride.desktop.async.CommandQueue;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.desktop.playback.Transport;
import nimblestride.desktop.service.PageId;
import nimblestride.desktop.service.WindowServices;
import nimblestride.desktop.ui.page.LazyPage;
import nimblestride.desktop.ui.page.PagedPane;
import nimblestride.desktop.ui.page.Workspace;
import nimblestride.sound.kit.SampleSet;

/** The Share workspace: the page as it prints, notations, booklets, audio files, and web pages. */
public final class ShareWorkspace extends PagedPane implements Workspace {
    private final ObjectProperty<Sheet> sheet;
    private final SheetMemory memory;
    private final LazyPage<SheetPage> page;
    private final LazyPage<SoundFilePage> sound;
    private final LazyPage<WebPage> web;

    /**
     * Creates the pages.
     *
     * @param first what is on sheets where the Book says nothing
     * @param book exercises for a booklet
     * @param transport knows how the exercise would play
     * @param sounds the sample of each voice
     * @param commands writes in the background
     */
    public ShareWorkspace(
            ExerciseDocument document,
            Sheet first,
            ObjectProperty<Counting> counting,
            OpenBook book,
            Transport transport,
            SampleSet sounds,
            CommandQueue commands,
            WindowServices services) {
        sheet = new SimpleObjectProperty<>(first);
        memory = new SheetMemory(document, book, sheet);
        page = add(PageId.SHEET, () -> new SheetPage(sheet, counting, services.export()));
        add(PageId.NOTATION, () -> new NotationPage(document, sheet, services.status()));
        add(PageId.BOOKLET, () -> new BookletPage(sheet, book, services.export()));
        sound = add(PageId.SOUND_FILE, () -> new SoundFilePage(transport, sounds, commands, services));
        web = add(PageId.WEB_PAGE, () -> new WebPage(document, sheet, services.export()));
        open(PageId.SHEET);
    }

    /** Returns the sheet settings. */
    public Sheet sheet() {
        return sheet.get();
    }

    /** Writes what was chosen for the sheet into the Book, if that has not happened yet. */
    public void rememberSheet() {
        memory.write();
    }

    /** Prints the sheet of the exercise. */
    public void print() {
        page.get().print();
    }

    /** Exports what would play now as a WAV file. */
    public void writeSound() {
        sound.get().write();
    }

    /** Exports the exercise as a web page. */
    public void writeWebPage() {
        web.get().write();
    }
}
