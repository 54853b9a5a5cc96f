package nimblestride.desktop.shell;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Consumer;
import java.util.function.Supplier;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.notation.page.Sheet;
import nimblestride.core.notation.page.SheetLayout;
import nimblestride.core.practice.students.Student;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.desktop.workspace.students.LessonPage;
import nimblestride.formats.font.Fonts;
import nimblestride.formats.json.DraftJson.InBook;

/** What a lesson has done beyond its page. */
record LessonBeyond(
        ExerciseDocument document,
        OpenBook book,
        FileMenu files,
        Dialogs questions,
        BookExport out,
        Supplier<Sheet> sheet,
        FileDelivery delivering,
        Consumer<String> status)
        implements LessonPage.Beyond {
    @Override
    public Optional<UUID> onTheDesk() {
        return document.inBookProperty().get().map(InBook::id);
    }

    @Override
    public String nameOnTheDesk() {
        return document.exerciseProperty().get().name();
    }

    @Override
    public void open(UUID exercise) {
        files.openKept(exercise);
    }

    @Override
    public Optional<String> line(String title, String what, String first) {
        return questions.askLine(title, what, first);
    }

    @Override
    public boolean sure(String title, String text, String yes) {
        return questions.confirm(title, text, yes);
    }

    @Override
    public Optional<Path> logFile() {
        return questions.fileToOpen(List.of("json"));
    }

    @Override
    public void handOut(List<UUID> exercises, Student student, boolean asBooklet) {
        if (!asBooklet) {
            out.exercises(exercises, student.name());
            return;
        }
        book.ask(open -> {
                    List<Exercise> all = new ArrayList<>();
                    for (UUID id : exercises) {
                        if (open.exercises().find(id).isPresent()) {
                            all.add(open.exercises().read(id));
                        }
                    }
                    return all;
                })
                .filter(all -> !all.isEmpty())
                .ifPresent(all -> booklet(all, student));
    }

    private void booklet(List<Exercise> exercises, Student student) {
        try {
            Sheet theirs = sheet.get().addressed(student.name());
            SheetLayout pages = new SheetLayout(theirs, Fonts.get().music(), Fonts.get());
            String title = "For " + student.name();
            delivering.savePages(title, pages.booklet(title, exercises));
        } catch (StrideException e) {
            questions.showError("The booklet could not be set", e.getMessage());
        }
    }

    @Override
    public void tell(String message) {
        status.accept(message);
    }
}
