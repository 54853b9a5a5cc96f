package nimblestride.desktop.shell;

import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.application.Platform;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.desktop.async.BackgroundTask;
import nimblestride.desktop.async.DefectReporter;
import nimblestride.desktop.document.exercise.Autosave;
import nimblestride.desktop.document.exercise.DraftStore;
import nimblestride.files.FileException;
import nimblestride.formats.json.DraftJson.Draft;

/** What lies on the desk is kept on disk by itself, and found there again; where that cannot be, it says so. */
final class DraftSession implements AutoCloseable {
    private final Consumer<String> tell;
    private Optional<DraftStore> drafts = Optional.empty();
    private Optional<Autosave> autosave = Optional.empty();

    /** @param tell is given what the user is to know */
    DraftSession(Consumer<String> tell) {
        this.tell = tell;
    }

    /** What lay on the desk last, and what keeps what will lie there; the problem is empty where the last could be read. */
    record Found(DraftStore drafts, Optional<Draft> last, String problem) {
        /** @throws FileException if nothing can be kept in that folder */
        static Found in(Path folder) {
            DraftStore drafts = DraftStore.open(folder);
            try {
                return new Found(drafts, drafts.last(), "");
            } catch (StrideException e) {
                return new Found(drafts, Optional.empty(), e.getMessage());
            }
        }
    }

    /** What lay on the desk last, or a blank exercise; from now on what lies there can be kept. */
    Draft last(BackgroundTask<Found> looking) {
        try {
            Found found = looking.get();
            drafts = Optional.of(found.drafts());
            autosave =
                    Optional.of(new Autosave(found.drafts(), problem -> Platform.runLater(() -> tell.accept(problem))));
            if (!found.problem().isEmpty()) {
                tell.accept(found.problem());
            } else if (found.last().isPresent() && !found.last().get().saved()) {
                tell.accept("Picked up where you left off. This is in no file yet.");
            }
            return found.last().orElseGet(FileMenu::blank);
        } catch (StrideException e) {
            tell.accept("Your work can't be kept on disk: " + e.getMessage());
            return FileMenu.blank();
        } catch (RuntimeException | Error e) {
            DefectReporter.report(e);
            tell.accept("Your work can't be kept on disk; Help shows the program's log.");
            return FileMenu.blank();
        }
    }

    void keep(Draft draft) {
        autosave.ifPresent(saving -> saving.save(draft));
    }

    @Override
    public void close() {
        autosave.ifPresent(Autosave::close);
        drafts.ifPresent(held -> {
            try {
                held.close();
            } catch (StrideException e) {
                // The lock ends with the process at the latest.
                tell.accept(e.getMessage());
            }
        });
    }
}
