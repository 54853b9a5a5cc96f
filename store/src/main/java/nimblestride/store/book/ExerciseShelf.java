package nimblestride.store.book;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.language.search.Keywords;
import nimblestride.core.language.text.BarsText;
import nimblestride.store.database.BookException;
import nimblestride.store.database.BookFile;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.result.RowView;
import org.jdbi.v3.core.statement.Query;

/** The exercises of a Book. Names may be the same. */
public final class ExerciseShelf {
    private static final int MAX_ABOUT_LENGTH = 400;
    private static final Pattern BETWEEN_WORDS = Pattern.compile("[^\\p{L}\\p{N}/+]+");
    private static final Set<String> SAYING_NOTHING =
            Set.of("everything", "all", "in", "the", "a", "an", "and", "with", "of", "exercises", "something");

    private final BookFile file;
    private final ExerciseCodec text;

    ExerciseShelf(BookFile file, ExerciseCodec text) {
        this.file = file;
        this.text = text;
    }

    /**
     * An exercise that was removed, with all it needs to be restored.
     *
     * @param collections ids of those it was in
     */
    public record TakenOut(ExerciseSummary kept, String json, Set<String> tags, List<UUID> collections) {}

    /** Adds an exercise. */
    public ExerciseSummary add(Exercise exercise, LocalDateTime now) {
        return addAll(List.of(exercise), now).get(0);
    }

    /** Adds exercises, all of them or none. */
    public List<ExerciseSummary> addAll(List<Exercise> exercises, LocalDateTime now) {
        return file.writing(handle -> exercises.stream()
                .map(exercise -> insert(handle, UUID.randomUUID(), exercise, now, Set.of()))
                .toList());
    }

    /**
     * Adds an exercise under an id from elsewhere, with its tags. Returns empty, and changes nothing, where the Book
     * has that id.
     */
    public Optional<ExerciseSummary> add(UUID id, Exercise exercise, Set<String> tags, LocalDateTime now) {
        return file.writing(
                handle -> has(handle, id) ? Optional.empty() : Optional.of(insert(handle, id, exercise, now, tags)));
    }

    private static boolean has(Handle handle, UUID id) {
        return handle.createQuery("SELECT count(*) FROM exercise WHERE id = ?")
                        .bind(0, id.toString())
                        .mapTo(Integer.class)
                        .one()
                > 0;
    }

    private ExerciseSummary insert(Handle handle, UUID id, Exercise exercise, LocalDateTime now, Set<String> tags) {
        String about = about(exercise);
        handle.createUpdate("INSERT INTO exercise (id, name, about, json, found_by, revision, added, changed)"
                        + " VALUES (:id, :name, :about, :json, :found_by, 1, :now, :now)")
                .bind("id", id.toString())
                .bind("name", exercise.name())
                .bind("about", about)
                .bind("json", text.write(exercise))
                .bind("found_by", String.join(" ", Keywords.of(exercise)))
                .bind("now", now.toString())
                .execute();
        putTags(handle, id, tags);
        index(handle, id);
        return new ExerciseSummary(id, exercise.name(), about, 1);
    }

    private static String about(Exercise exercise) {
        String bars = BarsText.write(exercise.phrase());
        return bars.length() <= MAX_ABOUT_LENGTH ? bars : bars.substring(0, MAX_ABOUT_LENGTH - 1) + "…";
    }

    private static void putTags(Handle handle, UUID id, Set<String> tags) {
        handle.createUpdate("DELETE FROM tag WHERE exercise = ?")
                .bind(0, id.toString())
                .execute();
        for (String tag : tags) {
            handle.createUpdate("INSERT OR IGNORE INTO tag (exercise, tag) VALUES (?, ?)")
                    .bind(0, id.toString())
                    .bind(1, tag.strip().toLowerCase(Locale.ROOT))
                    .execute();
        }
    }

    /** Updates what search finds an exercise by. */
    private static void index(Handle handle, UUID id) {
        handle.createUpdate("DELETE FROM found WHERE rowid = (SELECT number FROM exercise WHERE id = ?)")
                .bind(0, id.toString())
                .execute();
        handle.createUpdate("INSERT INTO found (rowid, name, found_by, tags) SELECT number, name, found_by,"
                        + " coalesce((SELECT group_concat(tag, ' ') FROM tag WHERE exercise = exercise.id), '')"
                        + " FROM exercise WHERE id = ?")
                .bind(0, id.toString())
                .execute();
    }

