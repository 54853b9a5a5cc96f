package nimblestride.desktop.workspace.students;

import java.util.function.Supplier;
import nimblestride.core.notation.page.Sheet;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.desktop.service.PageId;
import nimblestride.desktop.service.WindowServices;
import nimblestride.desktop.ui.page.PagedPane;
import nimblestride.desktop.ui.page.Workspace;

/** The Students workspace: the lesson, the homework, and each student's log. */
public final class StudentsWorkspace extends PagedPane implements Workspace {
    /**
     * Creates the pages.
     *
     * @param sheet the settings a handout prints with
     */
    public StudentsWorkspace(ExerciseDocument document, OpenBook book, Supplier<Sheet> sheet, WindowServices services) {
        add(PageId.LESSON, () -> new LessonPage(document, book, sheet, services));
        open(PageId.LESSON);
    }
}
