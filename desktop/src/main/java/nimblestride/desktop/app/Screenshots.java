package nimblestride.desktop.app;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.event.ActionEvent;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.robot.Robot;
import javafx.stage.Window;
import javafx.util.Duration;
import javax.imageio.ImageIO;
import nimblestride.desktop.document.sample.SampleRehearsal;
import nimblestride.desktop.service.PageId;
import nimblestride.desktop.service.WorkspaceId;
import nimblestride.desktop.shell.MainWindow;

/** Takes a screenshot of each main view, in the real window, and ends the program. */
final class Screenshots {
    private static final Duration SETTLE = Duration.millis(1_200);

    private static final Duration FILM = Duration.seconds(6);

    /** How long the simulated player plays before its taps are shown. */
    private static final int TAPPED_STEPS = 14;

    /** How long the recording is read at most. */
    private static final int READING_STEPS = 2;

    private final MainWindow window;
    private final Path folder;
    private final Deque<Runnable> steps = new ArrayDeque<>();

    Screenshots(MainWindow window, Path folder) {
        this.window = window;
        this.folder = folder;
    }

    void take() throws IOException {
        Files.createDirectories(folder);
        Path recorded = SampleRehearsal.write(Files.createTempDirectory("nimble-stride"));
        // Out of the way, so that nothing is lit under the mouse.
        steps.add(() -> new Robot()
                .mouseMove(
                        window.stage().getX() + window.stage().getWidth() - 2,
                        window.stage().getY() + window.stage().getHeight() - 2));
        view("start", window::showStart);
        steps.add(() -> {
            window.openFromBook("Lantern Bridge, recorded");
            window.open(PageId.RECORDING);
        });
        for (int i = 0; i < READING_STEPS; i++) {
            steps.add(() -> {});
        }
        steps.add(() -> ((TextField) find("#recording-loop")).setText("2 to 3"));
        view("listen", () -> {});
        steps.add(() -> ((TextField) find("#recording-loop")).setText("all"));
        view("cross-lanes", () -> window.openFromBook("Lantern Bridge"));
        view("weave", () -> {
            window.openFromBook("Weir Steps");
            window.open(PageId.WEAVE);
            window.options().roomForWorkspaceProperty().set(true);
        });
        steps.add(() -> {
            window.options().roomForWorkspaceProperty().set(false);
            window.openFromBook("Lantern Bridge");
        });
        view("readings", () -> window.open(PageId.READINGS));
        view("place", () -> {
            window.openFromBook("Lamplighters' Walk");
            window.open(PageId.COUNTS);
        });
        view("write", () -> window.open(PageId.WRITE));
        view("variations", () -> {
            window.openFromBook("Oars in Elevens");
            window.open(PageId.VARIATIONS);
        });
        view("pivot", () -> {
            window.openFromBook("Turning the Barge");
            window.open(PageId.PIVOT);
        });
        view("sections", () -> {
            window.open(PageId.SECTIONS);
            press("#play");
        });
        steps.add(() -> press("#play"));
        practicing();
        view("sheet", () -> {
            window.openFromBook("Lantern Bridge");
            window.open(PageId.SHEET);
        });
        steps.add(() -> window.open(recorded));
        steps.add(() -> {});
        view("import", () -> {});
        steps.add(() -> press("#bring-leave"));
        view("lesson", () -> {
            window.openFromBook("Weir Steps");
            window.open(PageId.LESSON);
        });
        film();
        view("history", window::showHistory);
        steps.add(() -> press("#history-leave"));
        steps.add(() -> press("#count-stand"));
        steps.add(() -> save("stand", newest().getScene()));
        steps.add(() -> newest().hide());
        view("night", () -> {
            window.open(WorkspaceId.CROSS);
            window.openFromBook("Drifting Reeds");
            window.options().darkModeProperty().set(true);
            press("#play");
        });
        steps.add(() -> press("#play"));
        steps.add(() -> {
            window.stage().close();
            Platform.exit();
        });
        next();
    }

    /** Two bars and a half of the Road while it plays. */
    private void film() {
        Film film = new Film();
        steps.add(() -> {
            window.openFromBook("Lamplighters' Walk");
            window.open(PageId.COUNTS);
        });
        steps.add(() -> press("#play"));
        steps.add(() -> film.shoot(find(".road"), FILM, () -> press("#play")));
        for (double passed = 0; passed < 2 * FILM.toMillis(); passed += SETTLE.toMillis()) {
            steps.add(() -> {});
        }
        steps.add(() -> {
            try {
                film.write(folder.resolve("road.gif"));
            } catch (IOException e) {
                throw new UncheckedIOException("the film can't be written", e);
            }
        });
    }

    private void practicing() {
        view("today", () -> {
            window.openFromBook("Oars in Elevens");
            window.open(PageId.TODAY);
        });
        view("stages", () -> window.open(PageId.STAGES));
        steps.add(() -> {
            window.openFromBook("Lamplighters' Walk");
            window.open(PageId.PADS);
        });
        steps.add(() -> {
            choose("#stand-in", "hi-hat");
            ((TextField) find("#stand-in-rush")).setText("45");
            window.open(PageId.TIMING);
        });
        steps.add(() -> press("#tap-along"));
        for (int i = 0; i < TAPPED_STEPS; i++) {
            steps.add(() -> {});
        }
        view("timing", () -> press("#tap-along"));
    }

    private void press(String id) {
        ((ButtonBase) find(id)).fire();
    }

    private void view(String name, Runnable prepare) {
        steps.add(prepare);
        steps.add(() -> save(name));
    }

    private void next() {
        PauseTransition pause = new PauseTransition(SETTLE);
        pause.setOnFinished((ActionEvent event) -> {
            try {
                steps.remove().run();
            } catch (RuntimeException e) {
                // Ends the program, since nobody is there to close its window.
                e.printStackTrace();
                steps.clear();
                Platform.exit();
            }
            if (!steps.isEmpty()) {
                next();
            }
        });
        pause.play();
    }

    @SuppressWarnings("unchecked")
    private void choose(String id, String value) {
        ((ComboBox<String>) find(id)).setValue(value);
    }

    private Node find(String id) {
        return window.stage().getScene().getRoot().lookup(id);
    }

    /** Returns the window that was opened last. */
    private static Window newest() {
        List<Window> windows = Window.getWindows();
        return windows.get(windows.size() - 1);
    }

    private void save(String name) {
        save(name, window.stage().getScene());
    }

    private void save(String name, Scene scene) {
        try {
            ImageIO.write(
                    Snapshot.of(scene.snapshot(null)),
                    "png",
                    folder.resolve(name + ".png").toFile());
        } catch (IOException e) {
            throw new UncheckedIOException("the picture " + name + " can't be written", e);
        }
    }
}
