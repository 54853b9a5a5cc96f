package nimblestride.desktop.document.library;

import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.function.Predicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.words.Counted;
import nimblestride.core.practice.journal.LogEntry;
import nimblestride.core.practice.journal.LogOwner;
import nimblestride.core.practice.students.Assignment;
import nimblestride.core.practice.students.Lesson;
import nimblestride.core.practice.students.Student;
import nimblestride.desktop.async.CommandQueue.Progress;
import nimblestride.files.SourceFile;
import nimblestride.formats.json.BookJson;
import nimblestride.formats.json.BookVisitor;
import nimblestride.formats.json.LogJson;
import nimblestride.store.book.Book;
import nimblestride.store.book.Collections;
import nimblestride.store.book.ExerciseSummary;
import nimblestride.store.book.PracticeLog;

/** Exports a Book, or a part of it, to files, and imports such files. */
public final class BookTransfer {
    private static final Pattern FORMAT = Pattern.compile("\"format\"\\s*:\\s*\"([^\"]*)\"");
    private static final int HEAD = 400;

    private BookTransfer() {}

    /** Returns the format a file names; empty where it names none. */
    public static String formatOf(Path file) {
        return SourceFile.read(file, "an exercise, a Book, or a log", in -> {
            Matcher format = FORMAT.matcher(new String(in.readNBytes(HEAD), StandardCharsets.UTF_8));
            return format.find() ? format.group(1) : "";
        });
    }

    /** Writes the whole Book. */
    public static void writeAll(Book book, OutputStream out) {
        BookJson.write(out, visitor -> {
            exercises(book, visitor, kept -> true);
            for (Collections.Collection collection : book.collections().all()) {
                List<UUID> inIt = book.exercises().searchIn(collection.id(), "", 0, Integer.MAX_VALUE).stream()
                        .map(ExerciseSummary::id)
                        .toList();
                visitor.collection(collection.name(), inIt);
            }
            List<Student> students = book.students().students();
            for (Student student : students) {
                visitor.student(student);
            }
            for (Student student : students) {
                for (Assignment assignment : book.students().assignments(student.id())) {
                    visitor.assignment(assignment);
                }
            }
            for (Student student : students) {
                for (Lesson lesson : book.students().lessons(student.id())) {
                    visitor.lesson(lesson);
                }
            }
            book.log().each(visitor::entry);
        });
    }

    /** Writes some exercises with their ids, so that what is practiced elsewhere is known again here. */
    public static void writeExercises(Book book, Set<UUID> ids, OutputStream out) {
        BookJson.write(out, visitor -> exercises(book, visitor, kept -> ids.contains(kept.id())));
    }

    private static void exercises(Book book, BookVisitor visitor, Predicate<ExerciseSummary> wanted) {
        for (ExerciseSummary kept : book.exercises().all()) {
            if (wanted.test(kept)) {
                visitor.exercise(
                        kept.id(),
                        book.exercises().read(kept.id()),
                        book.exercises().tags(kept.id()));
            }
        }
    }

    /**
     * Imports another Book, all of it or nothing; what this one has already, by its id, stays as it is.
     *
     * @return the result, in words
     */
    public static String merge(Book book, Path file, LocalDateTime now, Progress progress) {
        Arrivals arrivals = new Arrivals(progress);
        // All of it is read before any of it is taken: a file that breaks off changes nothing.
        SourceFile.read(file, "a Book", in -> {
            BookJson.read(in, arrivals);
            return arrivals;
        });
        return book.inTransaction(() -> merge(book, arrivals, now, progress));
    }

