package nimblestride.desktop.document.exercise;

import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.desktop.async.DefectReporter;
import nimblestride.formats.json.DraftJson.Draft;

/** Keeps every state of a desk shortly after it comes about, on a thread of its own, the newest first. */
public final class Autosave implements AutoCloseable {
    private final DraftStore drafts;
    private final Consumer<String> problems;
    private final AtomicReference<Draft> waiting = new AtomicReference<>();
    private final ExecutorService writing = Executors.newSingleThreadExecutor(task -> new Thread(task, "autosave"));

    /** @param problems is told, on any thread, when a draft cannot be written */
    public Autosave(DraftStore drafts, Consumer<String> problems) {
        this.drafts = drafts;
        this.problems = problems;
    }

    /** Has this draft kept soon; one that still waits to be written gives way to it. */
    public void save(Draft draft) {
        if (waiting.getAndSet(draft) == null) {
            writing.execute(this::write);
        }
    }

    private void write() {
        Draft draft = waiting.getAndSet(null);
        if (draft == null) {
            return;
        }
        try {
            drafts.keep(draft);
        } catch (StrideException e) {
            problems.accept("Your work could not be kept on disk: " + e.getMessage());
        } catch (RuntimeException | Error e) {
            // The next state is written all the same.
            DefectReporter.report(e);
            problems.accept("Your work could not be kept on disk; Help shows the program's log.");
        }
    }

    /** Waits until the last draft is written. */
    @Override
    public void close() {
        writing.shutdown();
        try {
            if (!writing.awaitTermination(10, TimeUnit.SECONDS)) {
                problems.accept("The disk did not answer in time; the last change may not have been kept.");
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
