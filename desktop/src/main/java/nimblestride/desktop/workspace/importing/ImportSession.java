package nimblestride.desktop.workspace.importing;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.concurrent.Future;
import java.util.function.Consumer;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.transcription.proposal.Arrangement;
import nimblestride.core.transcription.proposal.ImportChoice;
import nimblestride.core.transcription.proposal.Proposal;
import nimblestride.core.transcription.source.Transcription;
import nimblestride.desktop.async.Background;
import nimblestride.desktop.service.Dialogs;
import nimblestride.desktop.service.Library;
import nimblestride.desktop.service.Status;

/**
 * Reads a file and works out what it could become, in the background, until the user leaves it. Imports nothing before
 * the user says so. Call every method on the interface thread.
 */
public final class ImportSession {
    private final Library library;
    private final Dialogs dialogs;
    private final Status status;
    private final Runnable left;
    private final DrumMap voices;
    private final ReadOnlyObjectWrapper<State> state = new ReadOnlyObjectWrapper<>(State.NOTHING);
    private Optional<Future<?>> working = Optional.empty();
    private Object newest = new Object();
    private byte[] bytes = {};

    /**
     * How far the import is.
     *
     * @param working what runs; empty when it is the user's turn
     */
    record State(
            String name, Optional<String> working, Optional<Transcription> source, Optional<ImportPreview> preview) {
        static final State NOTHING = new State("", Optional.empty(), Optional.empty(), Optional.empty());
    }

    /**
     * @param library adds the exercise to the Book
     * @param left runs when the user leaves the file, imported or not
     */
    public ImportSession(Library library, Dialogs dialogs, Status status, Runnable left, DrumMap voices) {
        this.library = library;
        this.dialogs = dialogs;
        this.status = status;
        this.left = left;
        this.voices = voices;
    }

    ReadOnlyObjectProperty<State> stateProperty() {
        return state.getReadOnlyProperty();
    }

    /** Starts to read a file. */
    public void begin(ImportedOriginal original) {
        state.set(new State(original.name(), Optional.of("Reading…"), Optional.empty(), Optional.empty()));
        Map<String, Optional<Voice>> remembered = voices.read();
        work(own -> {
            byte[] read = original.bytes();
            Transcription source = original.transcribed(read);
            later(own, () -> {
                bytes = read;
                state.set(new State(
                        original.name(),
                        Optional.of("Looking for what repeats…"),
                        Optional.of(source),
                        Optional.empty()));
            });
            ImportPreview preview = ImportPreview.of(source, Arrangement.likeliest(source, remembered));
            later(own, () -> show(preview));
        });
    }

    /** Runs something on the interface thread, unless newer work has begun. */
    private void later(Object work, Runnable run) {
        Platform.runLater(() -> {
            if (newest == work) {
                run.run();
            }
        });
    }

    private void work(Consumer<Object> work) {
        stop();
        Object own = newest;
        working = Optional.of(Background.submit("importing", () -> {
            try {
                work.accept(own);
            } catch (CancellationException e) {
                // Newer work has replaced it.
            } catch (StrideException e) {
                later(own, () -> unreadable(e.getMessage()));
            } catch (RuntimeException e) {
                // Whatever the file holds, the window must go on.
                later(own, () -> unreadable("something in it makes no sense here (" + e + ")"));
            } catch (OutOfMemoryError e) {
                later(own, () -> unreadable("it needs more memory than this program has"));
            }
        }));
    }

    private void unreadable(String why) {
        String name = state.get().name();
        leave();
        dialogs.showError("I can't import this file", name + "\n\n" + why);
    }

    private void stop() {
        newest = new Object();
        working.ifPresent(running -> running.cancel(true));
        working = Optional.empty();
    }

    private void show(ImportPreview preview) {
        State now = state.get();
        state.set(new State(now.name(), Optional.empty(), now.source(), Optional.of(preview)));
    }

    private void again(Function<Transcription, ImportPreview> previewing) {
        State now = state.get();
        if (now.source().isEmpty()) {
            return;
        }
        state.set(new State(now.name(), Optional.of("Looking for what repeats…"), now.source(), now.preview()));
        Transcription source = now.source().get();
        work(own -> {
            ImportPreview preview = previewing.apply(source);
            later(own, () -> show(preview));
        });
    }

    /** Changes the choice: another part, other bars, another voice. */
    void choose(UnaryOperator<ImportChoice> change) {
        state.get()
                .preview()
                .ifPresent(preview -> again(source -> ImportPreview.of(source, change.apply(preview.choice()))));
    }

    /** Accepts or rejects a proposed repeat. */
    void take(Proposal offer, boolean wanted) {
        state.get().preview().ifPresent(preview -> {
            List<Proposal> taken = new ArrayList<>(preview.taken());
            taken.remove(offer);
            if (wanted) {
                taken.add(offer);
            }
            again(source -> ImportPreview.of(source, preview.choice(), taken));
        });
    }

    /** Imports the exercise as shown. */
    void take() {
        State now = state.get();
        now.preview().filter(preview -> now.working().isEmpty()).ifPresent(preview -> preview.answer()
                .ifPresent(answer -> {
                    try {
                        voices.keep(preview.choice().voices());
                    } catch (StrideException e) {
                        status.show("I can't save your choice of voices: " + e.getMessage());
                    }
                    byte[] original = bytes;
                    leave();
                    library.add(answer.exercise(), now.name(), original);
                }));
    }

    /** Leaves the import, and cancels what still runs. */
    public void leave() {
        stop();
        bytes = new byte[0];
        state.set(State.NOTHING);
        left.run();
    }
}
