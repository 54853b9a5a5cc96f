package nimblestride.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.control.ScrollPane;
import javafx.scene.control.SplitPane;
import javafx.scene.input.KeyCode;
import nimblestride.core.exercise.leadin.ThereAndBack;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.text.Examples;
import nimblestride.core.layer.modulation.Pivot;
import org.junit.jupiter.api.Test;

/** How the Road and the bench below it share the room. */
class PaneRoomStoryTest extends WindowStory {
    private static final String[] FOUR = {
        "kick every 3/16", "hi-hat every 1/4", "cowbell cell X.gx of 1/16", "snare 4 over bar"
    };

    private ScrollPane lanes() {
        return lookup(".road-lanes").query();
    }

    private boolean allLanesAreSeen() {
        return lanes().getContent().getLayoutBounds().getHeight()
                <= lanes().getViewportBounds().getHeight() + 0.5;
    }

    private SplitPane middle() {
        return (SplitPane) lookup(".road").query().getParent().getParent();
    }

    private double edge() {
        return middle().getDividerPositions()[0];
    }

    @Test
    void allLanesAreSeenBesideABenchThatNeedsMuchRoom() throws Exception {
        lay("11/8(3+3+3+2)", FOUR);
        double low = edge();
        clickOn("Practice");
        until(() -> edge() < low - 0.1);
        until(this::allLanesAreSeen);
        clickOn("Group");
        until(() -> edge() == low);
    }

    /** Another exercise, with more lanes than the one before it. */
    @Test
    void theRoadTakesTheRoomThatNewLanesNeed() throws Exception {
        lay("11/8(3+3+3+2)", "kick every 3/16");
        chord(KeyCode.SHORTCUT, KeyCode.E);
        until(() -> edge() < 0.4 && allLanesAreSeen());
        double narrow = edge();
        lay("11/8(3+3+3+2)", FOUR);
        until(() -> edge() > narrow && allLanesAreSeen());
        lay("11/8(3+3+3+2)", "kick every 3/16");
        until(() -> edge() == narrow);
    }

    /** While sections are played one after the other nothing is to jump. */
    @Test
    @OwnStart
    void theEdgeStaysWhereItIsFromFeelToFeel() throws Exception {
        Exercise one = Examples.exercise("11/8(3+3+3+2)", "kick every 3/16");
        Exercise two = ThereAndBack.there(one, Pivot.NONE, one.phrase());
        Exercise many = two.withLayers(Examples.exercise("11/8(3+3+3+2)", FOUR).layers());
        lay(many);
        chord(KeyCode.SHORTCUT, KeyCode.E);
        until(() -> edge() < 0.5 && allLanesAreSeen());
        double before = edge();
        interact(() -> window.document().selectContent(0));
        until(() -> exercise().layers().size() == 1);
        assertThat(edge()).isEqualTo(before);
        interact(() -> window.document().selectContent(1));
        until(() -> exercise().layers().size() == 4 && allLanesAreSeen());
        assertThat(edge()).isEqualTo(before);
    }

    @Test
    @OwnStart
    void whoDragsTheRoadLowKeepsItSo() throws Exception {
        lay("11/8(3+3+3+2)", "kick every 3/16");
        clickOn("Practice");
        until(() -> edge() < 0.4);
        interact(() -> middle().setDividerPositions(0.3));
        lay("11/8(3+3+3+2)", FOUR);
        until(() -> !allLanesAreSeen());
        assertThat(edge()).isLessThan(0.31);
    }
}
