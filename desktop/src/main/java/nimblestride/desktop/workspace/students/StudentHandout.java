package nimblestride.desktop.workspace.students;

import java.util.ArrayList;
import java.util.List;
import java.util.UUID;
import java.util.function.Supplier;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.notation.page.Sheet;
import nimblestride.core.notation.page.SheetLayout;
import nimblestride.core.practice.students.Student;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.desktop.service.WindowServices;
import nimblestride.formats.font.Fonts;
import nimblestride.store.book.Book;

/** Hands a student the exercises that are assigned and not done: as a booklet, or as a file for their own program. */
final class StudentHandout {
    private final OpenBook book;
    private final Supplier<Sheet> sheet;
    private final WindowServices services;

    StudentHandout(OpenBook book, Supplier<Sheet> sheet, WindowServices services) {
        this.book = book;
        this.sheet = sheet;
        this.services = services;
    }

    void file(Student student) {
        List<UUID> assigned = assigned(student);
        if (!assigned.isEmpty()) {
            services.export().exercises(assigned, student.name());
        }
    }

    void booklet(Student student) {
        List<UUID> assigned = assigned(student);
        if (!assigned.isEmpty()) {
            book.ask(open -> read(open, assigned))
                    .filter(exercises -> !exercises.isEmpty())
                    .ifPresent(exercises -> booklet(exercises, student));
        }
    }

    /** Lists what is assigned and not done; shows it in the status bar when there is nothing. */
    private List<UUID> assigned(Student student) {
        List<UUID> assigned = book.ask(open -> open.students().assignments(student.id())).orElse(List.of()).stream()
                .filter(assignment -> assignment.done().isEmpty())
                .flatMap(assignment -> assignment.exercise().stream())
                .distinct()
                .toList();
        if (assigned.isEmpty()) {
            services.status()
                    .show("Everything assigned to " + student.name() + " is done, so there is nothing to print.");
        }
        return assigned;
    }

    private static List<Exercise> read(Book open, List<UUID> ids) {
        List<Exercise> exercises = new ArrayList<>();
        for (UUID id : ids) {
            if (open.exercises().find(id).isPresent()) {
                exercises.add(open.exercises().read(id));
            }
        }
        return exercises;
    }

    private void booklet(List<Exercise> exercises, Student student) {
        try {
            Sheet theirs = sheet.get().addressed(student.name());
            SheetLayout pages = new SheetLayout(theirs, Fonts.get().music(), Fonts.get());
            String title = "For " + student.name();
            services.export().pages(title, pages.booklet(title, exercises));
        } catch (StrideException e) {
            services.dialogs().showError("I can't lay out the booklet", e.getMessage());
        }
    }
}
