package nimblestride.desktop.workspace.cross;

import java.util.List;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.ui.page.LazyPage;
import nimblestride.desktop.ui.page.PagedPane;
import nimblestride.desktop.ui.page.Workspace;

/** The Cross bench: what runs across the bar line, how it comes home, and what can be made of it. */
public final class CrossWorkspace extends PagedPane implements Workspace {
    private final LazyPage<WeavePage> weave;
    private final LazyPage<BarListingPage> words;

    /** @param keep puts exercises into the Book */
    public CrossWorkspace(ExerciseDocument document, Consumer<List<Exercise>> keep) {
        add(
                "Layers",
                "What runs over the bars: one row for each layer, and a line to type another",
                () -> new LayersPage(document));
        weave = add(
                "Weave",
                "Bars stacked as rows: a layer that drifts against them is a slanting thread that comes home",
                () -> new WeavePage(document));
        words = add(
                "In words",
                "The Road and the Weave as sentences, bar by bar, to read, hear or copy",
                BarListingPage::new);
        add(
                "Make it fit",
                "What a riff leaves over after so many bars, and every way to close it",
                () -> new ResolutionsPage(document));
        add(
                "Families",
                "Sets of exercises made from this one, such as every displacement of a figure",
                () -> new FamiliesPage(document, keep));
        add("Flow", "How often everybody is on the 1, and a 1 only every so many bars", () -> new FlowPage(document));
        choose("Layers");
    }

    /** Shows where the music is, in whole notes from the beginning. */
    public void follow(OptionalDouble moment) {
        weave.ifMade(page -> page.follow(moment));
        words.ifMade(page -> page.follow(moment));
    }
}
