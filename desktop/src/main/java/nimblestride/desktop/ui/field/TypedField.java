package nimblestride.desktop.ui.field;

import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.css.PseudoClass;
import javafx.event.ActionEvent;
import javafx.scene.Node;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.VBox;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.language.text.TextException;

/**
 * A text field for a value in the typed language. It takes text it can read at once. Text it can't read stays as
 * typed, with what is wrong beside it, and the last good value stays in effect; Escape brings it back.
 */
public final class TypedField<T> extends VBox {
    private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");

    private final TextEntry entry;
    private final FieldError problem;
    private final Function<String, T> reader;
    private final Function<T, String> writer;
    private final Consumer<T> taken;
    private final Runnable done;
    private T last;
    private boolean showing;

    /**
     * @param reader throws a {@link StrideException} whose message is shown
     * @param taken gets each new value
     * @param done runs when typing here is over
     */
    public TypedField(Function<String, T> reader, Function<T, String> writer, Consumer<T> taken, Runnable done) {
        this(TextEntry.of(new TextField()), reader, writer, taken, done);
        field().setOnAction(event -> finish());
    }

    /**
     * Makes a field with room for many lines.
     *
     * @param area where they are typed
     * @param reader throws a {@link StrideException} whose message is shown
     * @param taken gets each new value
     * @param done runs when typing here is over
     */
    public static <T> TypedField<T> ofLines(
            LinesArea area, Function<String, T> reader, Function<T, String> writer, Consumer<T> taken, Runnable done) {
        return new TypedField<>(TextEntry.of(area), reader, writer, taken, done);
    }

    private TypedField(
            TextEntry entry, Function<String, T> reader, Function<T, String> writer, Consumer<T> taken, Runnable done) {
        this.entry = entry;
        this.problem = new FieldError(entry.control());
        this.reader = reader;
        this.writer = writer;
        this.taken = taken;
        this.done = done;
        getStyleClass().add("typed-field");
        getChildren().setAll(entry.shown(), problem);
        entry.textProperty().addListener((property, old, text) -> typed(text));
        entry.control().focusedProperty().addListener((property, was, focused) -> {
            if (!focused) {
                finish();
            }
        });
    }

    /** Returns the text field itself, for its name, prompt, and size; it has one line. */
    public TextField field() {
        return (TextField) entry.control();
    }

    /** Returns whether the text can't be read, so that the value in effect is an earlier one. */
    public boolean isWrong() {
        return problem.isShown();
    }

    /** Runs something when Enter ends what is typed here, if it can be read. */
    public void onEnter(Runnable then) {
        field().addEventHandler(ActionEvent.ACTION, event -> {
            if (!isWrong()) {
                then.run();
            }
        });
    }

    /** Returns whether a node is what is typed into in a typed field. */
    public static boolean holds(Node node) {
        return around(node).isPresent();
    }

    /**
     * Restores the last good text of a field whose text can't be read.
     *
     * @param node typed into
     * @return whether there was anything to restore
     */
    public static boolean restoreWrongText(Node node) {
        Optional<TypedField<?>> wrong = around(node).filter(typed -> typed.problem.isShown());
        wrong.ifPresent(TypedField::restore);
        return wrong.isPresent();
    }

    private static Optional<TypedField<?>> around(Node node) {
        for (Node at = node; at != null; at = at.getParent()) {
            if (at instanceof TypedField<?> typed) {
                return typed.entry.control() == node ? Optional.of(typed) : Optional.empty();
            }
        }
        return Optional.empty();
    }

    /** Moves the focus on, or back, as Tab does where it types nothing. */
    public void leave(boolean back) {
        // The key is pressed beside the text, so that it does not go into it again.
        Node beside = back ? this : problem;
        beside.fireEvent(new KeyEvent(KeyEvent.KEY_PRESSED, "", "", KeyCode.TAB, back, false, false, false));
    }

    /** Clears the field: its text has been used. */
    public void clear() {
        showing = true;
        entry.replacing().accept("");
        last = null;
        showing = false;
        clearProblem();
    }

    /** Returns the value in effect: the last one shown or taken, whatever is being typed. Null before the first one. */
    public T value() {
        return last;
    }

    /** Shows a value that comes from elsewhere; text that stands for it already stays as typed. */
    public void show(T value) {
        if (value.equals(last)) {
            return;
        }
        last = value;
        if (!read(entry.textProperty().getValue()).filter(value::equals).isPresent()) {
            restore();
        }
    }

    /** Prints the value again where it reads differently now, unless the user is typing. */
    public void rewrite() {
        if (!entry.control().isFocused() && last != null) {
            restore();
        }
    }

    private void restore() {
        showing = true;
        entry.replacing().accept(writer.apply(last));
        if (entry.control().isFocused()) {
            entry.goToEnd().run();
        } else {
            entry.goHome().run();
        }
        showing = false;
        clearProblem();
    }

    private void typed(String text) {
        if (showing) {
            return;
        }
        try {
            T value = reader.apply(text);
            clearProblem();
            if (!value.equals(last)) {
                take(value);
            }
        } catch (StrideException e) {
            showProblem(e instanceof TextException unread ? unread.description() : e.getMessage());
        }
    }

    /** Takes a value; if it is valid but can't be used here, the last one stays in effect. */
    private void take(T value) {
        T before = last;
        last = value;
        try {
            taken.accept(value);
        } catch (StrideException e) {
            last = before;
            throw e;
        }
    }

    private Optional<T> read(String text) {
        try {
            return Optional.of(reader.apply(text));
        } catch (StrideException e) {
            return Optional.empty();
        }
    }

    private void finish() {
        if (last != null
                && read(entry.textProperty().getValue()).filter(last::equals).isPresent()) {
            restore();
        }
        done.run();
    }

    private void showProblem(String text) {
        problem.show(text);
        entry.control().pseudoClassStateChanged(WRONG, true);
    }

    private void clearProblem() {
        problem.clear();
        entry.control().pseudoClassStateChanged(WRONG, false);
    }
}
