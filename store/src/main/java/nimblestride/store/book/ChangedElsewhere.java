package nimblestride.store.book;

/** An exercise that is not as it was when it was read: another window has changed it, or taken it out. */
public final class ChangedElsewhere extends RuntimeException {
    private static final long serialVersionUID = 1L;

    ChangedElsewhere(String message) {
        super(message);
    }
}
