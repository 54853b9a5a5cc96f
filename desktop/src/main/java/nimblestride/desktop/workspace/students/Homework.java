package nimblestride.desktop.workspace.students;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.notation.engraving.Drawing;
import nimblestride.core.notation.page.Sheet;
import nimblestride.core.notation.page.SheetLayout;
import nimblestride.core.practice.students.Assignment;
import nimblestride.core.practice.students.Student;
import nimblestride.formats.font.Fonts;
import nimblestride.store.book.Book;
import nimblestride.web.Booklet;
import nimblestride.web.PageContent;

/**
 * The exercises that a student is to play.
 *
 * @param contents each exercise once, at the tempo of its assignment and with its note
 */
record Homework(Student student, List<PageContent> contents) {
    Homework {
        contents = List.copyOf(contents);
    }

    /** Reads what is assigned to a student and not done. Exercises that are gone are left out. */
    static Homework of(Book book, Student student, Sheet sheet) {
        List<PageContent> contents = new ArrayList<>();
        Set<UUID> known = new HashSet<>();
        for (Assignment assigned : book.students().assignments(student.id())) {
            assigned.exercise()
                    .filter(id -> assigned.done().isEmpty() && known.add(id))
                    .filter(id -> book.exercises().find(id).isPresent())
                    .ifPresent(id -> contents.add(new PageContent(
                            atItsTempo(book.exercises().read(id), assigned),
                            Optional.of(id),
                            sheet.counting(),
                            assigned.note())));
        }
        return new Homework(student, contents);
    }

    private static Exercise atItsTempo(Exercise exercise, Assignment assigned) {
        return assigned.tempo().map(exercise::withTempo).orElse(exercise);
    }

    boolean isEmpty() {
        return contents.isEmpty();
    }

    String title() {
        return "For " + student.name();
    }

    /** Returns the ids of the exercises. */
    List<UUID> ids() {
        return contents.stream().flatMap(content -> content.id().stream()).toList();
    }

    /** Returns it for the student's phone. */
    Booklet page() {
        return new Booklet(title(), student.name(), contents);
    }

    /** Returns it for paper. */
    List<Drawing> booklet(Sheet sheet) {
        List<Exercise> exercises = contents.stream().map(PageContent::exercise).toList();
        SheetLayout pages =
                new SheetLayout(sheet.addressed(student.name()), Fonts.get().music(), Fonts.get());
        return pages.booklet(title(), exercises);
    }
}
