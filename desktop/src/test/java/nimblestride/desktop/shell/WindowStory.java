package nimblestride.desktop.shell;

import static org.testfx.util.WaitForAsyncUtils.waitFor;

import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;
import java.util.stream.Stream;
import javafx.application.Platform;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.css.PseudoClass;
import javafx.geometry.Bounds;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;
import javafx.scene.text.Text;
import javafx.stage.PopupWindow;
import javafx.stage.Stage;
import javafx.stage.Window;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.text.Examples;
import nimblestride.desktop.OnStage;
import nimblestride.desktop.failure.DefectLog;
import nimblestride.desktop.playback.AudioDevices;
import nimblestride.desktop.service.Dialogs;
import nimblestride.desktop.service.PageId;
import nimblestride.desktop.ui.look.Theme;
import nimblestride.sound.microphone.AudioInputs;
import nimblestride.sound.play.AudioOutputs;
import nimblestride.sound.play.SilentOutput;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;
import org.testfx.api.FxToolkit;
import org.testfx.robot.Motion;
import org.testfx.service.query.PointQuery;
import org.testfx.util.WaitForAsyncUtils;

/** The real window in a folder of its own, and what is done to it again and again. */
abstract class WindowStory extends FxRobot {
    @TempDir
    protected Path home;

    /** A Wednesday, half past six in the evening. */
    static final Instant NOW = Instant.parse("2026-11-25T18:30:00Z");

    protected final Answers answers = new Answers();
    protected final AtomicLong clock = new AtomicLong(1_000_000);
    /** The sound card of the machine. */
    protected AudioOutputs outputs = SilentOutput::new;
    /** The microphones of the machine. */
    protected AudioInputs inputs = AudioInputs.NONE;

    protected DefectLog defects;
    protected MainWindow window;

    /** Answers that a user gives in dialogs. */
    static final class Answers implements Dialogs {
        final Deque<Path> open = new ArrayDeque<>();
        final Deque<Path> save = new ArrayDeque<>();
        final ObjectProperty<Path> folder =
                new SimpleObjectProperty<>(Path.of("").toAbsolutePath());
        final Deque<String> lines = new ArrayDeque<>();
        final Deque<Integer> choices = new ArrayDeque<>();
        boolean sure = true;
        final List<String> told = new ArrayList<>();

        @Override
        public Optional<Path> fileToOpen(List<String> endings) {
            return Optional.ofNullable(open.poll());
        }

        @Override
        public Optional<Path> folderToOpen() {
            return Optional.ofNullable(open.poll());
        }

        @Override
        public Optional<Path> fileToSave(String suggested) {
            return Optional.ofNullable(save.poll());
        }

        @Override
        public Optional<Path> fileToSave(String suggested, Path folder) {
            return Optional.ofNullable(save.poll());
        }

        @Override
        public ObjectProperty<Path> folderProperty() {
            return folder;
        }

        @Override
        public boolean confirm(String title, String text, String yes) {
            told.add(title + ": " + text);
            return sure;
        }

        @Override
        public Optional<String> askLine(String title, String what, String first) {
            return Optional.ofNullable(lines.poll());
        }

        @Override
        public Optional<Integer> choose(String title, String what, List<String> from) {
            return Optional.ofNullable(choices.poll());
        }

        @Override
        public void showError(String title, String text) {
            told.add(title + ": " + text);
        }

        @Override
        public void showText(String title, String text) {
            told.add(title + ": " + text);
        }
    }

    @BeforeAll
    static void startToolkit() throws Exception {
        FxToolkit.registerPrimaryStage();
        FxToolkit.setupFixture(Theme::use);
    }

    @BeforeEach
    void openWindow() throws Exception {
        openAgain();
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
        // A key that comes before the screen has given the window its focus goes nowhere.
        again(() -> Platform.runLater(window.stage()::requestFocus), () -> window.stage()
                .isFocused());
    }

    @AfterEach
    void closeWindow() throws Exception {
        release(new KeyCode[] {});
        FxToolkit.setupFixture(() -> {
            window.close();
            window.stage().hide();
        });
    }

    /** Waits for something that is sure to come; how long it takes is no matter of these tests. */
    protected final void until(Callable<Boolean> condition) throws Exception {
        waitFor(60, TimeUnit.SECONDS, () -> asked(condition));
    }

    /** Clicks where a text is shown, if it is, even if a list is rebuilt meanwhile. */
    protected final void clickWhereShown(String text) {
        AtomicReference<Bounds> shown = new AtomicReference<>();
        interact(() -> lookup(text)
                .tryQuery()
                .map(node -> node.localToScreen(node.getBoundsInLocal()))
                .ifPresent(shown::set));
        if (shown.get() != null) {
            clickOn(shown.get());
        }
    }

