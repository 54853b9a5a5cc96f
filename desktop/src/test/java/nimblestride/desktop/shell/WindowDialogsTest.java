package nimblestride.desktop.shell;

import static org.assertj.core.api.Assertions.assertThat;
import static org.testfx.util.WaitForAsyncUtils.waitFor;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.Future;
import java.util.concurrent.TimeUnit;
import javafx.scene.Scene;
import javafx.scene.control.ComboBox;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.StackPane;
import javafx.stage.Stage;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;

/** The dialogs of the window: each asked for real, and answered by mouse, by keys, or not at all. */
class WindowDialogsTest extends FxRobot {
    @TempDir
    Path folder;

    private Stage stage;
    private WindowDialogs questions;

    @BeforeAll
    static void startToolkit() throws Exception {
        FxToolkit.registerPrimaryStage();
    }

    @BeforeEach
    void open() throws Exception {
        FxToolkit.setupFixture(() -> {
            stage = new Stage();
            stage.setScene(new Scene(new StackPane(), 800, 600));
            stage.show();
            questions = new WindowDialogs(stage, folder);
        });
    }

    @AfterEach
    void close() throws Exception {
        FxToolkit.setupFixture(() -> stage.hide());
    }

    /** Asks, and waits until the dialog is there; the answer comes when it has been given. */
    private <T> Future<T> asking(Callable<T> question) throws Exception {
        Future<T> answer = WaitForAsyncUtils.asyncFx(question);
        waitFor(30, TimeUnit.SECONDS, () -> lookup(".dialog-pane")
                .tryQuery()
                .filter(pane -> pane.getScene().getWindow().isFocused())
                .isPresent());
        WaitForAsyncUtils.waitForFxEvents();
        return answer;
    }

    private static <T> T given(Future<T> answer) throws Exception {
        return answer.get(30, TimeUnit.SECONDS);
    }

    @Test
    void whatCannotBeTakenBackIsAskedBefore() throws Exception {
        Future<Boolean> answer = asking(() -> questions.confirm("Take it out?", "Its log goes as well.", "Take out"));
        assertThat(lookup("Its log goes as well.").tryQuery()).isPresent();
        clickOn("Take out");
        assertThat(given(answer)).isTrue();
        answer = asking(() -> questions.confirm("Take it out?", "Its log goes as well.", "Take out"));
        push(KeyCode.ESCAPE);
        assertThat(given(answer)).isFalse();
    }

    @Test
    void aLineIsTypedAndOneOfSeveralChosen() throws Exception {
        Future<Optional<String>> line = asking(() -> questions.askLine("New student", "Name", "Nobody"));
        push(KeyCode.SHORTCUT, KeyCode.A);
        write("Tuesday group").push(KeyCode.ENTER);
        assertThat(given(line)).contains("Tuesday group");
        line = asking(() -> questions.askLine("New student", "Name", ""));
        push(KeyCode.ESCAPE);
        assertThat(given(line)).isEmpty();

        Future<Optional<Integer>> choice =
                asking(() -> questions.choose("To a collection", "Which", List.of("Elevens", "Warming up")));
        ComboBox<String> box = lookup(".dialog-pane .combo-box").queryComboBox();
        interact(() -> box.setValue("Warming up"));
        clickOn("OK");
        assertThat(given(choice)).contains(1);
        assertThat(WaitForAsyncUtils.asyncFx(() -> questions.choose("To a collection", "Which", List.of()))
                        .get(30, TimeUnit.SECONDS))
                .as("nothing to choose from")
                .isEmpty();
    }

    @Test
    void whatIsToldWaitsUntilItHasBeenRead() throws Exception {
        Future<Boolean> read = asking(() -> {
            questions.showError("Printing failed", "The printer took only part of it.");
            return true;
        });
        assertThat(lookup("Printing failed").tryQuery()).isPresent();
        assertThat(read.isDone()).isFalse();
        clickOn("OK");
        assertThat(given(read)).isTrue();
    }
}