    /**
     * Saves an exercise.
     *
     * @param seen as it was when it was read
     * @throws ChangedElsewhereException if it is no longer so; nothing is changed then
     */
    public ExerciseSummary save(ExerciseSummary seen, Exercise exercise, LocalDateTime now) {
        String about = about(exercise);
        boolean saved = file.writing(handle -> {
            int changed = handle.createUpdate("UPDATE exercise SET name = :name, about = :about, json = :json,"
                            + " found_by = :found_by, revision = revision + 1, changed = :now"
                            + " WHERE id = :id AND revision = :revision")
                    .bind("name", exercise.name())
                    .bind("about", about)
                    .bind("json", text.write(exercise))
                    .bind("found_by", String.join(" ", Keywords.of(exercise)))
                    .bind("now", now.toString())
                    .bind("id", seen.id().toString())
                    .bind("revision", seen.revision())
                    .execute();
            index(handle, seen.id());
            return changed > 0;
        });
        if (!saved) {
            throw new ChangedElsewhereException(
                    "\"" + exercise.name() + "\" was changed or removed in another window.");
        }
        return new ExerciseSummary(seen.id(), exercise.name(), about, seen.revision() + 1);
    }

    /**
     * Reads an exercise.
     *
     * @throws BookException if it is not there, or can't be read
     */
    public Exercise read(UUID id) {
        Optional<String> json = file.read(handle -> handle.createQuery("SELECT json FROM exercise WHERE id = ?")
                .bind(0, id.toString())
                .mapTo(String.class)
                .findOne());
        try {
            return text.read(json.orElseThrow(() -> new BookException("This exercise is no longer in the Book.")));
        } catch (BookException e) {
            throw e;
        } catch (StrideException e) {
            throw new BookException("I can't read this exercise: " + e.getMessage(), e);
        }
    }

    /** Returns the summary of an exercise; empty where it is not there. */
    public Optional<ExerciseSummary> find(UUID id) {
        return file.read(handle -> handle.createQuery("SELECT id, name, about, revision FROM exercise WHERE id = ?")
                .bind(0, id.toString())
                .map((RowView row) -> kept(row))
                .findOne());
    }

    /** Returns the first exercise with a name, in capitals or not; empty where there is none. */
    public Optional<ExerciseSummary> named(String name) {
        return file.read(handle -> handle.createQuery(
                        "SELECT id, name, about, revision FROM exercise WHERE name = ? COLLATE NOCASE ORDER BY number LIMIT 1")
                .bind(0, name)
                .map((RowView row) -> kept(row))
                .findOne());
    }

    /**
     * Returns the exercises changed last, the newest first.
     *
     * @param most how many to return
     */
    public List<ExerciseSummary> last(int most) {
        return file.read(handle -> handle.createQuery(
                        "SELECT id, name, about, revision FROM exercise ORDER BY changed DESC, number DESC LIMIT ?")
                .bind(0, most)
                .map((RowView row) -> kept(row))
                .list());
    }

    private static ExerciseSummary kept(RowView row) {
        return new ExerciseSummary(
                UUID.fromString(row.getColumn("id", String.class)),
                row.getColumn("name", String.class),
                row.getColumn("about", String.class),
                row.getColumn("revision", Long.class));
    }

    /** Returns how many exercises there are. */
    public int size() {
        return file.read(handle -> handle.createQuery("SELECT count(*) FROM exercise")
                .mapTo(Integer.class)
                .one());
    }

    /**
     * Returns the exercises whose names, meters, groupings, techniques, and tags hold words, or words that start so;
     * all of them for no words. By name.
     *
     * @param from how many to skip
     * @param most how many to return
     */
    public List<ExerciseSummary> search(String words, int from, int most) {
        return find(words, "", "", Map.of(), from, most);
    }

    /**
     * Returns the exercises of a collection that hold words, in their order there.
     *
     * @param from how many to skip
     * @param most how many to return
     */
    public List<ExerciseSummary> searchIn(UUID collection, String words, int from, int most) {
        return find(
                words,
                " JOIN collected c ON c.exercise = e.id AND c.collection = :collection",
                "c.place, ",
                Map.of("collection", collection.toString()),
                from,
                most);
    }

