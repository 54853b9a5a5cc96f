package nimblestride.desktop.ui.field;

import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Function;
import javafx.css.PseudoClass;
import javafx.scene.control.TextField;
import javafx.scene.layout.VBox;
import nimblestride.core.foundation.failure.StrideException;

/**
 * A line of typed text that stands for a value. Text that makes sense is taken at once; text that does not is kept as it
 * is, with what is wrong told beside it, and the last good value stays, to be put back by Escape.
 */
public final class TypedField<T> extends VBox {
    private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");

    private final TextField field = new TextField();
    private final FieldError problem = new FieldError(field);
    private final Function<String, T> reader;
    private final Function<T, String> writer;
    private final Consumer<T> taken;
    private final Runnable done;
    private T last;
    private boolean showing;

    /**
     * @param reader throws a {@link StrideException} whose message is shown where text makes no sense
     * @param taken is given each new value
     * @param done is called when typing here is over
     */
    public TypedField(Function<String, T> reader, Function<T, String> writer, Consumer<T> taken, Runnable done) {
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
        field.setOnAction(event -> finish());
    }

    /** The text field itself, for its name, prompt and size. */
    public TextField field() {
        return field;
    }

    /** Whether a text field belongs to one of these. */
    public static boolean holds(TextField field) {
        return field.getParent() instanceof TypedField<?>;
    }

    /**
     * Puts the last good text back into a field whose text makes no sense.
     *
     * @return whether there was anything to put back
     */
    public static boolean restoreWrongText(TextField field) {
        if (field.getParent() instanceof TypedField<?> typed && typed.problem.isShown()) {
            typed.restore();
            return true;
        }
        return false;
    }

    /** Empties it: what stood there has been used. */
    public void clear() {
        showing = true;
        field.clear();
        last = null;
        showing = false;
        setProblem(Optional.empty());
    }

    /** Returns the value in effect: the last one shown or taken, whatever is being typed. Null before the first one. */
    public T value() {
        return last;
    }

    /** Shows a value that has come about elsewhere; text that stands for it already is left as it was typed. */
    public void show(T value) {
        if (value.equals(last)) {
            return;
        }
        last = value;
        if (!read(field.getText()).filter(value::equals).isPresent()) {
            restore();
        }
    }

    /** Writes the value anew where it reads otherwise now, unless it is just being typed. */
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
        setProblem(Optional.empty());
    }

    private void typed(String text) {
        if (showing) {
            return;
        }
        try {
            T value = reader.apply(text);
            setProblem(Optional.empty());
            if (!value.equals(last)) {
                take(value);
            }
        } catch (StrideException e) {
            setProblem(Optional.of(e.getMessage()));
        }
    }

    /** Where a value makes sense, but not here, the one before stays in effect, and in the field's memory. */
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

    private void setProblem(Optional<String> text) {
        problem.show(text);
        field.pseudoClassStateChanged(WRONG, text.isPresent());
    }
}
