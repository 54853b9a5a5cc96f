package nimblestride.desktop.cross;

import java.util.List;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import nimblestride.core.exercise.Exercise;
import nimblestride.desktop.desk.Desk;
import nimblestride.desktop.pages.Bench;
import nimblestride.desktop.pages.LatePage;
import nimblestride.desktop.pages.Pages;

/** The Cross bench: what runs across the bar line, how it comes home, and what can be made of it. */
public final class CrossBench extends Pages implements Bench {
    private final LatePage<WeavePage> weave;
    private final LatePage<WordsPage> words;

    /** @param keep puts exercises into the Book */
    public CrossBench(Desk desk, Consumer<List<Exercise>> keep) {
        add("Layers", () -> new LayersPage(desk));
        weave = add("Weave", () -> new WeavePage(desk));
        words = add("In words", WordsPage::new);
        add("Make it fit", () -> new ClosingPage(desk));
        add("Families", () -> new FamiliesPage(desk, keep));
        add("Flow", () -> new FlowPage(desk));
        choose("Layers");
    }

    /** Shows where the music is, in whole notes from the beginning. */
    public void follow(OptionalDouble moment) {
        weave.ifMade(page -> page.follow(moment));
        words.ifMade(page -> page.follow(moment));
    }
}
