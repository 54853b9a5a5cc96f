package nimblestride.desktop.window;

import static org.assertj.core.api.Assertions.assertThat;

import javafx.scene.control.ScrollPane;
import javafx.scene.control.SplitPane;
import javafx.scene.input.KeyCode;
import org.junit.jupiter.api.Test;

/** How the Road and the bench below it share the room. */
class RoomStoryTest extends WindowStory {
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
        clickOn("Practise");
        until(() -> edge() < low - 0.1);
        until(this::allLanesAreSeen);
        clickOn("Break");
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

    @Test
    void whoDragsTheRoadLowKeepsItSo() throws Exception {
        lay("11/8(3+3+3+2)", "kick every 3/16");
        clickOn("Practise");
        until(() -> edge() < 0.4);
        interact(() -> middle().setDividerPositions(0.3));
        lay("11/8(3+3+3+2)", FOUR);
        until(() -> !allLanesAreSeen());
        assertThat(edge()).isLessThan(0.31);
    }
}
