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

/** Saves the open exercise as a draft, finds it again at the next start, and says so when it can't. */
final class DraftSession implements AutoCloseable {
    private final Status status;
    private Optional<DraftStore> drafts = Optional.empty();
    private Optional<Autosave> autosave = Optional.empty();

    /** @param status shows what the user should know */
    DraftSession(Status status) {
        this.status = status;
    }

    /**
     * The draft found at startup, and where to save the next one.
     *
     * @param problem why the last draft can't be read; empty if it can
     */
    record Found(DraftStore drafts, Optional<Draft> last, String problem) {
        /** @throws FileException if no draft can be saved in that folder */
        static Found in(Path folder) {
            DraftStore drafts = DraftStore.open(folder);
            try {
                return new Found(drafts, drafts.last(), "");
            } catch (StrideException e) {
                return new Found(drafts, Optional.empty(), e.getMessage());
            }
        }
    }

    /** Returns the last draft, or a blank exercise, and begins to save drafts. */
    Draft last(BackgroundTask<Found> looking) {
        try {
            Found found = looking.get();
            drafts = Optional.of(found.drafts());
            autosave =
                    Optional.of(new Autosave(found.drafts(), problem -> Platform.runLater(() -> status.show(problem))));
            if (!found.problem().isEmpty()) {
                status.show(found.problem());
            }
            return found.last().orElseGet(ExerciseDocument::blank);
        } catch (StrideException e) {
            status.show("I can't keep your work on disk: " + e.getMessage());
            return ExerciseDocument.blank();
        } catch (RuntimeException | Error e) {
            DefectReporter.report(e);
            status.show("I can't keep your work on disk. See Help > Program log.");
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
                // The operating system releases the lock when the process ends.
                status.show(e.getMessage());
            }
        });
    }
}
