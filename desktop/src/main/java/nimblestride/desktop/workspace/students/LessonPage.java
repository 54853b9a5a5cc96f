package nimblestride.desktop.workspace.students;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import javafx.beans.property.ObjectProperty;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.words.SpokenDate;
import nimblestride.core.language.text.PracticeNoteText;
import nimblestride.core.notation.page.Sheet;
import nimblestride.core.practice.journal.LogEntry;
import nimblestride.core.practice.journal.LogOwner;
import nimblestride.core.practice.students.Assignment;
import nimblestride.core.practice.students.Lesson;
import nimblestride.core.practice.students.Student;
import nimblestride.core.time.value.NoteValue;
import nimblestride.desktop.async.LatestOnly;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.document.library.BookEdits;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.desktop.service.WindowServices;
import nimblestride.desktop.ui.control.FlowLine;
import nimblestride.desktop.ui.control.SentenceRows;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.control.VerticalScroll;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.page.Page;
import nimblestride.formats.json.DraftJson.InBook;
import nimblestride.store.book.Book;
import nimblestride.store.book.RemovedItem.Kind;

/** Prepares and runs a lesson: what was assigned, what the student did, what comes next. */
final class LessonPage extends VBox implements Page {
    private static final int LOOKED_BACK_WEEKS = 12;
    private static final int MAX_ENTRIES = 40;

    private final OpenBook book;
    private final BookEdits edits;
    private final ExerciseDocument document;
    private final WindowServices services;
    private final StudentBar students;
    private final VBox set;
    private final VBox did;
    private final LessonNotes notes;
    private final AssignmentField assigning;
    private final LatestOnly reading = new LatestOnly("reading the student's year");
    private final AssignmentRow.Actions actions = new AssignmentRow.Actions() {
        @Override
        public void done(Assignment assignment) {
            edits.change(
                    assignment,
                    assignment.done().isPresent() ? assignment.reopened() : assignment.doneOn(book.today()));
        }

        @Override
        public void open(UUID exercise) {
            services.library().open(exercise);
        }

        @Override
        public void remove(Assignment assignment) {
            edits.remove(Kind.ASSIGNMENT, assignment.id(), assignment.what());
        }
    };

    private final SentenceRows rows = new SentenceRows("Assigned", this::removeAssignment);
    private List<Assignment> shownSet = List.of();

    /**
     * @param document whose exercise can be assigned
     * @param shown the id of the student who is shown
     * @param sheet settings for a booklet's pages
     */
    LessonPage(
            ExerciseDocument document,
            OpenBook book,
            BookEdits edits,
            ObjectProperty<UUID> shown,
            Supplier<Sheet> sheet,
            WindowServices services) {
        this.document = document;
        this.book = book;
        this.edits = edits;
        this.services = services;
        getStyleClass().add("page");
        students = new StudentBar(book, edits, shown, new StudentHandout(book, sheet, services), services, this::read);
        assigning = new AssignmentField(book::today, this::assign);
        set = column(
                "Assigned",
                new SmallButton("Booklet…", "student-booklet", students::printBooklet),
                new SmallButton("Web page…", "student-web", students::exportWebPage),
                new SmallButton("Export file…", "student-file", students::exportFile));
        did = column("Practice log", new SmallButton("Merge log…", "student-merge", students::merge));
        notes = new LessonNotes(book::today, this::keepLesson);
        VBox next = column("Today and next");
        next.getChildren().add(notes);
        VBox.setVgrow(notes, Priority.ALWAYS);
        HBox columns = new HBox(14, scrolling(set), scrolling(did), next);
        HBox.setHgrow(next, Priority.ALWAYS);
        next.setPrefWidth(210);
        VBox.setVgrow(columns, Priority.ALWAYS);
        getChildren().setAll(students, columns);
        book.onChange(this::refresh);
        sceneProperty().addListener(change -> refresh());
    }

