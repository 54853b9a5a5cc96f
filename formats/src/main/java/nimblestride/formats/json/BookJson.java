package nimblestride.formats.json;

import java.io.InputStream;
import java.io.OutputStream;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.text.TempoText;
import nimblestride.core.practice.journal.LogEntry;
import nimblestride.core.practice.students.Assignment;
import nimblestride.core.practice.students.Lesson;
import nimblestride.core.practice.students.LessonTime;
import nimblestride.core.practice.students.Student;
import nimblestride.core.time.value.Tempo;
import nimblestride.files.UnreadableFileException;
import tools.jackson.databind.node.ArrayNode;

/** Reads and writes a whole Book as one JSON file: version {@value #VERSION} of the format. */
public final class BookJson {
    /** The name of the format in its files. */
    public static final String FORMAT = "nimble-stride-book";
    /** The version of the format. */
    public static final int VERSION = 1;

    private static final int MAX_TAGS = 1_000;
    private static final int MAX_COLLECTED = 1_000_000;

    private BookJson() {}

    /** Visits a whole Book. */
    public interface Teller {
        void visit(BookVisitor visitor);
    }

    /** Writes a Book. */
    public static void write(OutputStream out, Teller book) {
        try (StreamedDocument.Writer writer = new StreamedDocument.Writer(out, FORMAT, VERSION)) {
            book.visit(new Written(writer));
        }
    }

    private record Written(StreamedDocument.Writer writer) implements BookVisitor {
        @Override
        public void exercise(UUID id, Exercise exercise, Set<String> tags) {
            writer.item("exercises", node -> {
                node.put("id", id.toString());
                if (!tags.isEmpty()) {
                    ArrayNode all = node.putArray("tags");
                    tags.forEach(all::add);
                }
                node.set("exercise", ExerciseWriter.write(exercise));
            });
        }

        @Override
        public void collection(String name, List<UUID> exercises) {
            writer.item("collections", node -> {
                node.put("name", name);
                ArrayNode all = node.putArray("exercises");
                exercises.forEach(id -> all.add(id.toString()));
            });
        }

        @Override
        public void student(Student student) {
            writer.item("students", node -> {
                node.put("id", student.id().toString())
                        .put("name", student.name())
                        .put("note", student.note());
                student.lessons().ifPresent(lessons -> node.put("lessons", lessons.toString()));
                if (!student.groups().isEmpty()) {
                    ArrayNode groups = node.putArray("groups");
                    student.groups().forEach(groups::add);
                }
            });
        }

        @Override
        public void assignment(Assignment assignment) {
            writer.item("assignments", node -> {
                node.put("id", assignment.id().toString());
                node.put("student", assignment.student().toString());
                assignment.exercise().ifPresent(exercise -> node.put("exercise", exercise.toString()));
                node.put("what", assignment.what());
                node.put("set", assignment.set().toString());
                assignment.due().ifPresent(due -> node.put("due", due.toString()));
                node.put("note", assignment.note());
                assignment.tempo().ifPresent(tempo -> node.put("tempo", TempoText.write(tempo)));
                assignment.done().ifPresent(done -> node.put("done", done.toString()));
            });
        }

        @Override
        public void lesson(Lesson lesson) {
            writer.item("lessons", node -> node.put("id", lesson.id().toString())
                    .put("student", lesson.student().toString())
                    .put("day", lesson.day().toString())
                    .put("notes", lesson.notes())
                    .put("next", lesson.next()));
        }

        @Override
        public void entry(LogEntry entry) {
            writer.item("entries", node -> LogEntryJson.write(entry, node));
        }
    }

    /**
     * Reads a Book. The visitor gets nothing that comes after an error.
     *
     * @throws UnreadableFileException if it is no Book of this version
     */
    public static void read(InputStream in, BookVisitor visitor) {
        Map<String, StreamedDocument.Item> lists = new LinkedHashMap<>();
        lists.put("exercises", place -> exercise(place, visitor));
        lists.put("collections", place -> collection(place, visitor));
        lists.put("students", place -> visitor.student(student(place)));
        lists.put("assignments", place -> visitor.assignment(assignment(place)));
        lists.put("lessons", place -> visitor.lesson(lesson(place)));
        lists.put("entries", place -> visitor.entry(LogEntryJson.read(place)));
        StreamedDocument.read(in, FORMAT, VERSION, lists);
    }

    private static void exercise(JsonNodeReader place, BookVisitor visitor) {
        place.object("id", "tags", "exercise");
        Set<String> tags = new LinkedHashSet<>();
        if (place.has("tags")) {
            for (JsonNodeReader tag : place.member("tags").items(MAX_TAGS)) {
                tags.add(tag.text());
            }
        }
        visitor.exercise(place.member("id").id(), ExerciseReader.read(place.member("exercise")), tags);
    }

    private static void collection(JsonNodeReader place, BookVisitor visitor) {
        place.object("name", "exercises");
        List<UUID> ids = new ArrayList<>();
        for (JsonNodeReader id : place.member("exercises").items(MAX_COLLECTED)) {
            ids.add(id.id());
        }
        visitor.collection(place.member("name").text(), ids);
    }

    private static Student student(JsonNodeReader place) {
        place.object("id", "name", "note", "lessons", "groups");
        UUID id = place.member("id").id();
        String name = place.member("name").text();
        String note = place.member("note").text();
        Optional<LessonTime> lessons =
                place.optional("lessons", time -> time.make(() -> LessonTime.parse(time.text())));
        List<String> groups = place.has("groups")
                ? place.member("groups").items(Student.MAX_GROUPS).stream()
                        .map(JsonNodeReader::text)
                        .toList()
                : List.of();
        return place.make(() -> new Student(id, name, note, lessons, groups));
    }

    private static Assignment assignment(JsonNodeReader place) {
        place.object("id", "student", "exercise", "what", "set", "due", "note", "tempo", "done");
        UUID id = place.member("id").id();
        UUID student = place.member("student").id();
        Optional<UUID> exercise = place.optional("exercise", JsonNodeReader::id);
        String what = place.member("what").text();
        LocalDate set = place.member("set").day();
        Optional<LocalDate> due = place.optional("due", JsonNodeReader::day);
        String note = place.member("note").text();
        Optional<Tempo> tempo = place.optional("tempo", one -> one.typed(TempoText::read));
        Optional<LocalDate> done = place.optional("done", JsonNodeReader::day);
        return place.make(() -> new Assignment(id, student, exercise, what, set, due, note, tempo, done));
    }

    private static Lesson lesson(JsonNodeReader place) {
        place.object("id", "student", "day", "notes", "next");
        UUID id = place.member("id").id();
        UUID student = place.member("student").id();
        LocalDate day = place.member("day").day();
        String notes = place.member("notes").text();
        String next = place.member("next").text();
        return place.make(() -> new Lesson(id, student, day, notes, next));
    }
}
