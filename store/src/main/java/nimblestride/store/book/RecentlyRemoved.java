package nimblestride.store.book;

import java.time.LocalDateTime;
import java.util.List;
import java.util.UUID;
import java.util.stream.Collectors;
import nimblestride.store.book.RemovedItem.Kind;
import nimblestride.store.database.BookException;
import nimblestride.store.database.BookFile;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.result.RowView;

/** Removes exercises, collections, students, assignments, and log lines, and brings them back as they were. */
public final class RecentlyRemoved {
    /** The most items that wait; of more than these, the oldest go for good. */
    static final int MAX_ITEMS = 1_000;

    private final BookFile file;

    RecentlyRemoved(BookFile file) {
        this.file = file;
    }

    /** Rows of a table that belong to what is removed; {@code :id} stands for its id. */
    private record Rows(String table, String where) {}

    private static String name(Kind kind) {
        return switch (kind) {
            case EXERCISE -> "SELECT name FROM exercise WHERE id = :id";
            case COLLECTION -> "SELECT name FROM collection WHERE id = :id";
            case STUDENT -> "SELECT name FROM student WHERE id = :id";
            case ASSIGNMENT ->
                "SELECT a.what || ', for ' || s.name FROM assignment a JOIN student s ON s.id = a.student"
                        + " WHERE a.id = :id";
            case LOG_ENTRY -> "SELECT what || ', ' || substr(begun, 1, 10) FROM entry WHERE id = :id";
        };
    }

    /** Returns what belongs together, in an order in which it can be inserted again. */
    private static List<Rows> rows(Kind kind) {
        return switch (kind) {
            case EXERCISE ->
                List.of(
                        new Rows("exercise", "id = :id"),
                        new Rows("tag", "exercise = :id"),
                        new Rows("collected", "exercise = :id"));
            case COLLECTION -> List.of(new Rows("collection", "id = :id"), new Rows("collected", "collection = :id"));
            case STUDENT ->
                List.of(
                        new Rows("student", "id = :id"),
                        new Rows("weekly", "student = :id"),
                        new Rows("member", "student = :id"),
                        new Rows("assignment", "student = :id"),
                        new Rows("lesson", "student = :id"),
                        new Rows("entry", "student = :id"));
            case ASSIGNMENT -> List.of(new Rows("assignment", "id = :id"));
            case LOG_ENTRY -> List.of(new Rows("entry", "id = :id"));
        };
    }

    /**
     * Removes something; it waits here to be brought back.
     *
     * @throws BookException if it is not there
     */
    public RemovedItem remove(Kind kind, UUID id, LocalDateTime now) {
        return file.writing(handle -> {
            String name = handle.createQuery(name(kind))
                    .bind("id", id.toString())
                    .mapTo(String.class)
                    .findOne()
                    .orElseThrow(() -> new BookException("This " + kind.title() + " is no longer in the Book."));
            String content = rows(kind).stream()
                    .map(rows -> "\"" + rows.table + "\":" + taken(handle, rows, id))
                    .collect(Collectors.joining(",", "{", "}"));
            handle.createUpdate("INSERT INTO removed (kind, id, name, removed, content)"
                            + " VALUES (:kind, :id, :name, :removed, :content)")
                    .bind("kind", kind.name())
                    .bind("id", id.toString())
                    .bind("name", name)
                    .bind("removed", now.toString())
                    .bind("content", content)
                    .execute();
            long number = handle.createQuery("SELECT last_insert_rowid()")
                    .mapTo(Long.class)
                    .one();
            delete(handle, kind, id);
            handle.execute("DELETE FROM removed WHERE number <= ?", number - MAX_ITEMS);
            return new RemovedItem(number, kind, id, name, now);
        });
    }

    private static String taken(Handle handle, Rows rows, UUID id) {
        String columns = columns(handle, rows.table).stream()
                .map(column -> "'" + column + "', " + column)
                .collect(Collectors.joining(", "));
        return handle.createQuery("SELECT json_group_array(json_object(" + columns + ")) FROM " + rows.table + " WHERE "
                        + rows.where)
                .bind("id", id.toString())
                .mapTo(String.class)
                .one();
    }

