package nimblestride.desktop.view.weave;

import static org.assertj.core.api.Assertions.assertThat;
import static org.testfx.util.WaitForAsyncUtils.waitForFxEvents;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Orientation;
import javafx.geometry.Point2D;
import javafx.scene.Cursor;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ScrollBar;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import nimblestride.core.language.text.Examples;
import nimblestride.core.language.text.LayerText;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.time.value.NoteValue;
import nimblestride.desktop.OnStage;
import nimblestride.desktop.document.exercise.AnalyzedExercise;
import nimblestride.desktop.playback.Playhead;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** The Weave of a kick on every fifth sixteenth against 7/8, which realigns after five bars, and of a long cycle. */
class WeaveViewTest extends OnStage {
    private final List<String> description = new ArrayList<>();
    private final List<String> displaced = new ArrayList<>();
    private int done;
    private WeaveView weave;

    @Override
    protected Parent content() {
        weave = new WeaveView(
                new DisplaceAction() {
                    @Override
                    public void displace(int index, Layer layer) {
                        displaced.add(index + " " + LayerText.write(layer));
                    }

                    @Override
                    public void done() {
                        done++;
                    }
                },
                description::add);
        return weave;
    }

    @BeforeEach
    void showAShortWay() {
        show("7/8(2+2+3)", "kick every 5/16", "hi-hat every 1/8");
    }

    private void show(String bars, String... layers) {
        interact(() -> {
            weave.show(AnalyzedExercise.of(Examples.exercise(bars, layers)));
            weave.requestFocus();
        });
        waitForFxEvents();
    }

    private String description() {
        waitForFxEvents();
        return description.isEmpty() ? "" : description.get(description.size() - 1);
    }

    private ScrollBar bar() {
        return lookup(".scroll-bar")
                .match((ScrollBar bar) -> bar.getOrientation() == Orientation.VERTICAL)
                .query();
    }

    private Point2D place(int layer, int bar, NoteValue at) {
        return weave.screenPlace(layer, bar, at).orElseThrow();
    }

    @Test
    void theWayHomeIsSoManyBarsAndTheOneThatIsBarOneAgain() {
        assertThat(weave.rows()).isEqualTo(6);
        assertThat(weave.getAccessibleText()).startsWith("The Weave: 6 bars in rows, home at the end.");
        assertThat(bar().isVisible()).isFalse();
    }

    @Test
    void arrowsGoFromHitToHit() {
        interact(() -> weave.setInHand(0));
        type(KeyCode.RIGHT);
        assertThat(description()).startsWith("Bar 1, 1: kick, hit 1");
        type(KeyCode.RIGHT);
        String second = description();
        assertThat(second).startsWith("Bar 1").isNotEqualTo(description.get(description.size() - 2));
        type(KeyCode.LEFT);
        assertThat(description()).startsWith("Bar 1, 1: kick, hit 1");
        type(KeyCode.DOWN);
        assertThat(description()).startsWith("Bar 2");
        type(KeyCode.UP);
        assertThat(description()).startsWith("Bar 1");
        type(KeyCode.UP);
        assertThat(description()).as("there is no bar before the first").startsWith("Bar 1");
    }

    @Test
    void withShiftTheLayerInHandBeginsElsewhere() {
        interact(() -> weave.setInHand(1));
        press(KeyCode.SHIFT).type(KeyCode.RIGHT).release(KeyCode.SHIFT);
        assertThat(displaced).containsExactly("1 hi-hat every 1/8 from 1/8");
        assertThat(done).isEqualTo(1);
    }

    @Test
    void aMarkIsPointedAtAndDraggedAlongItsBar() {
        Point2D first = place(0, 0, NoteValue.ZERO);
        moveTo(first);
        assertThat(description()).startsWith("Bar 1, 1: kick, hit 1");
        Node slate = weave.getCenter();
        assertThat(slate.getCursor()).isEqualTo(Cursor.H_RESIZE);
        double sixteenth = place(0, 0, NoteValue.of(5, 16)).subtract(first).getX() / 5;
        moveTo(first.add(2.5 * sixteenth, 0));
        assertThat(slate.getCursor()).isEqualTo(Cursor.DEFAULT);
        assertThat(description()).as("nothing is chosen").isEmpty();

        moveTo(first).press(MouseButton.PRIMARY);
        moveTo(first.add(3 * sixteenth, 0));
        waitForFxEvents();
        assertThat(displaced).last().isEqualTo("0 kick every 5/16 from 3/16");
        assertThat(done).isZero();
        release(MouseButton.PRIMARY);
        waitForFxEvents();
        assertThat(done).isEqualTo(1);
    }

    /** Where there is no mark there is nothing to hold: a drag from there moves no layer. */
    @Test
    void emptyRoomIsNotTakenHoldOf() {
        Point2D first = place(0, 0, NoteValue.ZERO);
        double sixteenth = place(0, 0, NoteValue.of(5, 16)).subtract(first).getX() / 5;
        drag(first.add(2.5 * sixteenth, 0)).dropTo(first.add(6 * sixteenth, 0));
        assertThat(displaced).isEmpty();
        assertThat(done).isZero();
    }

    @Test
    void aLongWayIsScrolledAndZoomedAndFollowed() {
        show("7/8(3+2+2)", "kick every 5/16", "snare every 13/64", "ride every 11/32");
        ScrollBar bar = bar();
        assertThat(weave.rows()).isGreaterThan(100);
        type(KeyCode.END);
        assertThat(bar.getValue()).isEqualTo(bar.getMax()).isPositive();
        double most = bar.getMax();
        type(KeyCode.MINUS);
        assertThat(bar.getMax()).as("more rows have room").isLessThan(most);
        type(KeyCode.DIGIT0);
        assertThat(bar.getMax()).isEqualTo(most);
        type(KeyCode.HOME);
        assertThat(bar.getValue()).isZero();
        type(KeyCode.PAGE_DOWN);
        double page = bar.getValue();
        assertThat(page).isPositive();
        type(KeyCode.PAGE_UP);
        assertThat(bar.getValue()).isZero();
        moveTo(weave).scroll(3, javafx.geometry.VerticalDirection.DOWN);
        waitForFxEvents();
        assertThat(bar.getValue()).isPositive().isLessThanOrEqualTo(page);
        interact(() -> weave.follow(Playhead.at(90 * 7 / 8.0)));
        assertThat(bar.getValue()).isBetween(90 - page, 90.0);
        interact(() -> weave.follow(Playhead.HIDDEN));
        // Other bars are seen from the beginning.
        show("5/8", "kick every 5/16", "snare every 13/64");
        assertThat(bar.getValue()).isZero();
    }

    @Test
    void withoutLayersKeysDoNothing() {
        show("4/4");
        type(KeyCode.RIGHT).type(KeyCode.DOWN);
        press(KeyCode.SHIFT).type(KeyCode.LEFT).release(KeyCode.SHIFT);
        assertThat(description()).isEmpty();
        assertThat(displaced).isEmpty();
    }
}
