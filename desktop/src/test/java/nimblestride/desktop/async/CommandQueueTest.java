package nimblestride.desktop.async;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import java.util.stream.IntStream;
import javafx.application.Platform;
import nimblestride.core.foundation.failure.InvalidValueException;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxToolkit;
import org.testfx.util.WaitForAsyncUtils;

/** Every command is run, once, in order, and says what came of it. */
class CommandQueueTest {
    private final List<String> events = new ArrayList<>();
    private final CommandQueue commands =
            new CommandQueue((title, why) -> events.add(title + ": " + why), line -> events.add(line));

    @BeforeAll
    static void startToolkit() throws Exception {
        FxToolkit.registerPrimaryStage();
    }

    @AfterEach
    void close() {
        commands.close();
    }

    private void untilDone() throws Exception {
        WaitForAsyncUtils.waitFor(60, TimeUnit.SECONDS, () -> WaitForAsyncUtils.asyncFx(
                        () -> commands.runningProperty().get().isEmpty())
                .get());
    }

    private <T> void run(String what, CommandQueue.Work<T> work) {
        Platform.runLater(() -> commands.run(what, work, answer -> events.add(what + " gave " + answer)));
    }

    @Test
    void noneIsDroppedHoweverManyAreGiven() throws Exception {
        for (int i = 0; i < 50; i++) {
            int number = i;
            run("command " + i, progress -> number);
        }
        untilDone();
        assertThat(events)
                .containsExactlyElementsOf(IntStream.range(0, 50)
                        .mapToObj(i -> "command " + i + " gave " + i)
                        .toList());
    }

    @Test
    void oneThatFailsSaysWhyAndTheNextIsRun() throws Exception {
        AtomicReference<Throwable> defect = new AtomicReference<>();
        Thread.UncaughtExceptionHandler before = Thread.getDefaultUncaughtExceptionHandler();
        Thread.setDefaultUncaughtExceptionHandler((thread, problem) -> defect.set(problem));
        try {
            run("Writing a.wav", progress -> {
                throw new InvalidValueException("it is too long");
            });
            run("Writing b.wav", progress -> {
                throw new IllegalStateException("a slip");
            });
            run("Writing c.wav", progress -> "sound");
            untilDone();
        } finally {
            Thread.setDefaultUncaughtExceptionHandler(before);
        }
        assertThat(events)
                .containsExactly(
                        "Writing a.wav failed: It is too long.",
                        "Writing b.wav failed: Something in the program broke. See Help > Program log.",
                        "Writing c.wav gave sound");
        assertThat(defect.get()).hasMessage("a slip");
    }

    @Test
    void oneThatIsCanceledStopsAtItsNextReportAndTheNextIsRun() throws Exception {
        CountDownLatch canceled = new CountDownLatch(1);
        run("Importing", progress -> {
            progress.report(0.5);
            await(canceled);
            progress.report(0.6);
            return "all of it";
        });
        run("Printing", progress -> 2);
        WaitForAsyncUtils.asyncFx(() -> {
                    commands.runningProperty().get().orElseThrow().cancel();
                    canceled.countDown();
                })
                .get();
        untilDone();
        assertThat(events).containsExactly("Canceled: Importing. Nothing was changed.", "Printing gave 2");
    }

    private static void await(CountDownLatch latch) {
        try {
            latch.await();
        } catch (InterruptedException e) {
            throw new IllegalStateException(e);
        }
    }
}
