package nimblestride.desktop.shell;

import java.nio.file.Path;
import java.util.Optional;
import javafx.application.Platform;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.desktop.async.BackgroundTask;
import nimblestride.desktop.async.DefectReporter;
import nimblestride.desktop.document.exercise.Autosave;
import nimblestride.desktop.document.exercise.DraftStore;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.service.Status;
import nimblestride.files.FileException;
import nimblestride.formats.json.DraftJson.Draft;

/** Saves the open exercise as a draft, and finds it again at the next start; says so where it can't. */
final class DraftSession implements AutoCloseable {
    private final Status status;
    private Optional<DraftStore> drafts = Optional.empty();
    private Optional<Autosave> autosave = Optional.empty();

    /** @param status shows what the user should know */
    DraftSession(Status status) {
        this.status = status;
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
                    Optional.of(new Autosave(found.drafts(), problem -> Platform.runLater(() -> status.show(problem))));
            if (!found.problem().isEmpty()) {
                status.show(found.problem());
            } else if (found.last().isPresent() && !found.last().get().saved()) {
                status.show("Picked up where you left off. This is in no file yet.");
            }
            return found.last().orElseGet(ExerciseDocument::blank);
        } catch (StrideException e) {
            status.show("Your work can't be kept on disk: " + e.getMessage());
            return ExerciseDocument.blank();
        } catch (RuntimeException | Error e) {
            DefectReporter.report(e);
            status.show("Your work can't be kept on disk; Help shows the program's log.");
            return ExerciseDocument.blank();
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
                status.show(e.getMessage());
            }
        });
    }
}
