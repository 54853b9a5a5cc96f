package nimblestride.desktop.cross;

import java.util.List;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import nimblestride.core.exercise.Exercise;
import nimblestride.desktop.desk.Desk;
import nimblestride.desktop.look.Palette;
import nimblestride.desktop.pages.Bench;
import nimblestride.desktop.pages.Pages;

/** The Cross bench: what runs across the bar line, how it comes home, and what can be made of it. */
public final class CrossBench extends Pages implements Bench {
    private final LayersPage layers;
    private final WeavePage weave;

    /** @param keep puts exercises into the Book */
    public CrossBench(Desk desk, Consumer<List<Exercise>> keep) {
        layers = new LayersPage(desk);
        weave = new WeavePage(desk);
        add("Layers", layers);
        add("Weave", weave);
        add("Make it fit", new ClosingPage(desk));
        add("Families", new FamiliesPage(desk, keep));
        add("Flow", new FlowPage(desk));
        choose("Layers");
    }

    /** Shows where the music is, in whole notes from the beginning. */
    public void follow(OptionalDouble moment) {
        weave.follow(moment);
    }

    @Override
    public void setPalette(Palette palette) {
        layers.setPalette(palette);
        weave.setPalette(palette);
    }
}
