package nimblestride.desktop.ui.control;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicInteger;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.VBox;
import javafx.stage.PopupWindow;
import javafx.stage.Window;
import nimblestride.desktop.OnStage;
import org.junit.jupiter.api.Test;
import org.testfx.util.WaitForAsyncUtils;

/** The mouse comes to a button and goes away to another. */
class ControlTipTest extends OnStage {
    private final Button one = new Button("one");
    private final Button other = new Button("other");

    @Override
    protected Parent content() {
        return new VBox(80, one, other);
    }

    private Optional<String> said() {
        return Window.getWindows().stream()
                .filter(PopupWindow.class::isInstance)
                .flatMap(note -> note.getScene().getRoot().lookupAll(".tooltip").stream())
                .filter(Labeled.class::isInstance)
                .map(note -> ((Labeled) note).getText())
                .findFirst();
    }

    /** The mouse comes, and rests: how long it must rest is the toolkit's affair. */
    private Optional<String> ofTheMouse() throws Exception {
        moveTo(other).moveTo(one);
        return WaitForAsyncUtils.asyncFx(() -> ControlTip.installedOn(one)).get();
    }

    @Test
    void saysToTheMouseAndToAScreenReaderWhatIsSaidNow() throws Exception {
        interact(() -> ControlTip.on(one, "first"));
        assertThat(one.getAccessibleHelp()).isEqualTo("first");
        assertThat(ofTheMouse()).contains("first");
        WaitForAsyncUtils.waitFor(60, TimeUnit.SECONDS, () -> WaitForAsyncUtils.asyncFx(this::said)
                .get()
                .equals(Optional.of("first")));
        // In place, while it is being read.
        interact(() -> ControlTip.on(one, "second"));
        assertThat(WaitForAsyncUtils.asyncFx(this::said).get()).contains("second");
        assertThat(one.getAccessibleHelp()).isEqualTo("second");
    }

    @Test
    void whereNothingIsSaidAnyLongerSomethingCanBeAgain() throws Exception {
        interact(() -> ControlTip.off(one));
        interact(() -> ControlTip.on(one, "first"));
        assertThat(ofTheMouse()).contains("first");
        interact(() -> ControlTip.off(one));
        assertThat(one.getAccessibleHelp()).isEmpty();
        assertThat(ofTheMouse()).isEmpty();
        interact(() -> ControlTip.on(one, "again"));
        assertThat(ofTheMouse()).contains("again");
    }

    @Test
    void whatTakesTimeIsWorkedOutOnlyWhenItIsAskedFor() throws Exception {
        AtomicInteger times = new AtomicInteger();
        interact(() -> ControlTip.onAsking(one, () -> "worked out " + times.incrementAndGet()));
        assertThat(times).hasValue(0);
        assertThat(ofTheMouse()).contains("worked out " + times.get());
        assertThat(times.get()).isPositive();
    }

    /** For those who have no mouse: until a key is pressed, or the focus goes. */
    @Test
    void isSaidWithoutAMouse() throws Exception {
        interact(() -> {
            ControlTip.on(one, "first");
            one.requestFocus();
            ControlTip.show(one, "nothing to say");
        });
        assertThat(WaitForAsyncUtils.asyncFx(this::said).get()).contains("first");
        type(KeyCode.RIGHT);
        assertThat(WaitForAsyncUtils.asyncFx(this::said).get()).isEmpty();
        interact(() -> {
            one.requestFocus();
            ControlTip.show(one, "nothing to say");
        });
        assertThat(WaitForAsyncUtils.asyncFx(this::said).get()).contains("first");
        interact(other::requestFocus);
        assertThat(WaitForAsyncUtils.asyncFx(this::said).get()).isEmpty();
        interact(() -> {
            ControlTip.off(one);
            one.requestFocus();
            ControlTip.show(one, "nothing to say");
        });
        assertThat(WaitForAsyncUtils.asyncFx(this::said).get()).contains("nothing to say");
    }
}
