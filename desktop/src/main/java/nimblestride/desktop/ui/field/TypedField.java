package nimblestride.desktop.ui.field;

import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.css.PseudoClass;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.layout.VBox;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.language.text.TextException;

/**
 * A text field for a value in the typed language. It takes text it can read at once. Text it can't read stays as
 * typed, with what is wrong beside it, and the last good value stays in effect; Escape brings it back.
 */
public final class TypedField<T> extends VBox {
    private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");

    private final TextInputControl field;
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
        this(new TextField(), reader, writer, taken, done);
        field().setOnAction(event -> finish());
    }

    /**
     * Makes a field with room for many lines.
     *
     * @param reader throws a {@link StrideException} whose message is shown
     * @param taken gets each new value
     * @param done runs when typing here is over
     */
    public static <T> TypedField<T> ofLines(
            Function<String, T> reader, Function<T, String> writer, Consumer<T> taken, Runnable done) {
        return new TypedField<>(new TextArea(), reader, writer, taken, done);
    }

    private TypedField(
            TextInputControl field,
            Function<String, T> reader,
            Function<T, String> writer,
            Consumer<T> taken,
            Runnable done) {
        this.field = field;
        this.problem = new FieldError(field);
        this.reader = reader;
        this.writer = writer;
        this.taken = taken;
        this.done = done;
        getStyleClass().add("typed-field");
        getChildren().setAll(field, problem);
        field.textProperty().addListener((property, old, text) -> typed(text));
        field.focusedProperty().addListener((property, was, focused) -> {
            if (!focused) {
                finish();
            }
        });
    }

    /** Returns the control with the text. */
    public TextInputControl input() {
        return field;
    }

    /** Returns the text field itself, for its name, prompt, and size; it has one line. */
    public TextField field() {
        return (TextField) field;
    }

    /** Returns whether a text field belongs to a typed field. */
    public static boolean holds(TextInputControl field) {
        return field.getParent() instanceof TypedField<?>;
    }

    /**
     * Restores the last good text of a field whose text can't be read.
     *
     * @return whether there was anything to restore
     */
    public static boolean restoreWrongText(TextInputControl field) {
        if (field.getParent() instanceof TypedField<?> typed && typed.problem.isShown()) {
            typed.restore();
            return true;
        }
        return false;
    }

    /** Clears the field: its text has been used. */
    public void clear() {
        showing = true;
        field.clear();
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
        if (!read(field.getText()).filter(value::equals).isPresent()) {
            restore();
        }
    }

    /** Prints the value again where it reads differently now, unless the user is typing. */
    public void rewrite() {
        if (!field.isFocused() && last != null) {
            restore();
        }
    }

    private void restore() {
        showing = true;
        field.setText(writer.apply(last));
        if (field.isFocused()) {
            field.end();
        } else {
            field.home();
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
        if (last != null && read(field.getText()).filter(last::equals).isPresent()) {
            restore();
        }
        done.run();
    }

    private void showProblem(String text) {
        problem.show(text);
        field.pseudoClassStateChanged(WRONG, true);
    }

    private void clearProblem() {
        problem.clear();
        field.pseudoClassStateChanged(WRONG, false);
    }
}
