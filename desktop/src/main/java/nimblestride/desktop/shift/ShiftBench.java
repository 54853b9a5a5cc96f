package nimblestride.desktop.shift;

import nimblestride.desktop.desk.Desk;
import nimblestride.desktop.look.Palette;
import nimblestride.desktop.pages.Bench;
import nimblestride.desktop.pages.Pages;
import nimblestride.desktop.play.Transport;

/** The Shift bench: a change of gear, there and back, and the sections it leads through. */
public final class ShiftBench extends Pages implements Bench {
    private final PivotPage pivot;
    private final ImpliedPage implied;

    public ShiftBench(Desk desk, Transport transport) {
        GearInHand gear = new GearInHand();
        pivot = new PivotPage(desk, gear);
        implied = new ImpliedPage(desk, gear);
        add("Pivot", pivot);
        add("Sections", new SectionsPage(desk, transport));
        add("Tempos", new TemposPage(desk, gear));
        add("Implied", implied);
        choose("Pivot");
    }

    @Override
    public void setPalette(Palette palette) {
        pivot.setPalette(palette);
        implied.setPalette(palette);
    }
}