    private static String merge(Book book, Arrivals arrivals, LocalDateTime now, Progress progress) {
        int added = 0;
        int seen = 0;
        for (Arrivals.OfShelf one : arrivals.exercises) {
            added += book.exercises().add(one.id, one.exercise, one.tags, now).isPresent() ? 1 : 0;
            progress.report(seen++ / (double) arrivals.exercises.size());
        }
        for (Arrivals.Gathered gathered : arrivals.collections) {
            UUID collection = book.collections().named(gathered.name);
            for (UUID id : gathered.exercises) {
                if (book.exercises().find(id).isPresent()) {
                    book.collections().add(collection, id);
                }
            }
        }
        int students = 0;
        for (Student student : arrivals.students) {
            students += book.students().add(student) ? 1 : 0;
        }
        arrivals.assignments.forEach(book.students()::add);
        arrivals.lessons.forEach(book.students()::add);
        PracticeLog.Merged merged = book.log().addNew(arrivals.entries);
        progress.report(-1);
        return Counted.count(added, "exercise") + " new, "
                + (arrivals.exercises.size() - added) + " there already; "
                + Counted.count(students, "student") + " new; " + said(merged) + ".";
    }

    /** Returns {@code 3 log entries new, 1 changed, 40 there already}. */
    public static String said(PracticeLog.Merged merged) {
        return Counted.number(merged.added()) + (merged.added() == 1 ? " log entry" : " log entries") + " new, "
                + Counted.number(merged.changed()) + " changed, " + Counted.number(merged.known()) + " there already";
    }

    /** Collects everything in the file of a Book. */
    private static final class Arrivals implements BookVisitor {
        private final Progress progress;
        private final List<OfShelf> exercises = new ArrayList<>();
        private final List<Gathered> collections = new ArrayList<>();
        private final List<Student> students = new ArrayList<>();
        private final List<Assignment> assignments = new ArrayList<>();
        private final List<Lesson> lessons = new ArrayList<>();
        private final List<LogEntry> entries = new ArrayList<>();

        Arrivals(Progress progress) {
            this.progress = progress;
        }

        private record OfShelf(UUID id, Exercise exercise, Set<String> tags) {}

        private record Gathered(String name, List<UUID> exercises) {}

        @Override
        public void exercise(UUID id, Exercise exercise, Set<String> tags) {
            exercises.add(new OfShelf(id, exercise, tags));
            progress.report(-1);
        }

        @Override
        public void collection(String name, List<UUID> inIt) {
            collections.add(new Gathered(name, inIt));
        }

        @Override
        public void student(Student student) {
            students.add(student);
        }

        @Override
        public void assignment(Assignment assignment) {
            assignments.add(assignment);
        }

        @Override
        public void lesson(Lesson lesson) {
            lessons.add(lesson);
        }

        @Override
        public void entry(LogEntry entry) {
            entries.add(entry);
            progress.report(-1);
        }
    }

    /** Writes somebody's log. */
    public static void writeLog(Book book, LogOwner owner, String name, OutputStream out) {
        LogJson.write(
                out, name, visitor -> book.log().each(owner, entry -> visitor.accept(entry.ownedBy(LogOwner.USER))));
    }

    /**
     * Merges somebody's log; what is known of it does not count twice. Entries of exercises this Book does not know by
     * their ids go to those with the same name.
     */
    public static PracticeLog.Merged mergeLog(Book book, LogOwner owner, Path file, Progress progress) {
        List<LogEntry> entries = new ArrayList<>();
        SourceFile.read(
                file,
                "a log",
                in -> LogJson.read(in, entry -> {
                    entries.add(entry);
                    progress.report(-1);
                }));
        return book.inTransaction(() -> {
            List<LogEntry> theirs = new ArrayList<>();
            for (LogEntry entry : entries) {
                theirs.add(known(book, entry).ownedBy(owner));
                progress.report(theirs.size() / (double) entries.size());
            }
            return book.log().merge(theirs);
        });
    }

    private static LogEntry known(Book book, LogEntry entry) {
        if (entry.exercise().isPresent()
                && book.exercises().find(entry.exercise().get()).isPresent()) {
            return entry;
        }
        return book.exercises()
                .named(entry.what())
                .map(exercise -> entry.about(exercise.id()))
                .orElse(entry);
    }
}
