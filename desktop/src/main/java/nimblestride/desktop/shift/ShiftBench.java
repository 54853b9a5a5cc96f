package nimblestride.desktop.shift;

import nimblestride.desktop.desk.Desk;
import nimblestride.desktop.pages.Bench;
import nimblestride.desktop.pages.Pages;
import nimblestride.desktop.play.Transport;

/** The Shift bench: a change of gear, there and back, and the sections it leads through. */
public final class ShiftBench extends Pages implements Bench {
    public ShiftBench(Desk desk, Transport transport) {
        GearInHand gear = new GearInHand();
        add("Pivot", () -> new PivotPage(desk, gear));
        add("Sections", () -> new SectionsPage(desk, transport));
        add("Tempos", () -> new TemposPage(desk, gear));
        add("Implied", () -> new ImpliedPage(desk, gear));
        choose("Pivot");
    }
}
