package nimblestride.store.book;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import nimblestride.core.language.text.TempoText;
import nimblestride.core.practice.students.Assignment;
import nimblestride.core.practice.students.Lesson;
import nimblestride.core.practice.students.LessonTime;
import nimblestride.core.practice.students.Student;
import nimblestride.store.database.BookFile;
import org.jdbi.v3.core.result.RowView;

/** The students of a Book, their assignments, and their lessons. Saving under a known id replaces what is there. */
public final class StudentRegister {
    private final BookFile file;

    StudentRegister(BookFile file) {
        this.file = file;
    }

    /** Returns all students, by name. */
    public List<Student> students() {
        return file.read(handle -> {
            Map<String, List<String>> groups = new HashMap<>();
            handle.createQuery("SELECT student, name FROM member")
                    .map((RowView row) -> groups.computeIfAbsent(
                                    row.getColumn("student", String.class), student -> new ArrayList<>())
                            .add(row.getColumn("name", String.class)))
                    .list();
            return handle.createQuery("SELECT id, name, note, lesson FROM student LEFT JOIN weekly ON student = id"
                            + " ORDER BY name, id")
                    .map((RowView row) -> student(row, groups))
                    .list();
        });
    }

    private static Student student(RowView row, Map<String, List<String>> groups) {
        String id = row.getColumn("id", String.class);
        return new Student(
                UUID.fromString(id),
                row.getColumn("name", String.class),
                row.getColumn("note", String.class),
                Optional.ofNullable(row.getColumn("lesson", String.class)).map(LessonTime::parse),
                groups.getOrDefault(id, List.of()));
    }

    /** Saves a student. */
    public void save(Student student) {
        String id = student.id().toString();
        file.write(handle -> {
            handle.createUpdate("INSERT INTO student (id, name, note) VALUES (:id, :name, :note)"
                            + " ON CONFLICT (id) DO UPDATE SET name = :name, note = :note")
                    .bind("id", id)
                    .bind("name", student.name())
                    .bind("note", student.note())
                    .execute();
            handle.execute("DELETE FROM weekly WHERE student = ?", id);
            student.lessons()
                    .ifPresent(lessons -> handle.execute(
                            "INSERT INTO weekly (student, lesson) VALUES (?, ?)", id, lessons.toString()));
            handle.execute("DELETE FROM member WHERE student = ?", id);
            for (String group : student.groups()) {
                handle.execute("INSERT INTO member (student, name) VALUES (?, ?)", id, group);
            }
        });
    }

    /** Returns the names of all groups, in order. */
    public List<String> groups() {
        return file.read(handle -> handle.createQuery(
                        "SELECT min(name) FROM member GROUP BY name COLLATE NOCASE ORDER BY 1 COLLATE NOCASE")
                .mapTo(String.class)
                .list());
    }

    /** Returns a student's assignments: open ones first, soonest due first, then those done, newest first. */
    public List<Assignment> assignments(UUID student) {
        return file.read(handle -> handle.createQuery("SELECT * FROM assignment WHERE student = ?"
                        + " ORDER BY done IS NOT NULL, done DESC, due IS NULL, due, set_on, what")
                .bind(0, student.toString())
                .map((RowView row) -> new Assignment(
                        UUID.fromString(row.getColumn("id", String.class)),
                        student,
                        Optional.ofNullable(row.getColumn("exercise", String.class))
                                .map(UUID::fromString),
                        row.getColumn("what", String.class),
                        LocalDate.parse(row.getColumn("set_on", String.class)),
                        day(row, "due"),
                        row.getColumn("note", String.class),
                        Optional.ofNullable(row.getColumn("tempo", String.class))
                                .map(TempoText::read),
                        day(row, "done")))
                .list());
    }

    private static Optional<LocalDate> day(RowView row, String column) {
        return Optional.ofNullable(row.getColumn(column, String.class)).map(LocalDate::parse);
    }

    /** Saves an assignment. */
    public void save(Assignment assignment) {
        file.write(handle -> handle.createUpdate(
                        "INSERT INTO assignment (id, student, exercise, what, set_on, due, note, tempo, done)"
                                + " VALUES (:id, :student, :exercise, :what, :set_on, :due, :note, :tempo, :done) ON CONFLICT (id) DO UPDATE"
                                + " SET exercise = :exercise, what = :what, set_on = :set_on, due = :due, note = :note, tempo = :tempo, done = :done")
                .bind("id", assignment.id().toString())
                .bind("student", assignment.student().toString())
                .bind("exercise", assignment.exercise().map(UUID::toString).orElse(null))
                .bind("what", assignment.what())
                .bind("set_on", assignment.set().toString())
                .bind("due", assignment.due().map(LocalDate::toString).orElse(null))
                .bind("note", assignment.note())
                .bind("tempo", assignment.tempo().map(TempoText::write).orElse(null))
                .bind("done", assignment.done().map(LocalDate::toString).orElse(null))
                .execute());
    }

    /** Deletes an assignment that was made by mistake; it does not wait under Recently removed. */
    public void withdraw(UUID assignment) {
        file.write(handle -> handle.execute("DELETE FROM assignment WHERE id = ?", assignment.toString()));
    }

    /** Returns a student's lessons, newest first. */
    public List<Lesson> lessons(UUID student) {
        return file.read(handle -> handle.createQuery("SELECT * FROM lesson WHERE student = ? ORDER BY day DESC, id")
                .bind(0, student.toString())
                .map((RowView row) -> new Lesson(
                        UUID.fromString(row.getColumn("id", String.class)),
                        student,
                        LocalDate.parse(row.getColumn("day", String.class)),
                        row.getColumn("notes", String.class),
                        row.getColumn("next", String.class)))
                .list());
    }

    /** Saves a lesson. */
    public void save(Lesson lesson) {
        file.write(handle -> handle.createUpdate(
                        "INSERT INTO lesson (id, student, day, notes, next) VALUES (:id, :student,"
                                + " :day, :notes, :next) ON CONFLICT (id) DO UPDATE SET day = :day, notes = :notes, next = :next")
                .bind("id", lesson.id().toString())
                .bind("student", lesson.student().toString())
                .bind("day", lesson.day().toString())
                .bind("notes", lesson.notes())
                .bind("next", lesson.next())
                .execute());
    }

    /** Adds a student; returns false, and does nothing, where the id is known. */
    public boolean add(Student student) {
        boolean known = isKnown("student", student.id());
        if (!known) {
            save(student);
        }
        return !known;
    }

    /** Adds an assignment of a known student; does nothing where its id is known. */
    public void add(Assignment assignment) {
        if (!isKnown("assignment", assignment.id()) && isKnown("student", assignment.student())) {
            save(assignment);
        }
    }

    /** Adds a lesson of a known student; does nothing where its id is known. */
    public void add(Lesson lesson) {
        if (!isKnown("lesson", lesson.id()) && isKnown("student", lesson.student())) {
            save(lesson);
        }
    }

    private boolean isKnown(String table, UUID id) {
        return file.read(handle -> handle.createQuery("SELECT count(*) FROM " + table + " WHERE id = ?")
                        .bind(0, id.toString())
                        .mapTo(Integer.class)
                        .one())
                > 0;
    }
}
