package nimblestride.desktop.shell;

import java.lang.reflect.AnnotatedElement;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicLong;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.desktop.failure.DefectLog;
import nimblestride.desktop.playback.AudioDevices;
import nimblestride.desktop.playback.PlaybackSettings;
import nimblestride.desktop.playback.Transport;
import nimblestride.desktop.service.PageId;
import nimblestride.desktop.ui.look.Theme;
import nimblestride.desktop.view.road.RoadView;
import nimblestride.sound.microphone.AudioInputs;
import nimblestride.sound.play.AudioOutputs;
import nimblestride.sound.play.SilentOutput;
import nimblestride.store.book.Book;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.TestInfo;
import org.junit.jupiter.api.extension.AfterTestExecutionCallback;
import org.junit.jupiter.api.extension.RegisterExtension;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxToolkit;

/**
 * The real window, started once for the tests of a class that follow each other. Before each test, it starts over with an
 * empty Book, a blank exercise, and the usual look and sound. What lies in its folder stays, as do a page's own fields; a
 * test that can't share it is marked {@link OwnStart}. After a test that fails, the next one gets a new window.
 */
abstract class SharedStart extends PatientRobot {
    /** A Wednesday, half past six in the evening. */
    static final Instant NOW = Instant.parse("2026-11-25T18:30:00Z");

    @TempDir
    static Path folders;

    private static Optional<Start> shared = Optional.empty();
    private static boolean failed;

    @RegisterExtension
    static final AfterTestExecutionCallback FAILURES =
            test -> failed = test.getExecutionException().isPresent();

    /** The program's folder. */
    protected Path home;

    protected Answers answers;
    protected AtomicLong clock;
    /** The sound card of the machine. */
    protected AudioOutputs outputs = SilentOutput::new;
    /** The microphones of the machine. */
    protected AudioInputs inputs = AudioInputs.NONE;

    protected DefectLog defects;
    protected MainWindow window;

    /** A window that is open, and what it was given. */
    private record Start(Path home, Answers answers, AtomicLong clock, DefectLog defects, MainWindow window) {}

    @BeforeAll
    static void startToolkit() throws Exception {
        FxToolkit.registerPrimaryStage();
        FxToolkit.setupFixture(Theme::use);
    }

    @BeforeEach
    void openWindow(TestInfo test) throws Exception {
        failed = true;
        if (hasItsOwn(test)) {
            leaveShared();
        }
        if (shared.isPresent()) {
            startOver(shared.get());
            return;
        }
        home = Files.createTempDirectory(folders, "home");
        answers = new Answers();
        clock = new AtomicLong(1_000_000);
        openAgain();
    }

    private static boolean hasItsOwn(TestInfo test) {
        return Stream.<Optional<? extends AnnotatedElement>>of(test.getTestMethod(), test.getTestClass())
                .flatMap(Optional::stream)
                .anyMatch(part -> part.isAnnotationPresent(OwnStart.class));
    }

    /** Returns whether the story is about the start page, which others close. */
    protected boolean isAboutTheStart() {
        return false;
    }

    protected final void openAgain() throws Exception {
        defects = new DefectLog(home.resolve("log"));
        FxToolkit.setupFixture(() -> {
            Stage stage = new Stage();
            window = new MainWindow(
                    stage,
                    StartupTasks.begin(home),
                    answers,
                    new AudioDevices(outputs, inputs),
                    Clock.fixed(NOW, ZoneOffset.UTC),
                    clock::get,
                    defects);
            stage.setX(0);
            stage.setY(0);
            window.show();
            stage.toFront();
        });
        if (!isAboutTheStart()) {
            interact(window::leaveStart);
        }
        untilFocused();
    }

    /** Waits for the focus: a key that comes before the screen has given it to the window goes nowhere. */
    private void untilFocused() throws Exception {
        again(() -> Platform.runLater(window.stage()::requestFocus), () -> window.stage()
                .isFocused());
    }

    /** Has the window that is open look and sound as after its start. */
    private void startOver(Start start) throws Exception {
        home = start.home;
        answers = start.answers;
        clock = start.clock;
        defects = start.defects;
        window = start.window;
        answers.forget();
        interact(() -> {
            window.musicStand().close();
            makeUsual(window.transport());
            makeUsual(window.options());
            window.appearance().resize(percent -> Settings.DEFAULT.percent());
            window.stage().setWidth(Settings.DEFAULT.width());
            window.stage().setHeight(Settings.DEFAULT.height());
            lookup(".road").queryAs(RoadView.class).countingSystemProperty().set(Settings.DEFAULT.counting());
            lookup("#book-search").queryTextInputControl().clear();
            window.open(PageId.LAYERS);
        });
        until(() -> window.document().savedProperty().get() || window.document().isBlank());
        interact(() -> window.document().open(ExerciseDocument.blank()));
        untilDone();
        emptyTheBook();
        untilFocused();
    }

    private static void makeUsual(Transport sound) {
        sound.stop();
        PlaybackSettings settings = sound.settings();
        settings.clickProperty().set(true);
        settings.clickingProperty().set(SoundSettings.DEFAULT.click());
        settings.countInProperty().set(SoundSettings.DEFAULT.countIn());
        settings.bandProperty().set(SoundSettings.DEFAULT.band());
        settings.mixProperty().set(SoundSettings.DEFAULT.levels());
        settings.percentProperty().set(100);
    }

    private static void makeUsual(ViewOptions options) {
        options.bookShownProperty().set(Settings.DEFAULT.bookShown());
        options.findingsShownProperty().set(Settings.DEFAULT.findingsShown());
        options.darkModeProperty().set(Settings.DEFAULT.night());
        options.reducedMotionProperty().set(Settings.DEFAULT.reducedMotion());
    }

    private void emptyTheBook() throws Exception {
        Path empty = folders.resolve("empty.book");
        if (!Files.exists(empty)) {
            Book.open(empty, OpenBook.AS_JSON).close();
        }
        interact(() -> window.book().restore(empty, () -> {}));
        untilDone();
    }

    @AfterEach
    void leaveWindow(TestInfo test) throws Exception {
        shared = Optional.of(new Start(home, answers, clock, defects, window));
        release(new KeyCode[] {});
        if (failed || hasItsOwn(test)) {
            leaveShared();
        }
    }

    @AfterAll
    static void leaveShared() throws Exception {
        if (shared.isPresent()) {
            leave(shared.get().window);
            shared = Optional.empty();
        }
    }

    protected final void closeWindow() throws Exception {
        release(new KeyCode[] {});
        leave(window);
    }

    private static void leave(MainWindow window) throws Exception {
        FxToolkit.setupFixture(() -> {
            window.close();
            window.stage().hide();
        });
    }

    /** Waits until every command that was given is done. */
    protected final void untilDone() throws Exception {
        until(() -> window.commands().runningProperty().get().isEmpty());
    }
}
