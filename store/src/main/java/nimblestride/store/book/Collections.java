package nimblestride.store.book;

import java.util.List;
import java.util.UUID;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.store.database.BookFile;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.result.RowView;

/** Exercises collected under a name, in an order of their own. */
public final class Collections {
    /** The most characters in a name. */
    public static final int MAX_NAME_LENGTH = 200;

    private final BookFile file;

    Collections(BookFile file) {
        this.file = file;
    }

    /** A collection, and how many exercises are in it. */
    public record Collection(UUID id, String name, int size) {}

    /** Returns all collections, by name. */
    public List<Collection> all() {
        return file.read(handle -> handle.createQuery("SELECT c.id, c.name, count(d.exercise) AS size FROM collection c"
                        + " LEFT JOIN collected d ON d.collection = c.id GROUP BY c.id ORDER BY c.name")
                .map((RowView row) -> new Collection(
                        UUID.fromString(row.getColumn("id", String.class)),
                        row.getColumn("name", String.class),
                        row.getColumn("size", Integer.class)))
                .list());
    }

    /**
     * Returns the collection with a name, and makes it where there is none.
     *
     * @throws InvalidValueException if the name is blank or too long
     */
    public UUID named(String name) {
        String tidy = tidy(name);
        return file.writing(handle -> {
            handle.createUpdate("INSERT OR IGNORE INTO collection (id, name) VALUES (?, ?)")
                    .bind(0, UUID.randomUUID().toString())
                    .bind(1, tidy)
                    .execute();
            return UUID.fromString(handle.createQuery("SELECT id FROM collection WHERE name = ?")
                    .bind(0, tidy)
                    .mapTo(String.class)
                    .one());
        });
    }

    private static String tidy(String name) {
        String tidy = name.strip();
        if (tidy.isEmpty() || tidy.length() > MAX_NAME_LENGTH) {
            throw new InvalidValueException("a collection needs a name of 1 to " + MAX_NAME_LENGTH + " characters");
        }
        return tidy;
    }

    /** Deletes a collection that was made by mistake; it does not wait under Recently removed. */
    public void delete(UUID collection) {
        file.write(handle -> handle.execute("DELETE FROM collection WHERE id = ?", collection.toString()));
    }

    /**
     * Renames a collection.
     *
     * @throws InvalidValueException if the name is blank, too long, or that of another collection
     */
    public void rename(UUID collection, String name) {
        String tidy = tidy(name);
        file.write(handle -> {
            boolean taken = handle.createQuery("SELECT count(*) FROM collection WHERE name = ? AND id <> ?")
                            .bind(0, tidy)
                            .bind(1, collection.toString())
                            .mapTo(Integer.class)
                            .one()
                    > 0;
            if (taken) {
                throw new InvalidValueException("there is a collection \"" + tidy + "\" already");
            }
            handle.execute("UPDATE collection SET name = ? WHERE id = ?", tidy, collection.toString());
        });
    }

    /** Adds an exercise after the others, unless it is there. */
    public void add(UUID collection, UUID exercise) {
        file.write(handle -> add(handle, collection, exercise));
    }

    static void add(Handle handle, UUID collection, UUID exercise) {
        handle.createUpdate("INSERT OR IGNORE INTO collected (collection, exercise, place)"
                        + " SELECT :c, :e, coalesce(max(place), 0) + 1 FROM collected WHERE collection = :c"
                        + " AND EXISTS (SELECT 1 FROM collection WHERE id = :c)")
                .bind("c", collection.toString())
                .bind("e", exercise.toString())
                .execute();
    }

    /** Removes an exercise from a collection. */
    public void remove(UUID collection, UUID exercise) {
        file.write(handle -> handle.createUpdate("DELETE FROM collected WHERE collection = ? AND exercise = ?")
                .bind(0, collection.toString())
                .bind(1, exercise.toString())
                .execute());
    }

    /** Returns the names of the collections an exercise is in. */
    public List<String> of(UUID exercise) {
        return file.read(handle -> handle.createQuery("SELECT c.name FROM collection c JOIN collected d"
                        + " ON d.collection = c.id WHERE d.exercise = ? ORDER BY c.name")
                .bind(0, exercise.toString())
                .mapTo(String.class)
                .list());
    }
}
