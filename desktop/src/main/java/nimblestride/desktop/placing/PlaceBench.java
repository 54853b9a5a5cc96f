package nimblestride.desktop.placing;

import javafx.beans.property.IntegerProperty;
import javafx.beans.property.ObjectProperty;
import nimblestride.core.counting.CountingSchool;
import nimblestride.core.counting.Division;
import nimblestride.core.value.NoteValue;
import nimblestride.desktop.desk.Answer;
import nimblestride.desktop.desk.Desk;
import nimblestride.desktop.look.Palette;
import nimblestride.desktop.pages.Pages;

/** The Place bench: voices on counts, stickings, what they ask of the hands, and ways to build on them. */
public final class PlaceBench extends Pages {
    private final CountsPage counts;
    private final HandsPage hands;

    /** @param stage how many layers are heard and seen, from the first on */
    public PlaceBench(
            Desk desk,
            ObjectProperty<CountingSchool> school,
            ObjectProperty<Division> division,
            IntegerProperty stage) {
        counts = new CountsPage(desk, school, division, stage);
        hands = new HandsPage(desk);
        add("Counts", counts);
        add("Sticking", new StickingPage(desk));
        add("Hands", hands);
        add("Try the rest", new DealPage(desk));
        add("Build up", new BuildPage(desk, stage));
        add("Voices", new VoicesPage(desk));
        choose("Counts");
    }

    /** Shows what follows from the exercise. */
    public void show(Answer answer) {
        counts.show(answer);
        hands.show(answer);
    }

    /** Puts the voice in hand on a count of the phrase, or takes it away. */
    public void place(int bar, NoteValue position) {
        choose("Counts");
        counts.place(bar, position);
    }

    public void setPalette(Palette palette) {
        counts.setPalette(palette);
    }
}
