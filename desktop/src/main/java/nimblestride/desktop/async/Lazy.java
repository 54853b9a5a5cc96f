package nimblestride.desktop.async;

import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;

/** Something that is made when it is first needed, so that a window does not wait for what nobody looks at yet. */
public final class Lazy<T> {
    private final Supplier<T> making;
    private Optional<T> made = Optional.empty();

    public Lazy(Supplier<T> making) {
        this.making = making;
    }

    /** The thing itself, made now where it has not been before. */
    public T get() {
        if (made.isEmpty()) {
            made = Optional.of(making.get());
        }
        return made.get();
    }

    /** Does something with it, where it is there yet. */
    public void ifMade(Consumer<? super T> doing) {
        made.ifPresent(doing);
    }
}
