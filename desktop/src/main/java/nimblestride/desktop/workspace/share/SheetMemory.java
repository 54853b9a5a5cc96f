package nimblestride.desktop.workspace.share;

import java.util.Optional;
import java.util.UUID;
import javafx.animation.PauseTransition;
import javafx.beans.property.ObjectProperty;
import javafx.util.Duration;
import nimblestride.core.notation.page.Sheet;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.formats.json.SheetJson;
import nimblestride.store.book.Book;

/**
 * Remembers in the Book what is on the sheet of each exercise. What was chosen last is usual: exercises for which nothing was
 * chosen have it, too.
 */
final class SheetMemory {
    /** Choices that follow each other quickly are written once. */
    private static final Duration PAUSE = Duration.millis(500);

    private final ExerciseDocument document;
    private final OpenBook book;
    private final ObjectProperty<Sheet> sheet;
    private final PauseTransition pause = new PauseTransition(PAUSE);
    private Optional<UUID> shown = Optional.empty();
    private boolean isChosen;
    private boolean isReading;

    /** @param sheet of the open exercise; before the Book has one, what is usual in the program */
    SheetMemory(ExerciseDocument document, OpenBook book, ObjectProperty<Sheet> sheet) {
        this.document = document;
        this.book = book;
        this.sheet = sheet;
        pause.setOnFinished(event -> write());
        sheet.addListener((property, before, now) -> chosen(before, now));
        document.onOpened(this::read);
        read();
    }

    private Optional<UUID> open() {
        return document.inBookProperty().get().map(kept -> kept.id());
    }

    /** A counting system that was chosen on the Road is no choice for a sheet. */
    private void chosen(Sheet before, Sheet now) {
        if (!isReading && !before.counted(now.counting()).equals(now)) {
            shown = open();
            isChosen = true;
            pause.playFromStart();
        }
    }

    private void read() {
        write();
        shown = open();
        // Where the Book can't be opened, its pane says why.
        if (book.book().isPresent()) {
            book.ask(this::remembered).ifPresent(remembered -> {
                isReading = true;
                sheet.set(remembered.counted(sheet.get().counting()));
                isReading = false;
            });
        }
    }

    private Sheet remembered(Book open) {
        return shown.flatMap(open.settings()::sheet)
                .or(open.settings()::sheet)
                .map(SheetJson::read)
                .orElseGet(() -> sheet.get().usual());
    }

    /** Writes what was chosen, if that has not happened yet. */
    void write() {
        pause.stop();
        if (isChosen) {
            isChosen = false;
            Sheet chosen = sheet.get();
            book.ask(open -> {
                shown.ifPresent(exercise -> open.settings().useSheet(exercise, SheetJson.text(chosen)));
                open.settings().useSheet(SheetJson.text(chosen.usual()));
                return chosen;
            });
        }
    }
}
