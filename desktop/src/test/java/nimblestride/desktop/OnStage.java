package nimblestride.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.scene.Parent;
import javafx.scene.Scene;
import javafx.stage.Stage;
import nimblestride.desktop.ui.look.Theme;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.testfx.api.FxRobot;
import org.testfx.api.FxToolkit;

/** One control, or a few, in a real window of their own. */
public abstract class OnStage extends FxRobot {
    private Stage stage;

    /** Makes what is looked at, on the interface thread. */
    protected abstract Parent content();

    @BeforeAll
    static void startToolkit() throws Exception {
        FxToolkit.registerPrimaryStage();
        FxToolkit.setupFixture(Theme::use);
    }

    @BeforeEach
    final void open() throws Exception {
        FxToolkit.setupFixture(() -> {
            stage = new Stage();
            stage.setScene(new Scene(content(), 800, 600));
            stage.setX(100);
            stage.setY(100);
            stage.show();
            stage.toFront();
            stage.requestFocus();
        });
    }

    /** Waits until the toolkit has drawn a number of frames more, and has done what they left behind. */
    public static void frames(int count) {
        CountDownLatch drawn = new CountDownLatch(1);
        AnimationTimer timer = new AnimationTimer() {
            private int left = count;

            @Override
            public void handle(long now) {
                left--;
                if (left == 0) {
                    stop();
                    Platform.runLater(drawn::countDown);
                }
            }
        };
        Platform.runLater(timer::start);
        try {
            assertThat(drawn.await(60, TimeUnit.SECONDS)).isTrue();
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    @AfterEach
    final void close() throws Exception {
        FxToolkit.setupFixture(() -> stage.hide());
    }
}
