package nimblestride.store.book;

import java.util.Optional;
import java.util.UUID;
import nimblestride.store.database.BookFile;

/** What the user has chosen for the whole Book, and for the sheets of its exercises. */
public final class BookSettings {
    private static final String KIT = "kit";
    private static final String SHEET = "sheet";
    private static final String SHEET_OF = "sheet of ";

    private final BookFile file;

    BookSettings(BookFile file) {
        this.file = file;
    }

    /** Returns the name of the kit on which exercises are heard that name none; empty for the one that ships. */
    public Optional<String> kit() {
        return value(KIT);
    }

    /** Chooses a kit for the whole Book. */
    public void useKit(String name) {
        set(KIT, name);
    }

    /** Returns what is usual on the sheets of the Book, as text; empty where nothing was chosen yet. */
    public Optional<String> sheet() {
        return value(SHEET);
    }

    /** Returns what was chosen for the sheet of an exercise, as text; empty where it has what is usual. */
    public Optional<String> sheet(UUID exercise) {
        return value(SHEET_OF + exercise);
    }

    /** Keeps what was chosen for the sheet of an exercise. */
    public void useSheet(UUID exercise, String sheet) {
        set(SHEET_OF + exercise, sheet);
    }

    /** Keeps what is usual on the sheets of the Book. */
    public void useSheet(String sheet) {
        set(SHEET, sheet);
    }

    private Optional<String> value(String name) {
        return file.read(handle -> handle.createQuery("SELECT value FROM setting WHERE name = ?")
                .bind(0, name)
                .mapTo(String.class)
                .findOne());
    }

    private void set(String name, String value) {
        file.write(handle -> handle.createUpdate("INSERT OR REPLACE INTO setting (name, value) VALUES (?, ?)")
                .bind(0, name)
                .bind(1, value)
                .execute());
    }
}
