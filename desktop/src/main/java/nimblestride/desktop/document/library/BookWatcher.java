package nimblestride.desktop.document.library;

import java.util.Optional;
import java.util.function.Supplier;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.util.Duration;
import nimblestride.desktop.async.LatestOnly;
import nimblestride.store.book.Book;

/** Checks every two seconds whether another window has changed the Book, restored one, or taken its file away. */
final class BookWatcher implements AutoCloseable {
    private static final Duration BETWEEN_LOOKS = Duration.seconds(2);
    private static final long OUT_OF_PLACE = -1;

    private final Supplier<Optional<Book>> book;
    private final Runnable changed;
    private final Runnable outOfPlace;
    private final LatestOnly looking = new LatestOnly("watching the Book");
    private final Timeline looks = new Timeline(new KeyFrame(BETWEEN_LOOKS, event -> look()));
    private long seen;

    /**
     * @param book returns the Book that is open now
     * @param changed runs on the interface thread when somebody else has changed it
     * @param outOfPlace runs there when its file was moved, removed, or replaced
     */
    BookWatcher(Supplier<Optional<Book>> book, Runnable changed, Runnable outOfPlace) {
        this.book = book;
        this.changed = changed;
        this.outOfPlace = outOfPlace;
        looks.setCycleCount(Animation.INDEFINITE);
        looks.play();
    }

    /** Starts with a Book as it is now. */
    void begin(Book opened) {
        seen = opened.changesOfOthers();
    }

    private void look() {
        book.get()
                .ifPresent(open -> looking.ask(
                        () -> open.isInPlace() ? open.changesOfOthers() : OUT_OF_PLACE, found -> found(open, found)));
    }

    private void found(Book open, long changes) {
        if (!book.get().equals(Optional.of(open))) {
            return;
        }
        if (changes == seen) {
            return;
        }
        seen = changes;
        if (changes == OUT_OF_PLACE) {
            outOfPlace.run();
        } else {
            changed.run();
        }
    }

    @Override
    public void close() {
        looks.stop();
        looking.close();
    }
}
