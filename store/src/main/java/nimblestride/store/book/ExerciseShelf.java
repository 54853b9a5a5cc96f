package nimblestride.store.book;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.UUID;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.language.search.Keywords;
import nimblestride.core.language.text.BarsText;
import nimblestride.store.database.BookException;
import nimblestride.store.database.BookFile;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.result.RowView;

/** The exercises of a Book. Names may be the same. */
public final class ExerciseShelf {
    private static final int MAX_ABOUT_LENGTH = 400;
    private final BookFile file;
    private final ExerciseCodec text;

    ExerciseShelf(BookFile file, ExerciseCodec text) {
        this.file = file;
        this.text = text;
    }

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
        ExerciseSearch.index(handle, id);
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

    /**
     * Saves the next state of an exercise, and keeps the one before it in the history where a new sitting begins. Where
     * another window saved a state that this one has not seen, that one goes into the history; where another window
     * removed the exercise, it comes back. Nothing is lost.
     *
     * @param id of the exercise; where the Book never had it, it is added
     * @param seen the revision this window has seen; 0 for none
     */
    public SavedExercise save(UUID id, long seen, Exercise exercise, LocalDateTime now) {
        return file.writing(handle -> {
            Optional<Present> found = present(handle, id);
            if (found.isEmpty()) {
                ExerciseSummary added = insert(handle, id, exercise, now, Set.of());
                return new SavedExercise(added, seen == 0 ? SavedExercise.Others.NONE : SavedExercise.Others.REMOVED);
            }
            Present before = found.get();
            if (before.json.equals(text.write(exercise))) {
                return new SavedExercise(
                        new ExerciseSummary(id, exercise.name(), about(exercise), before.revision),
                        SavedExercise.Others.NONE);
            }
            boolean unseen = before.revision > seen;
            if (unseen) {
                ExerciseHistory.keep(handle, id, before.json, before.changed.toString(), ExerciseHistory.OTHER_WINDOW);
            } else {
                ExerciseHistory.keepSitting(handle, id, before.json, before.changed, now);
            }
            ExerciseSummary saved = update(handle, id, before.revision + 1, exercise, now);
            return new SavedExercise(saved, unseen ? SavedExercise.Others.EDITED : SavedExercise.Others.NONE);
        });
    }

    /** An exercise as it stands in the Book. */
    private record Present(long revision, String json, LocalDateTime changed) {}

    private static Optional<Present> present(Handle handle, UUID id) {
        return handle.createQuery("SELECT revision, json, changed FROM exercise WHERE id = ?")
                .bind(0, id.toString())
                .map((RowView row) -> new Present(
                        row.getColumn("revision", Long.class),
                        row.getColumn("json", String.class),
                        LocalDateTime.parse(row.getColumn("changed", String.class))))
                .findOne();
    }

    private ExerciseSummary update(Handle handle, UUID id, long revision, Exercise exercise, LocalDateTime now) {
        String about = about(exercise);
        handle.createUpdate("UPDATE exercise SET name = :name, about = :about, json = :json,"
                        + " found_by = :found_by, revision = :revision, changed = :now WHERE id = :id")
                .bind("name", exercise.name())
                .bind("about", about)
                .bind("json", text.write(exercise))
                .bind("found_by", String.join(" ", Keywords.of(exercise)))
                .bind("revision", revision)
                .bind("now", now.toString())
                .bind("id", id.toString())
                .execute();
        ExerciseSearch.index(handle, id);
        return new ExerciseSummary(id, exercise.name(), about, revision);
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

    static ExerciseSummary kept(RowView row) {
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
        return file.read(handle -> ExerciseSearch.find(handle, words, from, most));
    }

    /**
     * Returns the exercises of a collection that hold words, in their order there.
     *
     * @param from how many to skip
     * @param most how many to return
     */
    public List<ExerciseSummary> searchIn(UUID collection, String words, int from, int most) {
        return file.read(handle -> ExerciseSearch.findIn(collection, handle, words, from, most));
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
            ExerciseSearch.index(handle, id);
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
