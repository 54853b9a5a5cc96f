package nimblestride.desktop.ui.control;

import java.util.function.Function;
import javafx.util.StringConverter;

/** Returns the titles of things in a list. They are chosen, never typed. */
public final class TitleConverter<T> extends StringConverter<T> {
    private final Function<T, String> title;

    public TitleConverter(Function<T, String> title) {
        this.title = title;
    }

    @Override
    public String toString(T value) {
        return value == null ? "" : title.apply(value);
    }

    @Override
    public T fromString(String typed) {
        throw new IllegalStateException("choose from the list");
    }
}
