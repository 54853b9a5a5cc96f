package nimblestride.store.book;

import java.time.LocalDateTime;
import java.util.UUID;

/**
 * Something that was removed from the Book and waits to be brought back.
 *
 * @param number that the Book knows it by
 * @param id it had, and has again once it is back
 */
public record RemovedItem(long number, Kind kind, UUID id, String name, LocalDateTime removed) {
    /** What can be removed. */
    public enum Kind {
        EXERCISE("exercise"),
        COLLECTION("collection"),
        STUDENT("student"),
        ASSIGNMENT("assignment"),
        LOG_ENTRY("log line");

        private final String title;

        Kind(String title) {
            this.title = title;
        }

        /** Returns its name, such as {@code log line}. */
        public String title() {
            return title;
        }
    }
}
