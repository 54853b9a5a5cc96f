package nimblestride.desktop.view.stand;

import static org.assertj.core.api.Assertions.assertThat;
import static org.testfx.util.WaitForAsyncUtils.waitForFxEvents;

import java.util.ArrayList;
import java.util.List;
import javafx.css.PseudoClass;
import javafx.event.Event;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Labeled;
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
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.view.staff.DrawingPicture;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;

/** The Stand: this bar and the next, to be read from behind the kit. */
class MusicStandTest extends OnStage {
    private final StackPane owner = new StackPane();
    private MusicStand stand;
    private final List<String> done = new ArrayList<>();
    private boolean hasStages;

    private final StandActions actions = new StandActions() {
        @Override
        public void play() {
            done.add("play");
        }

        @Override
        public boolean step(int by) {
            done.add("step " + by);
            return hasStages;
        }

        @Override
        public void clean() {
            done.add("clean");
        }

        @Override
        public void notYet() {
            done.add("not yet");
        }
    };

    @Override
    protected Parent content() {
        return owner;
    }

    private void show(String bars, long cycleBars) {
        interact(() -> {
            if (stand == null) {
                stand = new MusicStand(owner.getScene().getWindow(), actions);
            }
            stand.show(
                    new StandContent(
                            Examples.exercise(bars, "snare every 1/8"),
                            cycleBars,
                            Counting.of(CountingSystem.BEATS),
                            Subdivision.AS_WRITTEN,
                            "96 BPM (quarters)",
                            "2 runs today: 2 clean. Last: clean."),
                    Palette.DAY,
                    "");
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

    private List<Node> words(String id) {
        return List.copyOf(root().lookupAll(id + " .label"));
    }

    private String text(String style) {
        return ((Labeled) root().lookup(style)).getText();
    }

    private String lit(String state) {
        return words("#stand-here").stream()
                .filter(word -> word.getPseudoClassStates().contains(PseudoClass.getPseudoClass(state)))
                .map(word -> ((Labeled) word).getText())
                .reduce("", String::concat);
    }

    private void follow(double moment) {
        interact(() -> stand.follow(Playhead.at(moment)));
        waitForFxEvents();
    }

    private void key(KeyCode code) {
        interact(() ->
                Event.fireEvent(root(), new KeyEvent(KeyEvent.KEY_PRESSED, "", "", code, false, false, false, false)));
        waitForFxEvents();
    }

    private double height() {
        waitForFxEvents();
        return words("#stand-here").get(0).getLayoutBounds().getHeight();
    }

    /** 7/8(2+2+3) is counted in eighths; after the phrase comes the phrase again. */
    @Test
    void thisBarAndTheNextAreShownAndTheSyllableToSayIsLit() {
        show("7/8(2+2+3), 3/4", 4);
        assertThat(words("#stand-here")).hasSize(7);
        assertThat(words("#stand-next")).hasSize(3);
        assertThat(text(".stand-bar")).isEqualTo("Bar 1 of 4");
        assertThat(text(".stand-next-name")).isEqualTo("Next: bar 2 of 4, 3/4");
        assertThat(text(".stand-tempo")).isEqualTo("96 BPM (quarters)");
        assertThat(text(".stand-reps")).isEqualTo("2 runs today: 2 clean. Last: clean.");
        follow(0);
        assertThat(lit("lit")).isEqualTo("1");
        follow(4 / 8.0 + 0.01);
        assertThat(lit("lit")).isEqualTo("5");
        follow(7 / 8.0 + 1 / 4.0);
        assertThat(text(".stand-bar")).isEqualTo("Bar 2 of 4");
        assertThat(lit("lit")).isEqualTo("2");
        follow(13 / 8.0 + 6 / 8.0);
        assertThat(text(".stand-bar")).isEqualTo("Bar 3 of 4");
        assertThat(lit("lit")).isEqualTo("7");
        follow(2 * 13 / 8.0);
        assertThat(text(".stand-bar")).isEqualTo("Bar 1 of 4");
        interact(() -> stand.follow(Playhead.HIDDEN));
        assertThat(lit("lit")).isEmpty();
    }

    /** Letters of 25 mm can be read from three meters (common practice: 200 times their height, and some more); 96 pixels to the inch. */
    @Test
    void itCanBeReadFromThreeMeters() {
        show("7/8(2+2+3)", 1);
        Labeled word = (Labeled) words("#stand-here").get(0);
        assertThat(word.getFont().getSize() / 96 * 25.4).isGreaterThan(3_000 / 200.0);
        assertThat(text(".stand-bar")).isEqualTo("Bar 1");
    }

    /** WCAG 2.2, 2.3.1 (quoted from memory): what is larger than a quarter of 341 by 256 pixels must not light up so often. */
    @Test
    void largeWordsAreUnderlinedAndDoNotFlash() {
        show("2/4", 1);
        follow(1 / 4.0);
        assertThat(words("#stand-here").get(1).getLayoutBounds().getWidth() * height())
                .isGreaterThan(341 * 256 / 4.0);
        assertThat(lit("lit")).isEmpty();
        assertThat(lit("underlined")).isEqualTo("2");
    }

    /** However long the bar is, all of it is on the screen. */
    @Test
    void aLongBarFits() {
        show("21/8", 1);
        double bottom = words("#stand-here").stream()
                .mapToDouble(word -> word.localToScene(word.getLayoutBounds()).getMaxY())
                .max()
                .orElseThrow();
        double right = words("#stand-here").stream()
                .mapToDouble(word -> word.localToScene(word.getLayoutBounds()).getMaxX())
                .max()
                .orElseThrow();
        assertThat(bottom)
                .isLessThan(root().lookup(".stand-next-name").localToScene(0, 0).getY());
        assertThat(right).isBetween(600.0, root().getLayoutBounds().getWidth());
    }

    @Test
    void everythingWorksWithoutHands() {
        show("4/4, 3/4", 2);
        for (KeyCode code : List.of(KeyCode.SPACE, KeyCode.C, KeyCode.N, KeyCode.PAGE_DOWN, KeyCode.PAGE_UP)) {
            key(code);
        }
        assertThat(done).containsExactly("play", "clean", "not yet", "step 1", "step -1");
        // Without stages, a step goes to the next bar.
        key(KeyCode.RIGHT);
        assertThat(text(".stand-bar")).isEqualTo("Bar 2 of 2");
        key(KeyCode.LEFT);
        key(KeyCode.LEFT);
        assertThat(text(".stand-bar")).isEqualTo("Bar 1 of 2");
        hasStages = true;
        key(KeyCode.RIGHT);
        assertThat(text(".stand-bar")).isEqualTo("Bar 1 of 2");
    }

    @Test
    void keysEnlargeAndClose() {
        show("4/4", 1);
        double usual = height();
        key(KeyCode.PLUS);
        assertThat(height()).isGreaterThan(usual);
        for (int i = 0; i < 30; i++) {
            key(KeyCode.MINUS);
        }
        double smallest = height();
        key(KeyCode.MINUS);
        assertThat(height()).isEqualTo(smallest);
        key(KeyCode.A);
        assertThat(stand.isShowing()).isTrue();
        key(KeyCode.ESCAPE);
        assertThat(stand.isShowing()).isFalse();
        // While it is closed, it follows nothing; opened again, all of it is there.
        follow(0);
        show("5/8", 1);
        assertThat(words("#stand-here")).hasSize(5);
    }

    @Test
    void theStaffStandsInPlaceOfTheCount() {
        show("7/8, 5/8", 2);
        key(KeyCode.S);
        assertThat(root().lookupAll("#stand-here")).isEmpty();
        DrawingPicture here = (DrawingPicture) root().lookupAll(".stand-place").stream()
                .map(place -> ((StackPane) place).getChildren().get(0))
                .findFirst()
                .orElseThrow();
        assertThat(here.getWidth()).isGreaterThan(600);
        key(KeyCode.S);
        assertThat(words("#stand-here")).hasSize(7);
    }
}