    private List<ExerciseSummary> find(
            String words, String join, String order, Map<String, String> values, int from, int most) {
        String match = match(words);
        String sql = "SELECT e.id, e.name, e.about, e.revision FROM exercise e"
                + (match.isEmpty() ? "" : " JOIN found ON found.rowid = e.number")
                + join
                + (match.isEmpty() ? "" : " WHERE found MATCH :match")
                + " ORDER BY " + order + "e.name COLLATE NOCASE, e.number"
                + " LIMIT :most OFFSET :from";
        return file.read(handle -> {
            Query query = handle.createQuery(sql).bind("most", most).bind("from", from);
            if (!match.isEmpty()) {
                query.bind("match", match);
            }
            return query.bindMap(values).map((RowView row) -> kept(row)).list();
        });
    }

    /** Quotes every word, so that none is taken for a command of the search. */
    private static String match(String words) {
        return BETWEEN_WORDS
                .splitAsStream(words.toLowerCase(Locale.ROOT))
                .filter(word -> !word.isBlank() && !SAYING_NOTHING.contains(word))
                .map(word -> "\"" + word + "\"*")
                .collect(Collectors.joining(" "));
    }

    /** Removes an exercise from the Book; its log entries stay. */
    public TakenOut remove(UUID id) {
        return file.writing(handle -> {
            TakenOut out = handle.createQuery("SELECT id, name, about, revision, json FROM exercise WHERE id = ?")
                    .bind(0, id.toString())
                    .map((RowView row) -> new TakenOut(
                            kept(row),
                            row.getColumn("json", String.class),
                            tags(handle, id),
                            handle.createQuery("SELECT collection FROM collected WHERE exercise = ?")
                                    .bind(0, id.toString())
                                    .map((RowView one) -> UUID.fromString(one.getColumn("collection", String.class)))
                                    .list()))
                    .findOne()
                    .orElseThrow(() -> new BookException("This exercise is no longer in the Book."));
            handle.createUpdate("DELETE FROM found WHERE rowid = (SELECT number FROM exercise WHERE id = ?)")
                    .bind(0, id.toString())
                    .execute();
            handle.createUpdate("DELETE FROM exercise WHERE id = ?")
                    .bind(0, id.toString())
                    .execute();
            return out;
        });
    }

    /** Restores an exercise that was removed, as it was. */
    public void restore(TakenOut out, LocalDateTime now) {
        Exercise exercise;
        try {
            exercise = text.read(out.json);
        } catch (StrideException e) {
            throw new BookException("I can't bring this exercise back: " + e.getMessage(), e);
        }
        file.write(handle -> {
            insert(handle, out.kept.id(), exercise, now, out.tags);
            handle.createUpdate("UPDATE exercise SET revision = ? WHERE id = ?")
                    .bind(0, out.kept.revision())
                    .bind(1, out.kept.id().toString())
                    .execute();
            for (UUID collection : out.collections) {
                Collections.add(handle, collection, out.kept.id());
            }
        });
    }

    /** Returns the tags of an exercise, in order. */
    public Set<String> tags(UUID id) {
        return file.read(handle -> tags(handle, id));
    }

    private static Set<String> tags(Handle handle, UUID id) {
        return new TreeSet<>(handle.createQuery("SELECT tag FROM tag WHERE exercise = ?")
                .bind(0, id.toString())
                .mapTo(String.class)
                .list());
    }

    /** Replaces the tags of an exercise. */
    public void tag(UUID id, Set<String> tags) {
        file.write(handle -> {
            putTags(handle, id, tags);
            index(handle, id);
        });
    }

    /** Returns all tags, most used first. */
    public List<String> allTags() {
        return file.read(handle -> new ArrayList<>(
                handle.createQuery("SELECT tag FROM tag GROUP BY tag ORDER BY count(*) DESC, tag LIMIT 200")
                        .mapTo(String.class)
                        .list()));
    }

    /** Returns all exercises, by name. */
    public List<ExerciseSummary> all() {
        return search("", 0, Integer.MAX_VALUE);
    }
}
