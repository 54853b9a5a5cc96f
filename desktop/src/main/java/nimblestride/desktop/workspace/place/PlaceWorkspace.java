package nimblestride.desktop.workspace.place;

import java.util.OptionalDouble;
import java.util.function.Consumer;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.ObjectProperty;
import nimblestride.core.time.counting.CountingSystem;
import nimblestride.core.time.counting.Subdivision;
import nimblestride.core.time.value.NoteValue;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.ui.page.LazyPage;
import nimblestride.desktop.ui.page.PagedPane;
import nimblestride.desktop.ui.page.Workspace;

/** The Place bench: voices on counts, stickings, what they ask of the hands, and ways to build on them. */
public final class PlaceWorkspace extends PagedPane implements Workspace {
    private final LazyPage<CountsPage> counts;
    private final LazyPage<StaffPage> staff;

    /**
     * @param stage how many layers are heard and seen, from the first on
     * @param choose is told the moment of a count that is chosen on the staff
     */
    public PlaceWorkspace(
            ExerciseDocument document,
            ObjectProperty<CountingSystem> countingSystem,
            ObjectProperty<Subdivision> subdivision,
            IntegerProperty stage,
            Consumer<NoteValue> choose) {
        counts = add(
                "Counts",
                "Voices put on counts by naming them: kick 1, 4; snare ghost a of 2",
                () -> new CountsPage(document, countingSystem, subdivision, stage));
        staff = add("Staff", "What is played, on a staff", () -> new StaffPage(countingSystem, subdivision, choose));
        add(
                "Sticking",
                "Which hand plays which stroke: typed, from a rudiment or from cells, and moved round the kit",
                () -> new StickingPage(document));
        add(
                "Hands",
                "Which hand leads, how fast at the most, and what that asks of each limb",
                () -> new HandsPage(document));
        add(
                "Try the rest",
                "Keep one part and try everything in the rest, one after the other",
                () -> new VariationsPage(document));
        add(
                "Build up",
                "In which order the layers come in, and how many are heard now",
                () -> new BuildPage(document, stage));
        add(
                "Voices",
                "Voices of your own, with their sound and their place on the staff",
                () -> new VoicesPage(document));
        choose("Counts");
    }

    /** Puts the voice in hand on a count of the phrase, or takes it away. */
    public void place(int bar, NoteValue position) {
        choose("Counts");
        counts.get().place(bar, position);
    }

    /** Lights what is played at a moment, in whole notes from the beginning. */
    public void follow(OptionalDouble moment) {
        staff.ifMade(page -> page.follow(moment));
    }
}
