package nimblestride.desktop.async;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.util.List;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CopyOnWriteArrayList;
import org.junit.jupiter.api.Test;

class TaskSequenceTest {
    private static final Duration A_FRAME = Duration.ofMillis(1_000 / 60);

    @Test
    void tasksRunInTheirOrderAndFinishWaitsForThem() throws InterruptedException {
        List<Integer> run = new CopyOnWriteArrayList<>();
        TaskSequence sequence = new TaskSequence("test");
        for (int i = 0; i < 20; i++) {
            int number = i;
            sequence.execute(() -> run.add(number));
        }
        assertThat(sequence.finish(Duration.ofSeconds(10))).isTrue();
        assertThat(run).hasSize(20).isSorted();
        sequence.execute(() -> run.add(20));
        assertThat(run).hasSize(20);
    }

    @Test
    void afterTheFrameTheFirstTaskWaitsForTwoFrames() {
        CompletableFuture<Long> begun = new CompletableFuture<>();
        long added = System.nanoTime();
        TaskSequence.afterTheFrame("test").execute(() -> begun.complete(System.nanoTime()));
        assertThat(Duration.ofNanos(begun.join() - added)).isGreaterThan(A_FRAME.multipliedBy(2));
    }

    /** A window that closes has no frame to wait for, and loses nothing. */
    @Test
    void finishWaitsForNoFrameAndRunsWhatWasAdded() throws InterruptedException {
        List<String> run = new CopyOnWriteArrayList<>();
        TaskSequence sequence = TaskSequence.afterTheFrame("test");
        sequence.execute(() -> run.add("saved"));
        assertThat(sequence.finish(Duration.ofSeconds(10))).isTrue();
        assertThat(run).containsExactly("saved");
    }
}
