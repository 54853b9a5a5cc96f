package nimblestride.benchmarks;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.ExecutionException;
import java.util.function.Function;
import javafx.application.Platform;
import javafx.event.Event;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.stage.Stage;
import nimblestride.desktop.document.sample.SampleBook;
import nimblestride.desktop.failure.DefectLog;
import nimblestride.desktop.playback.AudioDevices;
import nimblestride.desktop.service.Dialogs;
import nimblestride.desktop.shell.MainWindow;
import nimblestride.desktop.shell.StartupTasks;
import nimblestride.desktop.shell.WindowDialogs;
import nimblestride.sound.microphone.AudioInputs;
import nimblestride.sound.play.SilentOutput;

/** The real window on a screen, in a folder of its own, and how a measure acts in it. */
final class Screen {
    private final MainWindow window;
    private final Path home;

    private Screen(MainWindow window, Path home) {
        this.window = window;
        this.home = home;
    }

    /** What is measured on a screen. */
    interface Measuring {
        void measure() throws Exception;
    }

    /** Starts the toolkit, measures, and ends the program whatever came of it. */
    static void measure(Measuring measuring) throws Exception {
        Platform.startup(() -> Platform.setImplicitExit(false));
        try {
            measuring.measure();
        } catch (Exception | Error e) {
            // The exit would be first, and nobody would hear of it.
            e.printStackTrace();
            System.exit(1);
        }
        System.exit(0);
    }

    /** Opens the window on a fresh sample Book. */
    static Screen onSampleBook() throws Exception {
        return onSampleBook(stage -> new WindowDialogs(stage, Path.of(System.getProperty("java.io.tmpdir"))));
    }

    /** Opens the window on a fresh sample Book, with other dialogs. */
    static Screen onSampleBook(Function<Stage, Dialogs> dialogs) throws Exception {
        Path home = Files.createTempDirectory("stride-measure");
        SampleBook.make(home.resolve(StartupTasks.BOOK), LocalDate.now(Clock.systemDefaultZone()));
        return on(home, dialogs);
    }

    /** Opens the window on a folder as it is. */
    static Screen on(Path home) throws Exception {
        return on(home, stage -> new WindowDialogs(stage, home));
    }

    private static Screen on(Path home, Function<Stage, Dialogs> dialogs) throws Exception {
        CompletableFuture<MainWindow> opened = new CompletableFuture<>();
        act(() -> {
            Stage stage = new Stage();
            MainWindow window = new MainWindow(
                    stage,
                    StartupTasks.begin(home),
                    dialogs.apply(stage),
                    new AudioDevices(SilentOutput::new, AudioInputs.NONE),
                    Clock.systemDefaultZone(),
                    System::nanoTime,
                    new DefectLog(Path.of(System.getProperty("java.io.tmpdir"), "nimble-stride-log")));
            window.show();
            opened.complete(window);
        });
        return new Screen(opened.get(), home);
    }

    /** Does something on the interface thread; it is done when this returns. */
    static void act(Runnable action) throws IOException, InterruptedException {
        CompletableFuture<Void> done = new CompletableFuture<>();
        Platform.runLater(() -> {
            try {
                action.run();
                done.complete(null);
            } catch (RuntimeException | Error e) {
                done.completeExceptionally(e);
            }
        });
        try {
            done.get();
        } catch (ExecutionException e) {
            throw new IOException("what was done in the window failed", e.getCause());
        }
    }

    MainWindow window() {
        return window;
    }

    /** Returns the file of the window's Book. */
    Path book() {
        return home.resolve(StartupTasks.BOOK);
    }

    Scene scene() {
        return window.stage().getScene();
    }

    Node find(String selector) {
        return scene().getRoot().lookup(selector);
    }

    /** Presses Space on the Road. */
    void playOrStop() {
        Node road = find(".road");
        road.requestFocus();
        Event.fireEvent(road, new KeyEvent(KeyEvent.KEY_PRESSED, " ", "", KeyCode.SPACE, false, false, false, false));
    }

    void close() throws Exception {
        act(() -> {
            window.close();
            window.stage().hide();
        });
    }
}
