package nimblestride.desktop.workspace.importing;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.UnaryOperator;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.transcription.proposal.Arrangement;
import nimblestride.core.transcription.proposal.ImportChoice;
import nimblestride.core.transcription.proposal.Proposal;
import nimblestride.core.transcription.source.Transcription;

/**
 * A file on its way in. It is read and looked through on a thread of its own, which is let go when the user leaves it; nothing is
 * taken before the user says so. All methods belong to the interface thread.
 */
public final class ImportSession {
    private final Takes takes;
    private final DrumMap voices;
    private final ReadOnlyObjectWrapper<State> state = new ReadOnlyObjectWrapper<>(State.NOTHING);
    private final AtomicReference<Thread> working = new AtomicReference<>();
    private byte[] bytes = {};

    /** What is done with what the user takes, or leaves. */
    public interface Takes {
        /**
         * @param fileName of the original
         * @return whether it could be taken
         */
        boolean taken(Exercise exercise, String fileName, byte[] original);

        void left();

        /** What the user is to know besides. */
        void told(String message);

        /** @param why in words, for the user */
        void unreadable(String fileName, String why);
    }

    /**
     * How far it has come.
     *
     * @param working what is being done; empty where the user's turn is
     */
    record State(
            String name, Optional<String> working, Optional<Transcription> source, Optional<ImportPreview> preview) {
        static final State NOTHING = new State("", Optional.empty(), Optional.empty(), Optional.empty());
    }

    public ImportSession(Takes takes, DrumMap voices) {
        this.takes = takes;
        this.voices = voices;
    }

    ReadOnlyObjectProperty<State> stateProperty() {
        return state.getReadOnlyProperty();
    }

    /** Begins to read a file. */
    public void begin(ImportedOriginal original) {
        state.set(new State(original.name(), Optional.of("Reading…"), Optional.empty(), Optional.empty()));
        Map<String, Optional<Voice>> remembered = voices.read();
        work(() -> {
            byte[] read = original.bytes();
            Transcription source = original.transcribed(read);
            later(() -> {
                bytes = read;
                state.set(new State(
                        original.name(),
                        Optional.of("Looking for what repeats…"),
                        Optional.of(source),
                        Optional.empty()));
            });
            ImportPreview preview =
                    ImportPreview.of(source, Arrangement.likeliest(source, remembered), Optional.empty());
            later(() -> show(preview));
        });
    }

    private interface Work {
        void run();
    }

    private void later(Runnable run) {
        Thread own = Thread.currentThread();
        Platform.runLater(() -> {
            if (working.get() == own) {
                run.run();
            }
        });
    }

    private void work(Work work) {
        stop();
        Thread thread = new Thread(
                () -> {
                    try {
                        work.run();
                    } catch (CancellationException e) {
                        // Nobody waits for it any longer.
                    } catch (StrideException e) {
                        later(() -> unreadable(e.getMessage()));
                    } catch (RuntimeException e) {
                        // Whatever is in a file, the window goes on.
                        later(() -> unreadable("something in it could not be understood (" + e + ")"));
                    } catch (OutOfMemoryError e) {
                        later(() -> unreadable("it needs more memory than there is"));
                    }
                },
                "bringing in");
        thread.setDaemon(true);
        working.set(thread);
        thread.start();
    }

    private void unreadable(String why) {
        String name = state.get().name();
        leave();
        takes.unreadable(name, why);
    }

    private void stop() {
        Thread before = working.getAndSet(null);
        if (before != null) {
            before.interrupt();
        }
    }

    private void show(ImportPreview preview) {
        State now = state.get();
        state.set(new State(now.name(), Optional.empty(), now.source(), Optional.of(preview)));
    }

    private void again(ImportChoice choice, Optional<List<Proposal>> taken) {
        State now = state.get();
        if (now.source().isEmpty()) {
            return;
        }
        state.set(new State(now.name(), Optional.of("Looking for what repeats…"), now.source(), now.preview()));
        Transcription source = now.source().get();
        work(() -> {
            ImportPreview preview = ImportPreview.of(source, choice, taken);
            later(() -> show(preview));
        });
    }

    /** Another part, other bars, another voice. */
    void choose(UnaryOperator<ImportChoice> change) {
        state.get().preview().ifPresent(preview -> again(change.apply(preview.choice()), Optional.empty()));
    }

    /** A repeat is taken as such, or no longer. */
    void take(Proposal offer, boolean wanted) {
        state.get().preview().ifPresent(preview -> {
            List<Proposal> taken = new ArrayList<>(preview.taken());
            taken.remove(offer);
            if (wanted) {
                taken.add(offer);
            }
            again(preview.choice(), Optional.of(taken));
        });
    }

    /** Takes it as it is shown. */
    void take() {
        State now = state.get();
        now.preview().filter(preview -> now.working().isEmpty()).ifPresent(preview -> preview.answer()
                .ifPresent(answer -> {
                    try {
                        voices.keep(preview.choice().voices());
                    } catch (StrideException e) {
                        takes.told("Which voices were chosen could not be kept: " + e.getMessage());
                    }
                    if (takes.taken(answer.exercise(), now.name(), bytes)) {
                        leave();
                    }
                }));
    }

    /** Leaves it; what is still being worked out is given up. */
    public void leave() {
        stop();
        bytes = new byte[0];
        state.set(State.NOTHING);
        takes.left();
    }
}
