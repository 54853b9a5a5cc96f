package nimblestride.store.book;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.stream.Stream;
import nimblestride.core.exercise.plan.RepRating;
import nimblestride.core.language.text.TempoText;
import nimblestride.core.practice.journal.LogEntry;
import nimblestride.core.practice.journal.LogOwner;
import nimblestride.core.practice.journal.PracticeSummary;
import nimblestride.core.time.value.Tempo;
import nimblestride.store.database.BookFile;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.result.RowView;
import org.jdbi.v3.core.statement.SqlStatement;

/** The practice log of the user and of each student. Every question is about one of them. */
public final class PracticeLog {
    private static final String MINE = "";
    private static final String BETWEEN_PLACES = ";";

    private final BookFile file;

    PracticeLog(BookFile file) {
        this.file = file;
    }

    /**
     * The result of a merge.
     *
     * @param added new entries
     * @param changed entries that differ now
     * @param known entries that were there already
     */
    public record Merged(int added, int changed, int known) {}

    private static String key(LogOwner owner) {
        return owner.student().map(UUID::toString).orElse(MINE);
    }

    /** Adds an entry. */
    public void add(LogEntry entry) {
        file.write(handle -> insert(handle, entry));
    }

    private static boolean insert(Handle handle, LogEntry entry) {
        return bound(
                                handle.createUpdate(
                                        "INSERT OR IGNORE INTO entry (id, exercise, what, begun, seconds, tempo, clean, words,"
                                                + " hard, student) VALUES (:id, :exercise, :what, :begun, :seconds, :tempo, :clean, :words, :hard,"
                                                + " :student)"),
                                entry)
                        .execute()
                > 0;
    }

    private static <S extends SqlStatement<S>> S bound(S statement, LogEntry entry) {
        return statement
                .bind("id", entry.id().toString())
                .bind("exercise", entry.exercise().map(UUID::toString).orElse(null))
                .bind("what", entry.what())
                .bind("begun", entry.when().toString())
                .bind("seconds", entry.seconds())
                .bind("tempo", entry.tempo().map(TempoText::write).orElse(null))
                .bind("clean", entry.rating().map(Enum::name).orElse(null))
                .bind("words", entry.words())
                .bind("hard", String.join(BETWEEN_PLACES, entry.hard()))
                .bind("student", key(new LogOwner(entry.student())));
    }

    /** Replaces an entry; does nothing where it is not there. */
    public void change(LogEntry entry) {
        file.write(handle -> update(handle, entry));
    }

    private static void update(Handle handle, LogEntry entry) {
        bound(
                        handle.createUpdate(
                                "UPDATE entry SET exercise = :exercise, what = :what, begun = :begun, seconds = :seconds,"
                                        + " tempo = :tempo, clean = :clean, words = :words, hard = :hard WHERE id = :id AND student = :student"),
                        entry)
                .execute();
    }

    /**
     * Merges entries written elsewhere. One with a known id is not added again; it replaces the known one where it
     * differs, unless that is somebody else's.
     */
    public Merged merge(List<LogEntry> entries) {
        return file.writing(handle -> {
            int added = 0;
            int changed = 0;
            for (LogEntry entry : entries) {
                if (insert(handle, entry)) {
                    added++;
                } else {
                    LogEntry there = find(handle, entry.id());
                    if (there.student().equals(entry.student()) && !there.equals(entry)) {
                        update(handle, entry);
                        changed++;
                    }
                }
            }
            return new Merged(added, changed, entries.size() - added - changed);
        });
    }

    /** Adds entries with unknown ids; known ones stay as they are. */
    public Merged addNew(List<LogEntry> entries) {
        return file.writing(handle -> {
            int added = 0;
            for (LogEntry entry : entries) {
                added += insert(handle, entry) ? 1 : 0;
            }
            return new Merged(added, 0, entries.size() - added);
        });
    }

    private static LogEntry find(Handle handle, UUID id) {
        return handle.createQuery("SELECT * FROM entry WHERE id = ?")
                .bind(0, id.toString())
                .map((row, context) -> entry(row))
                .one();
    }

    /** Reads column by column: a year of entries is many rows. */
    private static LogEntry entry(ResultSet row) throws SQLException {
        String student = row.getString("student");
        String hard = row.getString("hard");
        return new LogEntry(
                UUID.fromString(row.getString("id")),
                Optional.ofNullable(row.getString("exercise")).map(UUID::fromString),
                row.getString("what"),
                LocalDateTime.parse(row.getString("begun")),
                row.getInt("seconds"),
                Optional.ofNullable(row.getString("tempo")).map(TempoText::read),
                Optional.ofNullable(row.getString("clean")).map(RepRating::valueOf),
                row.getString("words"),
                hard.isEmpty() ? List.of() : Arrays.asList(hard.split(BETWEEN_PLACES, -1)),
                student.isEmpty() ? Optional.empty() : Optional.of(UUID.fromString(student)));
    }

    /**
     * Returns the entries from one day to another, both included, newest first.
     *
     * @param most how many to return
     */
    public List<LogEntry> between(LogOwner owner, LocalDate from, LocalDate to, int most) {
        return file.read(handle -> handle.createQuery("SELECT * FROM entry WHERE student = :student AND begun >= :from"
                        + " AND begun < :to ORDER BY begun DESC, number DESC LIMIT :most")
                .bind("student", key(owner))
                .bind("from", from.toString())
                .bind("to", to.plusDays(1).toString())
                .bind("most", most)
                .map((row, context) -> entry(row))
                .list());
    }