    private static List<String> columns(Handle handle, String table) {
        return handle.createQuery("SELECT name FROM pragma_table_info(?)")
                .bind(0, table)
                .mapTo(String.class)
                .list();
    }

    private static void delete(Handle handle, Kind kind, UUID id) {
        if (kind == Kind.EXERCISE) {
            ExerciseSearch.forget(handle, id);
        }
        // The last first: what belongs to something else goes before it.
        List<Rows> rows = rows(kind);
        for (int i = rows.size() - 1; i >= 0; i--) {
            handle.createUpdate("DELETE FROM " + rows.get(i).table + " WHERE " + rows.get(i).where)
                    .bind("id", id.toString())
                    .execute();
        }
    }

    /** Returns what waits to be brought back, the last removed first. */
    public List<RemovedItem> all() {
        return file.read(
                handle -> handle.createQuery("SELECT number, kind, id, name, removed FROM removed ORDER BY number DESC")
                        .map((RowView row) -> new RemovedItem(
                                row.getColumn("number", Long.class),
                                Kind.valueOf(row.getColumn("kind", String.class)),
                                UUID.fromString(row.getColumn("id", String.class)),
                                row.getColumn("name", String.class),
                                LocalDateTime.parse(row.getColumn("removed", String.class))))
                        .list());
    }

    /**
     * Brings something back as it was.
     *
     * @throws BookException if it is back already, or belongs to a student who is not in the Book
     */
    public void bringBack(RemovedItem item) {
        file.write(handle -> {
            String content = handle.createQuery("SELECT content FROM removed WHERE number = ?")
                    .bind(0, item.number())
                    .mapTo(String.class)
                    .findOne()
                    .orElseThrow(
                            () -> new BookException("\"" + item.name() + "\" no longer waits under Recently removed."));
            if (isThere(handle, rows(item.kind()).get(0), item.id())) {
                throw new BookException("\"" + item.name() + "\" is in the Book already.");
            }
            for (Rows rows : rows(item.kind())) {
                insert(handle, rows.table, content);
            }
            if (!isThere(handle, rows(item.kind()).get(0), item.id())) {
                throw new BookException("\"" + item.name() + "\" belongs to a student who was removed. Bring the"
                        + " student back first.");
            }
            if (item.kind() == Kind.EXERCISE) {
                ExerciseSearch.index(handle, item.id());
            }
            handle.execute("DELETE FROM removed WHERE number = ?", item.number());
        });
    }

    private static boolean isThere(Handle handle, Rows rows, UUID id) {
        return handle.createQuery("SELECT count(*) FROM " + rows.table + " WHERE " + rows.where)
                        .bind("id", id.toString())
                        .mapTo(Integer.class)
                        .one()
                > 0;
    }

    /** Inserts the rows of a table, except those there already and those whose other half is no longer in the Book. */
    private static void insert(Handle handle, String table, String content) {
        List<String> columns = columns(handle, table);
        handle.createUpdate("INSERT OR IGNORE INTO " + table + " (" + String.join(", ", columns) + ") SELECT "
                        + columns.stream().map(column -> value(table, column)).collect(Collectors.joining(", "))
                        + " FROM json_each(:content, '$." + table + "') WHERE " + parents(table))
                .bind("content", content)
                .execute();
    }

    /** Returns the value of a column: a number or a name that somebody else has by now gives way. */
    private static String value(String table, String column) {
        String value = "json_extract(value, '$." + column + "')";
        if (column.equals("number")) {
            return "iif(" + value + " IN (SELECT number FROM " + table + "), NULL, " + value + ")";
        }
        return table.equals("collection") && column.equals("name")
                ? "iif(" + value + " IN (SELECT name FROM collection), " + value + " || ' (brought back)', " + value
                        + ")"
                : value;
    }

    private static String parents(String table) {
        return switch (table) {
            case "collected" ->
                "json_extract(value, '$.exercise') IN (SELECT id FROM exercise)"
                        + " AND json_extract(value, '$.collection') IN (SELECT id FROM collection)";
            case "assignment", "lesson", "member", "weekly" ->
                "json_extract(value, '$.student') IN (SELECT id FROM student)";
            default -> "true";
        };
    }
}
