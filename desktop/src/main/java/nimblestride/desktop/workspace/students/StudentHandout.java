package nimblestride.desktop.workspace.students;

import java.util.Optional;
import java.util.function.Supplier;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.notation.page.Sheet;
import nimblestride.core.practice.students.Student;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.desktop.service.WindowServices;

/** Hands a student their homework: as a booklet, as a page for their phone, or as a file for their own program. */
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
        homework(student).ifPresent(homework -> services.export().exercises(homework.ids(), student.name()));
    }

    void webPage(Student student) {
        homework(student).ifPresent(homework -> services.export().webPage(homework.page()));
    }

    void booklet(Student student) {
        homework(student).ifPresent(homework -> {
            try {
                services.export().pages(homework.title(), homework.booklet(sheet.get()));
            } catch (StrideException e) {
                services.dialogs().showError("I can't lay out the booklet", e.getMessage());
            }
        });
    }

    /** Reads the homework; shows it in the status bar when there is none. */
    private Optional<Homework> homework(Student student) {
        Optional<Homework> homework = book.ask(open -> Homework.of(open, student, sheet.get()));
        if (homework.filter(Homework::isEmpty).isPresent()) {
            services.status()
                    .show("Everything assigned to " + student.name() + " is done, so there is nothing to share.");
        }
        return homework.filter(found -> !found.isEmpty());
    }
}
