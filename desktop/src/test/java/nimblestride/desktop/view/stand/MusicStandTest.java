package nimblestride.desktop.view.stand;

import static org.assertj.core.api.Assertions.assertThat;
import static org.testfx.util.WaitForAsyncUtils.waitForFxEvents;

import java.util.List;
import javafx.css.PseudoClass;
import javafx.event.Event;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Labeled;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;
import javafx.stage.Window;
import nimblestride.core.language.text.Examples;
import nimblestride.core.time.counting.Counting;
import nimblestride.core.time.counting.CountingSystem;
import nimblestride.core.time.counting.Subdivision;
import nimblestride.desktop.OnStage;
import nimblestride.desktop.playback.Playhead;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** The count on the music stand, in a window of its own. */
class MusicStandTest extends OnStage {
    private final StackPane owner = new StackPane();
    private MusicStand stand;
    private int played;

    @Override
    protected Parent content() {
        return owner;
    }

    private void show(String bars) {
        interact(() -> {
            if (stand == null) {
                stand = new MusicStand(owner.getScene().getWindow(), () -> played++);
            }
            stand.show(Examples.exercise(bars), Counting.of(CountingSystem.BEATS), Subdivision.AS_WRITTEN, "");
        });
        waitForFxEvents();
    }

    @AfterEach
    void takeAway() {
        interact(() -> stand.close());
    }

    private Parent root() {
        return Window.getWindows().stream()
                .filter(window -> window instanceof Stage stage && stage.getTitle() != null)
                .map(window -> window.getScene().getRoot())
                .findFirst()
                .orElseThrow();
    }

    private List<Node> words() {
        return List.copyOf(root().lookupAll(".stand-words > *"));
    }

    private String lit(String state) {
        return words().stream()
                .filter(word -> word.getPseudoClassStates().contains(PseudoClass.getPseudoClass(state)))
                .map(word -> ((Labeled) word).getText())
                .reduce("", String::concat);
    }

    private void follow(double moment) {
        interact(() -> stand.follow(Playhead.at(moment)));
    }

    private void key(KeyCode code) {
        interact(() ->
                Event.fireEvent(root(), new KeyEvent(KeyEvent.KEY_PRESSED, "", "", code, false, false, false, false)));
    }

    private double height() {
        waitForFxEvents();
        return words().get(0).getLayoutBounds().getHeight();
    }

    /** 7/8(2+2+3) is counted in eighths; after the phrase comes the phrase again. */
    @Test
    void theSyllableToSayIsLit() {
        show("7/8(2+2+3), 3/4");
        assertThat(words()).hasSize(10);
        follow(0);
        assertThat(lit("lit")).isEqualTo("1");
        follow(4 / 8.0 + 0.01);
        assertThat(lit("lit")).isEqualTo("5");
        follow(7 / 8.0 + 1 / 4.0);
        assertThat(lit("lit")).isEqualTo("2");
        follow(13 / 8.0 + 6 / 8.0);
        assertThat(lit("lit")).isEqualTo("7");
        interact(() -> stand.follow(Playhead.HIDDEN));
        assertThat(lit("lit")).isEmpty();
    }

    /** WCAG 2.2, 2.3.1 (quoted from memory): what is larger than a quarter of 341 by 256 pixels must not light up so often. */
    @Test
    void largeWordsAreUnderlinedAndDoNotFlash() {
        show("101/8");
        for (int i = 0; i < 10; i++) {
            key(KeyCode.PLUS);
        }
        assertThat(height()).isGreaterThan(100);
        follow(0);
        assertThat(lit("lit")).isEqualTo("1");
        follow(100 / 8.0);
        assertThat(words().get(100).getLayoutBounds().getWidth() * height()).isGreaterThan(341 * 256 / 4.0);
        assertThat(lit("lit")).isEmpty();
        assertThat(lit("underlined")).isEqualTo("101");
    }

    @Test
    void keysPlayEnlargeAndClose() {
        show("4/4");
        double usual = height();
        key(KeyCode.PLUS);
        double larger = height();
        assertThat(larger).isGreaterThan(usual);
        key(KeyCode.MINUS);
        key(KeyCode.SUBTRACT);
        assertThat(height()).isLessThan(usual);
        for (int i = 0; i < 30; i++) {
            key(KeyCode.MINUS);
        }
        double smallest = height();
        key(KeyCode.MINUS);
        assertThat(height()).isEqualTo(smallest);
        key(KeyCode.SPACE);
        assertThat(played).isEqualTo(1);
        key(KeyCode.A);
        assertThat(stand.isShowing()).isTrue();
        key(KeyCode.ESCAPE);
        assertThat(stand.isShowing()).isFalse();
        // Taken off the stand, it follows nothing; put there again, all of it is there.
        follow(0);
        show("5/8");
        assertThat(words()).hasSize(5);
    }

    @Test
    void whatIsSaidIsBroughtIntoViewAndVeryManyBarsAreCutOff() {
        show("3/4 x300");
        assertThat(root().lookupAll(".stand-line")).hasSize(200);
        ScrollPane scroll = (ScrollPane) root();
        assertThat(scroll.getVvalue()).isZero();
        follow(150 * 3 / 4.0);
        assertThat(scroll.getVvalue()).isBetween(0.6, 0.9);
        follow(250 * 3 / 4.0);
        assertThat(lit("lit") + lit("underlined")).isEmpty();
    }
}
