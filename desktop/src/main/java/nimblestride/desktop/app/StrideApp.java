package nimblestride.desktop.app;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Comparator;
import java.util.stream.Stream;
import javafx.application.Application;
import javafx.scene.image.Image;
import javafx.stage.Stage;
import nimblestride.desktop.document.sample.SampleBook;
import nimblestride.desktop.playback.AudioDevices;
import nimblestride.desktop.shell.MainWindow;
import nimblestride.desktop.shell.WindowDialogs;
import nimblestride.desktop.ui.look.Theme;
import nimblestride.sound.microphone.Microphones;
import nimblestride.sound.play.SoundCards;

/** The program with its one window. */
public final class StrideApp extends Application {
    /** Set before the toolkit creates this object. */
    static LaunchOptions start;

    private MainWindow window;

    @Override
    public void start(Stage stage) throws IOException {
        Theme.use();
        window = new MainWindow(
                stage,
                start.ahead(),
                new WindowDialogs(stage, start.ahead().home()),
                new AudioDevices(new SoundCards(), new Microphones()),
                start.clock(),
                System::nanoTime,
                start.defects());
        // Also removes the copy when the program is killed.
        start.copy().ifPresent(folder -> Runtime.getRuntime()
                .addShutdownHook(new Thread(() -> remove(folder), "removing the sample Book")));
        stage.getIcons().add(new Image(StrideApp.class.getResourceAsStream("/nimblestride/desktop/ui/look/icon.png")));
        window.show();
        if (start.copy().isPresent()) {
            window.openFromBook(SampleBook.FIRST);
        }
        start.file().ifPresent(window::open);
        if (start.shots().isPresent()) {
            new Screenshots(window, start.shots().get()).take();
        }
    }

    @Override
    public void stop() {
        window.close();
        start.defects().close();
    }

    /** Removes the copy of the sample Book. */
    private static void remove(Path folder) {
        try (Stream<Path> files = Files.walk(folder)) {
            files.sorted(Comparator.reverseOrder())
                    .forEach(file -> file.toFile().delete());
        } catch (IOException e) {
            // A temporary folder left behind does no harm.
            System.err.println("stride: " + folder + " can't be removed");
        }
    }
}
