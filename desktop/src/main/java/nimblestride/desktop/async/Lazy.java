package nimblestride.desktop.async;

import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;

/** A value that is made when it is first needed, so that a window does not wait for what nobody looks at yet. */
public final class Lazy<T> {
    private final Supplier<T> making;
    private Optional<T> made = Optional.empty();

    /** @param making makes the value */
    public Lazy(Supplier<T> making) {
        this.making = making;
    }

    /** Returns the value, and makes it the first time. */
    public T get() {
        if (made.isEmpty()) {
            made = Optional.of(making.get());
        }
        return made.get();
    }

    /** Does something with the value, if it has been made. */
    public void ifMade(Consumer<? super T> doing) {
        made.ifPresent(doing);
    }
}
