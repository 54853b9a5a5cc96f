package nimblestride.desktop.workspace.practice;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.SimpleIntegerProperty;
import nimblestride.core.practice.care.BreakSchedule;
import nimblestride.core.practice.timing.Timing;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.document.library.BookEdits;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.desktop.playback.PlaybackDevices;
import nimblestride.desktop.playback.Transport;
import nimblestride.desktop.service.PageId;
import nimblestride.desktop.service.WindowServices;
import nimblestride.desktop.ui.page.PagedPane;
import nimblestride.desktop.ui.page.Workspace;

/** The Practice workspace: what to do today, stages, ladder, timing, and the log. */
public final class PracticeWorkspace extends PagedPane implements Workspace {
    private final IntegerProperty rests = new SimpleIntegerProperty(BreakSchedule.DEFAULT.minutes());

    /**
     * Creates the pages.
     *
     * @param edits removes log lines
     * @param diary logs practice
     * @param showTiming shows a timing over the Road
     */
    public PracticeWorkspace(
            ExerciseDocument document,
            OpenBook book,
            BookEdits edits,
            PracticeRecorder diary,
            Transport transport,
            PlaybackDevices devices,
            Consumer<Optional<Timing>> showTiming,
            WindowServices services) {
        add(PageId.TODAY, () -> new TodayPage(book, rests, services.library()));
        add(PageId.STAGES, () -> new StagesPage(document, book, transport, services.status()));
        add(PageId.LADDER, () -> new LadderPage(document, book, transport, diary));
        add(PageId.TIMING, () -> new TimingPage(document, transport, devices, diary, showTiming));
        add(PageId.LOG, () -> new LogPage(document, book, edits, diary, services.export()));
        open(PageId.TODAY);
    }

    /** Minutes of playing after which a break is due; 0 for never. */
    public IntegerProperty breaksProperty() {
        return rests;
    }
}