    /** Does something again and again, from the test's own thread as a hand would, until what is awaited is there. */
    protected final void again(Runnable act, Callable<Boolean> condition) throws Exception {
        waitFor(60, TimeUnit.SECONDS, () -> {
            act.run();
            return asked(condition);
        });
    }

    /** Waits until every command that was given is done. */
    protected final void untilDone() throws Exception {
        until(() -> window.commands().runningProperty().get().isEmpty());
    }

    /** Clicks where things are once they are laid out, and not where they were before what came last. */
    @Override
    public FxRobot clickOn(PointQuery place, Motion motion, MouseButton... buttons) {
        OnStage.frames(1);
        return super.clickOn(place, motion, buttons);
    }

    /** Has a button do what it does, once it is there, wherever it is scrolled to. */
    protected final void fire(String button) throws Exception {
        until(() -> lookup(button).tryQuery().isPresent());
        interact(() -> lookup(button).queryAs(ButtonBase.class).fire());
    }

    /** Chooses from a drop-down list. */
    protected final void choose(String list, int index) {
        interact(() -> lookup(list).<ComboBox<?>>query().getSelectionModel().select(index));
    }

    /** Asked on the interface thread: what is looked at must not change meanwhile. */
    private static <T> T asked(Callable<T> question) throws Exception {
        return Platform.isFxApplicationThread()
                ? question.call()
                : WaitForAsyncUtils.asyncFx(question).get(60, TimeUnit.SECONDS);
    }

    protected final Exercise exercise() {
        return window.document().exerciseProperty().get();
    }

    /** Waits until the Book has what is open. */
    protected final void untilKept() throws Exception {
        until(() -> window.document().savedProperty().get()
                && window.document()
                        .inBookProperty()
                        .get()
                        .filter(here -> here.revision() > 0)
                        .isPresent());
    }

    /** Opens an exercise, and waits until its analysis is there. */
    protected final void lay(Exercise exercise) throws Exception {
        interact(() -> window.document().edit(now -> exercise));
        until(() -> window.document().analyzedProperty().get().exercise().equals(exercise()));
    }

    protected final void lay(String bars, String... layers) throws Exception {
        lay(Examples.exercise(bars, layers).withName("Ferry Steps"));
    }

    /** Selects a row of a list of sentences, so that its controls appear. */
    protected final void select(String row) throws Exception {
        until(() -> lookup(row).tryQuery().isPresent());
        interact(() -> lookup(row).query().requestFocus());
        until(() -> lookup(row).query().getPseudoClassStates().contains(PseudoClass.getPseudoClass("chosen")));
    }

    protected final void retype(String field, String text) throws Exception {
        again(() -> clickOn(field), () -> lookup(field).query().isFocused());
        press(KeyCode.SHORTCUT, KeyCode.A).release(KeyCode.A, KeyCode.SHORTCUT);
        write(text);
    }

    /** Types into a field that may be scrolled out of sight. */
    protected final void retypeFocused(String field, String text) {
        interact(() -> lookup(field).query().requestFocus());
        press(KeyCode.SHORTCUT, KeyCode.A).release(KeyCode.A, KeyCode.SHORTCUT);
        write(text);
    }

    protected final void chord(KeyCode... keys) {
        press(keys);
        // The letter first: a key that repeats must not do so without Ctrl.
        for (int i = keys.length - 1; i >= 0; i--) {
            release(keys[i]);
        }
    }

    /** Whether a text stands in the window, or in a note that hangs in it. */
    protected final boolean shows(String text) throws Exception {
        return asked(() -> Stream.concat(
                        Stream.concat(root().lookupAll(".label").stream(), root().lookupAll(".words").stream()),
                        Window.getWindows().stream()
                                .filter(PopupWindow.class::isInstance)
                                .flatMap(note -> note.getScene().getRoot().lookupAll(".tooltip").stream()))
                .map(WindowStory::written)
                .anyMatch(shown -> shown.contains(text)));
    }

    private static String written(Node node) {
        return node instanceof Label label ? label.getText() : node instanceof Text words ? words.getText() : "";
    }

    /** Returns the error about what was typed, under a field or in a note that hangs from it. */
    protected final List<String> problems() {
        return lookup(".problem").queryAll().stream()
                .filter(Label.class::isInstance)
                .filter(Node::isVisible)
                .map(label -> ((Labeled) label).getText())
                .toList();
    }

    /** Shows every page of every workspace, one after the other, and says which one it is. */
    protected final void onEveryPage(Consumer<String> doing) throws Exception {
        for (PageId page : PageId.values()) {
            interact(() -> window.open(page));
            // What a page works out in the background comes some frames later.
            OnStage.frames(6);
            interact(() -> {
                root().applyCss();
                root().layout();
                doing.accept(page.workspace().title() + " > " + page.title());
            });
        }
    }

    protected final Parent root() {
        return window.stage().getScene().getRoot();
    }

    protected final String text(String field) {
        return lookup(field).queryAs(TextField.class).getText();
    }
}
