package nimblestride.desktop.workspace.students;

import java.util.UUID;
import java.util.function.Supplier;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import nimblestride.core.notation.page.Sheet;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.document.library.BookEdits;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.desktop.service.PageId;
import nimblestride.desktop.service.WindowServices;
import nimblestride.desktop.ui.page.PagedPane;
import nimblestride.desktop.ui.page.Workspace;

/** The Students workspace: today's lessons, and for each student what is assigned, the log, notes, and what comes next. */
public final class StudentsWorkspace extends PagedPane implements Workspace {
    /** The id of the student who is shown; null for nobody yet. */
    private final ObjectProperty<UUID> shown = new SimpleObjectProperty<>();

    /**
     * Creates the pages.
     *
     * @param edits adds, changes, and removes students and assignments
     * @param assign assigns the open exercise to several students
     * @param sheet the settings a handout prints with
     */
    public StudentsWorkspace(
            ExerciseDocument document,
            OpenBook book,
            BookEdits edits,
            Runnable assign,
            Supplier<Sheet> sheet,
            WindowServices services) {
        ClassHomework homework = new ClassHomework(book, sheet, services);
        add(
                PageId.LESSONS,
                () -> new LessonsPage(book, edits, services.dialogs(), assign, homework::write, student -> {
                    shown.set(student);
                    services.navigation().open(PageId.LESSON);
                }));
        add(PageId.LESSON, () -> new LessonPage(document, book, edits, shown, sheet, services));
        open(PageId.LESSONS);
    }
}
