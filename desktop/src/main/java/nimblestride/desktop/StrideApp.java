package nimblestride.desktop;

import atlantafx.base.theme.PrimerLight;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.application.Application;
import javafx.scene.image.Image;
import javafx.stage.Stage;
import net.harawata.appdirs.AppDirsFactory;
import nimblestride.desktop.book.SampleBook;
import nimblestride.desktop.book.SampleRehearsal;
import nimblestride.desktop.window.MainWindow;
import nimblestride.sound.play.SoundCards;

/**
 * Starts the program: on the user's Book, with {@code --demo} on a fresh copy of the sample Book, with {@code --shots
 * DIR} only to take its picture. Anything else is a file to open.
 */
public final class StrideApp extends Application {
    private MainWindow window;
    private Optional<Path> copy = Optional.empty();

    public static void main(String[] args) {
        launch(StrideApp.class, args);
    }

    @Override
    public void start(Stage stage) throws IOException {
        setUserAgentStylesheet(new PrimerLight().getUserAgentStylesheet());
        Clock clock = Clock.system(ZoneId.systemDefault());
        List<String> arguments = getParameters().getRaw();
        boolean shots = arguments.contains("--shots");
        boolean demo = shots || arguments.contains("--demo");
        Path home = demo ? Files.createTempDirectory("nimble-stride-demo") : userHome();
        copy = demo ? Optional.of(home) : Optional.empty();
        boolean firstStart = !demo && !Files.exists(home.resolve(MainWindow.BOOK));
        if (demo) {
            SampleBook.make(home.resolve(MainWindow.BOOK), LocalDate.now(clock));
            SampleRehearsal.write(home);
        }
        Optional<Path> first = arguments.stream()
                .filter(argument -> !demo && !argument.startsWith("--"))
                .map(Path::of)
                .map(Path::toAbsolutePath)
                .findFirst();
        window = new MainWindow(stage, home, Optional.empty(), new SoundCards(), clock, System::nanoTime);
        Thread.currentThread().setUncaughtExceptionHandler((thread, problem) -> {
            problem.printStackTrace();
            window.tell("Something went wrong (" + problem + "). Your work is kept as it was before.");
        });
        stage.getIcons().add(new Image(StrideApp.class.getResourceAsStream("look/icon.png")));
        window.show();
        if (demo) {
            window.openFromBook(SampleBook.FIRST);
        }
        first.ifPresentOrElse(window::open, () -> {
            if (firstStart) {
                window.showHelp();
            }
        });
        if (shots) {
            Path folder = Path.of(arguments.get(arguments.indexOf("--shots") + 1));
            new Shots(window, folder).take();
        }
    }

    /** Where the program keeps what is the user's; {@code NIMBLE_STRIDE_HOME} names another place. */
    private static Path userHome() {
        String named = System.getenv("NIMBLE_STRIDE_HOME");
        return Path.of(
                named != null && !named.isBlank()
                        ? named
                        : AppDirsFactory.getInstance().getUserDataDir("nimble-stride", null, null));
    }

    @Override
    public void stop() {
        window.close();
        copy.ifPresent(StrideApp::remove);
    }

    /** The copy of the sample Book goes with its window. */
    private static void remove(Path folder) {
        try (Stream<Path> files = Files.walk(folder)) {
            files.sorted(Comparator.reverseOrder())
                    .forEach(file -> file.toFile().delete());
        } catch (IOException e) {
            // A folder of temporary files that stays behind does no harm.
            System.err.println("stride: " + folder + " could not be removed");
        }
    }
}
