package nimblestride.store.book;

import java.util.Optional;
import nimblestride.store.database.BookFile;

/** What the user has chosen for the whole Book. */
public final class BookSettings {
    private static final String KIT = "kit";

    private final BookFile file;

    BookSettings(BookFile file) {
        this.file = file;
    }

    /** Returns the name of the kit on which exercises are heard that name none; empty for the one that ships. */
    public Optional<String> kit() {
        return file.read(handle -> handle.createQuery("SELECT value FROM setting WHERE name = ?")
                .bind(0, KIT)
                .mapTo(String.class)
                .findOne());
    }

    /** Chooses a kit for the whole Book. */
    public void useKit(String name) {
        file.write(handle -> handle.createUpdate("INSERT OR REPLACE INTO setting (name, value) VALUES (?, ?)")
                .bind(0, KIT)
                .bind(1, name)
                .execute());
    }
}
