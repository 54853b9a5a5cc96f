package nimblestride.desktop.async;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.concurrent.CountDownLatch;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.files.FileException;
import org.junit.jupiter.api.Test;

class BackgroundTaskTest {
    @Test
    void isBegunBeforeItIsAskedForAndMadeOnce() throws Exception {
        CountDownLatch begun = new CountDownLatch(1);
        int[] times = new int[1];
        BackgroundTask<String> early = BackgroundTask.begin("test", () -> {
            times[0]++;
            begun.countDown();
            return "made on " + Thread.currentThread().getName();
        });
        begun.await();
        assertThat(early.get()).isEqualTo("made on test");
        assertThat(early.get()).isEqualTo("made on test");
        assertThat(times[0]).isEqualTo(1);
    }

    @Test
    void tellsWhyItCouldNotBeMadeWhereItIsAskedFor() {
        BackgroundTask<String> lost = BackgroundTask.begin("test", () -> {
            throw new FileException("the disk is gone");
        });
        assertThatThrownBy(lost::get).isInstanceOf(StrideException.class).hasMessage("the disk is gone");
        BackgroundTask<String> wrong = BackgroundTask.begin("test", () -> {
            throw new IllegalStateException("a slip");
        });
        assertThatThrownBy(wrong::get).isInstanceOf(IllegalStateException.class).hasMessage("a slip");
        BackgroundTask<String> worse = BackgroundTask.begin("test", () -> {
            throw new StackOverflowError("too deep");
        });
        assertThatThrownBy(worse::get).isInstanceOf(StackOverflowError.class);
    }

    @Test
    void whatComesThenWaitsForTheFirstEvenIfThatFails() throws Exception {
        CountDownLatch go = new CountDownLatch(1);
        CountDownLatch last = new CountDownLatch(1);
        List<String> order = new CopyOnWriteArrayList<>();
        BackgroundTask<String> first = BackgroundTask.begin("first", () -> {
            await(go);
            order.add(Thread.currentThread().getName());
            throw new FileException("the disk is gone");
        });
        BackgroundTask<String> second = first.then("second", () -> {
            order.add(Thread.currentThread().getName());
            return "made";
        });
        second.thenRun("third", () -> {
            order.add(Thread.currentThread().getName());
            last.countDown();
        });
        go.countDown();
        last.await();
        assertThat(order).containsExactly("first", "second", "third");
        assertThat(second.get()).isEqualTo("made");
        assertThatThrownBy(first::get).hasMessage("the disk is gone");
    }

    private static void await(CountDownLatch latch) {
        try {
            latch.await();
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }

    /** Somebody who waits and is interrupted still gets what was made, and knows of the interruption afterwards. */
    @Test
    void anInterruptedWaitGoesOn() throws Exception {
        CountDownLatch go = new CountDownLatch(1);
        BackgroundTask<String> early = BackgroundTask.begin("test", () -> {
            await(go);
            return "made";
        });
        Thread.currentThread().interrupt();
        new Thread(go::countDown).start();
        assertThat(early.get()).isEqualTo("made");
        assertThat(Thread.interrupted()).isTrue();
    }
}
