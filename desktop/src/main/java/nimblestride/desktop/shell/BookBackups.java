package nimblestride.desktop.shell;

import java.nio.file.Path;
import java.util.List;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.foundation.words.Counted;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.desktop.service.Dialogs;
import nimblestride.desktop.service.Status;
import nimblestride.store.database.Backups;

/** Backs the Book up, restores a backup, and starts a new Book, each after asking. */
final class BookBackups {
    private final OpenBook book;
    private final Dialogs dialogs;
    private final Status status;

    BookBackups(OpenBook book, Dialogs dialogs, Status status) {
        this.book = book;
        this.dialogs = dialogs;
        this.status = status;
    }

    /** Copies the whole Book to a file the user chooses, outside the program's own folder. */
    void backUp() {
        dialogs.fileToSave("nimble-stride-" + book.today() + ".book", homeOfTheUser())
                .ifPresent(file -> book.run(
                        "Backing up the Book to " + file.getFileName(),
                        (open, progress) -> {
                            open.backups().copyTo(file);
                            return file;
                        },
                        copy -> status.show("The whole Book is now in " + copy + ".")));
    }

    private static Path homeOfTheUser() {
        return Path.of(System.getProperty("user.home", "."));
    }

    /** Asks which backup to restore, and restores it. */
    void restore() {
        List<Backups.Backup> all;
        try {
            all = book.backups().all();
        } catch (StrideException e) {
            dialogs.showError("I can't list the backups", e.getMessage());
            return;
        }
        if (all.isEmpty()) {
            dialogs.showError("No backups yet", "The program makes one each day you use it.");
            return;
        }
        List<String> names = all.stream()
                .map(one -> one.name() + "  (" + Counted.number(one.bytes() / 1_000) + " kB)")
                .toList();
        dialogs.choose("Restore a backup", "The program backs up the current Book first.", names)
                .ifPresent(number -> restore(all.get(number).file()));
    }

    private void restore(Path backup) {
        book.restore(backup, () -> status.show("Restored " + backup.getFileName() + "."));
    }

    /** Makes a new Book in place of a file that can't be opened. */
    void startNew() {
        if (dialogs.confirm(
                "Start a new Book?",
                "The file that can't be opened moves to the backups folder, next to the Book.",
                "Start a new Book")) {
            book.startNew();
        }
    }
}
