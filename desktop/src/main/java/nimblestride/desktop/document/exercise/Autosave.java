package nimblestride.desktop.document.exercise;

import java.time.Duration;
import java.util.concurrent.atomic.AtomicReference;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.desktop.async.DefectReporter;
import nimblestride.desktop.async.TaskSequence;
import nimblestride.desktop.service.Status;
import nimblestride.formats.json.DraftJson.Draft;

/** Saves every state of the document shortly after it comes about, in the background, newest first. */
public final class Autosave implements AutoCloseable {
    private static final Duration TIME_TO_FINISH = Duration.ofSeconds(10);

    private final DraftStore drafts;
    private final Status problems;
    private final AtomicReference<Draft> waiting = new AtomicReference<>();
    private final TaskSequence writing = TaskSequence.afterTheFrame("autosave");

    /** @param problems shows, on any thread, why a draft can't be written */
    public Autosave(DraftStore drafts, Status problems) {
        this.drafts = drafts;
        this.problems = problems;
    }

    /** Saves a draft soon, in place of one that still waits. */
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
            problems.show("I can't keep your work on disk: " + e.getMessage());
        } catch (RuntimeException | Error e) {
            // The next state is written all the same.
            DefectReporter.report(e);
            problems.show("I can't keep your work on disk. See Help > Program log.");
        }
    }

    /** Waits until the last draft is written. */
    @Override
    public void close() {
        try {
            if (!writing.finish(TIME_TO_FINISH)) {
                problems.show("The disk is not answering. Your last change may be lost.");
            }
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
    }
}