    /**
     * Returns the last entries of an exercise, in the order in which they came in.
     *
     * @param most how many to return
     */
    public List<LogEntry> ofExercise(LogOwner owner, UUID exercise, int most) {
        return file.read(handle -> handle.createQuery("SELECT * FROM (SELECT * FROM entry WHERE student = :student"
                        + " AND exercise = :exercise ORDER BY number DESC LIMIT :most) ORDER BY number")
                .bind("student", key(owner))
                .bind("exercise", exercise.toString())
                .bind("most", most)
                .map((row, context) -> entry(row))
                .list());
    }

    /** Returns the seconds of practice on each day from one to another, both included. */
    public SortedMap<LocalDate, Long> secondsByDay(LogOwner owner, LocalDate from, LocalDate to) {
        return file.read(handle -> {
            SortedMap<LocalDate, Long> days = new TreeMap<>();
            handle.createQuery("SELECT substr(begun, 1, 10) AS day, sum(seconds) AS seconds FROM entry"
                            + " WHERE student = :student AND begun >= :from AND begun < :to GROUP BY day")
                    .bind("student", key(owner))
                    .bind("from", from.toString())
                    .bind("to", to.plusDays(1).toString())
                    .map((RowView row) -> Map.entry(
                            LocalDate.parse(row.getColumn("day", String.class)), row.getColumn("seconds", Long.class)))
                    .forEach(day -> days.put(day.getKey(), day.getValue()));
            return days;
        });
    }

    /** Returns what the log says of every exercise of the Book, by name. */
    public List<PracticeSummary> summaries(LogOwner owner) {
        return file.read(handle -> handle.createQuery("SELECT e.id, e.name, e.added, p.last, p.seconds, p.passes,"
                        + " (SELECT count(*) FROM (SELECT clean FROM entry WHERE student = :student AND exercise = e.id"
                        + " AND clean IS NOT NULL ORDER BY number DESC LIMIT :looked) WHERE clean <> 'CLEAN') AS not_clean"
                        + " FROM exercise e LEFT JOIN (SELECT exercise, max(begun) AS last, sum(seconds) AS seconds,"
                        + " count(*) AS passes FROM entry WHERE student = :student AND exercise IS NOT NULL GROUP BY exercise) p"
                        + " ON p.exercise = e.id ORDER BY e.name COLLATE NOCASE")
                .bind("student", key(owner))
                .bind("looked", PracticeSummary.LAST_PASSES)
                .map((RowView row) -> new PracticeSummary(
                        UUID.fromString(row.getColumn("id", String.class)),
                        row.getColumn("name", String.class),
                        LocalDateTime.parse(row.getColumn("added", String.class))
                                .toLocalDate(),
                        Optional.ofNullable(row.getColumn("last", String.class))
                                .map(LocalDateTime::parse)
                                .map(LocalDateTime::toLocalDate),
                        Objects.requireNonNullElse(row.getColumn("seconds", Long.class), 0L),
                        Objects.requireNonNullElse(row.getColumn("passes", Long.class), 0L),
                        row.getColumn("not_clean", Integer.class)))
                .list());
    }

    /** Returns how often each place of an exercise was hard in its last entries, most often first. */
    public Map<String, Integer> hardPlaces(LogOwner owner, UUID exercise, int lastEntries) {
        Map<String, Integer> counts = new TreeMap<>();
        for (LogEntry entry : ofExercise(owner, exercise, lastEntries)) {
            entry.hard().forEach(place -> counts.merge(place, 1, Integer::sum));
        }
        Map<String, Integer> ordered = new LinkedHashMap<>();
        counts.entrySet().stream()
                .sorted(Map.Entry.<String, Integer>comparingByValue().reversed())
                .forEach(place -> ordered.put(place.getKey(), place.getValue()));
        return ordered;
    }

    /** Returns how many entries there are, of everybody. */
    public long size() {
        return file.read(handle -> handle.createQuery("SELECT count(*) FROM entry")
                .mapTo(Long.class)
                .one());
    }

    /** Visits all entries of somebody in the order in which they came in, without holding them all. */
    public void each(LogOwner owner, Consumer<LogEntry> receiver) {
        each("SELECT * FROM entry WHERE student = '" + key(owner) + "' ORDER BY number", receiver);
    }

    /** Visits all entries of everybody. */
    public void each(Consumer<LogEntry> receiver) {
        each("SELECT * FROM entry ORDER BY number", receiver);
    }

    private void each(String sql, Consumer<LogEntry> receiver) {
        file.read(handle -> {
            try (Stream<LogEntry> entries = handle.createQuery(sql).map((row, context) -> entry(row)).stream()) {
                entries.forEach(receiver);
            }
            return true;
        });
    }

    /** Returns the last tempo at which somebody played an exercise clean; empty for never. */
    public Optional<Tempo> lastClean(LogOwner owner, UUID exercise) {
        return file.read(handle -> handle.createQuery("SELECT tempo FROM entry WHERE student = ? AND exercise = ?"
                        + " AND clean = 'CLEAN' AND tempo IS NOT NULL ORDER BY number DESC LIMIT 1")
                .bind(0, key(owner))
                .bind(1, exercise.toString())
                .mapTo(String.class)
                .findOne()
                .map(TempoText::read));
    }
}
