package nimblestride.store.book;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.result.RowView;
import org.jdbi.v3.core.statement.Query;

/** Finds exercises by words in their names, meters, groupings, techniques, and tags. */
final class ExerciseSearch {
    private static final Pattern BETWEEN_WORDS = Pattern.compile("[^\\p{L}\\p{N}/+]+");
    private static final Set<String> SAYING_NOTHING =
            Set.of("everything", "all", "in", "the", "a", "an", "and", "with", "of", "exercises", "something");

    private ExerciseSearch() {}

    /** Returns the exercises that hold words, by name. */
    static List<ExerciseSummary> find(Handle handle, String words, int from, int most) {
        return find(handle, words, "", "", Map.of(), from, most);
    }

    /** Returns the exercises of a collection that hold words, in their order there. */
    static List<ExerciseSummary> findIn(UUID collection, Handle handle, String words, int from, int most) {
        return find(
                handle,
                words,
                " JOIN collected c ON c.exercise = e.id AND c.collection = :collection",
                "c.place, ",
                Map.of("collection", collection.toString()),
                from,
                most);
    }

    private static List<ExerciseSummary> find(
            Handle handle, String words, String join, String order, Map<String, String> values, int from, int most) {
        String match = match(words);
        String sql = "SELECT e.id, e.name, e.about, e.revision FROM exercise e"
                + (match.isEmpty() ? "" : " JOIN found ON found.rowid = e.number")
                + join
                + (match.isEmpty() ? "" : " WHERE found MATCH :match")
                + " ORDER BY " + order + "e.name COLLATE NOCASE, e.number"
                + " LIMIT :most OFFSET :from";
        Query query = handle.createQuery(sql).bind("most", most).bind("from", from);
        if (!match.isEmpty()) {
            query.bind("match", match);
        }
        return query.bindMap(values)
                .map((RowView row) -> ExerciseShelf.kept(row))
                .list();
    }

    /** Quotes every word, so that none is taken for a command of the search. */
    private static String match(String words) {
        return BETWEEN_WORDS
                .splitAsStream(words.toLowerCase(Locale.ROOT))
                .filter(word -> !word.isBlank() && !SAYING_NOTHING.contains(word))
                .map(word -> "\"" + word + "\"*")
                .collect(Collectors.joining(" "));
    }

    /** Updates what search finds an exercise by. */
    static void index(Handle handle, UUID id) {
        forget(handle, id);
        handle.createUpdate("INSERT INTO found (rowid, name, found_by, tags) SELECT number, name, found_by,"
                        + " coalesce((SELECT group_concat(tag, ' ') FROM tag WHERE exercise = exercise.id), '')"
                        + " FROM exercise WHERE id = ?")
                .bind(0, id.toString())
                .execute();
    }

    /** Makes search no longer find an exercise. */
    static void forget(Handle handle, UUID id) {
        handle.createUpdate("DELETE FROM found WHERE rowid = (SELECT number FROM exercise WHERE id = ?)")
                .bind(0, id.toString())
                .execute();
    }
}
