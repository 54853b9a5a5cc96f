package nimblestride.desktop.workspace.place;

import java.time.LocalDate;
import java.util.function.LongSupplier;
import java.util.function.Supplier;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.ObjectProperty;
import nimblestride.core.notation.page.Sheet;
import nimblestride.core.time.counting.Counting;
import nimblestride.core.time.counting.Subdivision;
import nimblestride.core.time.value.NoteValue;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.playback.PlaybackDevices;
import nimblestride.desktop.playback.Playhead;
import nimblestride.desktop.playback.Transport;
import nimblestride.desktop.service.PageId;
import nimblestride.desktop.service.WindowServices;
import nimblestride.desktop.ui.page.LazyPage;
import nimblestride.desktop.ui.page.PagedPane;
import nimblestride.desktop.ui.page.Workspace;
import nimblestride.desktop.view.road.RoadView;

/** The Place workspace: voices on counts, stickings, what they ask of the hands, and ways to build on them. */
public final class PlaceWorkspace extends PagedPane implements Workspace {
    private final LazyPage<CountsPage> counts;
    private final LazyPage<WritePage> write;
    private final LazyPage<StaffPage> staff;

    /**
     * Creates the pages.
     *
     * @param road shows what is chosen, and lights the stride that is being written
     * @param devices whose pads record a part
     * @param nanos a clock in nanoseconds
     * @param sheet how pages are printed
     * @param today the present day
     */
    public PlaceWorkspace(
            ExerciseDocument document,
            RoadView road,
            Transport transport,
            PlaybackDevices devices,
            LongSupplier nanos,
            WindowServices services,
            Supplier<Sheet> sheet,
            Supplier<LocalDate> today) {
        ObjectProperty<Counting> counting = road.countingSystemProperty();
        ObjectProperty<Subdivision> subdivision = road.subdivisionProperty();
        IntegerProperty stage = road.stageProperty();
        counts = add(PageId.COUNTS, () -> new CountsPage(document, counting, subdivision, stage));
        write = add(PageId.WRITE, () -> new WritePage(document, road, devices, nanos));
        staff = add(PageId.STAFF, () -> new StaffPage(counting, subdivision, road::bringIntoView));
        add(PageId.STICKING, () -> new StickingPage(document));
        add(PageId.HANDS, () -> new HandsPage(document));
        add(PageId.VARIATIONS, () -> new VariationsPage(document, transport, services.export(), sheet, today));
        add(PageId.BUILD_UP, () -> new BuildPage(document, stage));
        add(PageId.VOICES, () -> new VoicesPage(document));
        open(PageId.COUNTS);
    }

    /** Puts the selected voice on a count of the phrase, or takes it away. */
    public void place(int bar, NoteValue position) {
        open(PageId.COUNTS);
        counts.get().place(bar, position);
    }

    /** Lights what is played at a moment, in whole notes from the beginning. */
    public void follow(Playhead playhead) {
        staff.ifMade(page -> page.follow(playhead));
        write.ifMade(page -> page.follow(playhead));
    }
}