    private static VBox column(String title, Node... buttons) {
        Label head = new Label(title);
        head.getStyleClass().add("pane-title");
        head.setMinWidth(Region.USE_PREF_SIZE);
        FlowLine first = new FlowLine(head);
        first.getChildren().addAll(buttons);
        return new VBox(6, first);
    }

    private static Node scrolling(VBox column) {
        VerticalScroll scroll = new VerticalScroll(column);
        scroll.setPrefWidth(240);
        HBox.setHgrow(scroll, Priority.ALWAYS);
        return scroll;
    }

    /** Lists the students again. */
    private void refresh() {
        if (getScene() != null && book.book().isPresent()) {
            students.list();
        }
    }

    /** What the Book holds about a student. */
    private record LessonYear(Student student, List<Assignment> set, List<LogEntry> did, List<Lesson> lessons) {}

    private void read() {
        Optional<Student> chosen = students.chosen();
        if (chosen.isEmpty() || book.book().isEmpty()) {
            set.getChildren().remove(1, set.getChildren().size());
            did.getChildren().remove(1, did.getChildren().size());
            notes.clear();
            return;
        }
        Book open = book.book().get();
        LocalDate today = book.today();
        Student student = chosen.get();
        reading.ask(
                () -> book.askElsewhere(open, one -> lessonYear(one, student, today)),
                lessonYear -> lessonYear.ifPresent(this::show));
    }

    private static LessonYear lessonYear(Book book, Student student, LocalDate today) {
        return new LessonYear(
                student,
                book.students().assignments(student.id()),
                book.log()
                        .between(
                                LogOwner.student(student.id()),
                                today.minusWeeks(LOOKED_BACK_WEEKS),
                                today,
                                MAX_ENTRIES),
                book.students().lessons(student.id()));
    }

    private void show(LessonYear lessonYear) {
        if (!students.chosen().equals(Optional.of(lessonYear.student))) {
            return;
        }
        set.getChildren().remove(1, set.getChildren().size());
        assigning.offer(document.exerciseProperty().get());
        shownSet = lessonYear.set;
        rows.setRows(shownSet.stream()
                .map(assignment -> AssignmentRow.of(assignment, lessonYear.did, book.today(), actions))
                .toList());
        set.getChildren().addAll(rows, assigning);
        did.getChildren().remove(1, did.getChildren().size());
        if (lessonYear.did.isEmpty()) {
            did.getChildren()
                    .add(new WrappedLabel(
                            "Nothing in the last twelve weeks. Press Merge log to import their log.", "quiet"));
        }
        for (LogEntry entry : lessonYear.did) {
            did.getChildren()
                    .add(new WrappedLabel(SpokenDate.brief(entry.when()) + " · " + entry.what() + ": " + said(entry)));
        }
        notes.show(lessonYear.student, lessonYear.lessons);
    }

    private void removeAssignment(int index) {
        actions.remove(shownSet.get(index));
    }

    private static String said(LogEntry entry) {
        return PracticeNoteText.write(entry.note().unnamed(), NoteValue.QUARTER);
    }

    private void assign(AssignmentField.Entered entered) {
        students.chosen().ifPresent(one -> {
            document.touch();
            Assignment assignment = new Assignment(
                    UUID.randomUUID(),
                    one.id(),
                    document.inBookProperty().get().map(InBook::id),
                    document.exerciseProperty().get().name(),
                    book.today(),
                    entered.due(),
                    entered.how(),
                    entered.tempo(),
                    Optional.empty());
            edits.assign(List.of(assignment), one.name());
        });
    }

    private void keepLesson(Lesson lesson) {
        book.change(open -> {
                    open.students().save(lesson);
                    return true;
                })
                .ifPresent(kept -> services.status().show("Saved the lesson of " + lesson.day() + "."));
    }

    @Override
    public void show(Exercise exercise) {
        assigning.offer(exercise);
        refresh();
    }

    @Override
    public void close() {
        notes.keep();
        reading.close();
    }
}
