package nimblestride.store.book;

import java.util.Optional;
import java.util.UUID;
import nimblestride.store.database.BookFile;
import org.jdbi.v3.core.result.RowView;

/** The files exercises were imported from, byte for byte. */
public final class ImportedFiles {
    private final BookFile file;

    ImportedFiles(BookFile file) {
        this.file = file;
    }

    /** Keeps the file an exercise came from, in place of one kept before. */
    public void keep(UUID exercise, String fileName, byte[] content) {
        file.write(handle -> handle.createUpdate(
                        "INSERT OR REPLACE INTO original (exercise, file_name, content) VALUES (?, ?, ?)")
                .bind(0, exercise.toString())
                .bind(1, fileName)
                .bind(2, content)
                .execute());
    }

    /**
     * Returns the exercise of the Book that a file was imported as: one with just this content, or else one from a file
     * of this name, the one changed last. Empty where there is none.
     */
    public Optional<UUID> importedAs(String fileName, byte[] content) {
        return file.read(handle -> handle.createQuery("SELECT e.id FROM original o JOIN exercise e ON e.id = o.exercise"
                        + " WHERE o.content = :content OR o.file_name = :name"
                        + " ORDER BY o.content = :content DESC, e.changed DESC, e.number DESC LIMIT 1")
                .bind("content", content)
                .bind("name", fileName)
                .map((RowView row) -> UUID.fromString(row.getColumn("id", String.class)))
                .findOne());
    }

    /** Returns the name of the file an exercise came from; empty where it came from none. */
    public Optional<String> nameOf(UUID exercise) {
        return file.read(handle -> handle.createQuery("SELECT file_name FROM original WHERE exercise = ?")
                .bind(0, exercise.toString())
                .mapTo(String.class)
                .findOne());
    }

    /** Returns the content of the file an exercise came from; empty where it came from none. */
    public Optional<byte[]> contentOf(UUID exercise) {
        return file.read(handle -> handle.createQuery("SELECT content FROM original WHERE exercise = ?")
                .bind(0, exercise.toString())
                .map((RowView row) -> row.getColumn("content", byte[].class))
                .findOne());
    }
}
