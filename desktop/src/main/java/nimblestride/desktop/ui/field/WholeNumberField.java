package nimblestride.desktop.ui.field;

import java.util.Locale;
import java.util.function.Function;
import java.util.function.IntConsumer;
import nimblestride.core.foundation.failure.InvalidValueException;

/** Makes fields for whole numbers. */
public final class WholeNumberField {
    private WholeNumberField() {}

    /**
     * Returns a reader of numbers within limits.
     *
     * @param what the number is: {@code percent}
     */
    public static Function<String, Integer> reader(int least, int most, String what) {
        return text -> {
            try {
                int number = Integer.parseInt(text.strip().replace("\u2212", "-"));
                if (number >= least && number <= most) {
                    return number;
                }
            } catch (NumberFormatException e) {
                // The same is expected.
            }
            throw new InvalidValueException(String.format(
                    Locale.ROOT,
                    "I can't read \"%4$s\". Type %1$s from %2$,d to %3$,d",
                    what,
                    least,
                    most,
                    text.strip()));
        };
    }

    /**
     * Makes a field.
     *
     * @param id to find it by
     * @param what the number is, for its error and for a screen reader
     */
    public static TypedField<Integer> field(
            String id, String what, int least, int most, double width, IntConsumer taken) {
        TypedField<Integer> field =
                new TypedField<>(reader(least, most, what), String::valueOf, taken::accept, () -> {});
        field.field().setId(id);
        field.field().setAccessibleText(what + ", from " + least + " to " + most);
        field.setPrefWidth(width);
        field.setMinWidth(width);
        return field;
    }
}
