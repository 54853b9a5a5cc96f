package nimblestride.desktop.async;

import static org.assertj.core.api.Assertions.assertThat;
import static org.testfx.util.WaitForAsyncUtils.asyncFx;
import static org.testfx.util.WaitForAsyncUtils.waitFor;
import static org.testfx.util.WaitForAsyncUtils.waitForFxEvents;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Supplier;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxToolkit;

/** Questions worked out off the interface thread: which answers are shown, in which order, and which are waited for. */
class LatestOnlyTest {
    private static final Duration AS_LONG_AS_IT_TAKES = Duration.ofMinutes(1);

    private final List<String> shown = new ArrayList<>();
    private LatestOnly newest;

    @BeforeAll
    static void startToolkit() throws Exception {
        FxToolkit.registerPrimaryStage();
    }

    @AfterEach
    void close() {
        newest.close();
    }

    private void begin(Duration unnoticed) {
        newest = new LatestOnly("test", unnoticed);
    }

    private static void onInterfaceThread(Runnable act) throws Exception {
        asyncFx(act).get(30, TimeUnit.SECONDS);
    }

    private void untilShown(String answer) throws Exception {
        waitFor(30, TimeUnit.SECONDS, () -> {
            waitForFxEvents();
            return shown.contains(answer);
        });
    }

    private static Supplier<String> answerAfter(CountDownLatch go, String answer) {
        return () -> {
            try {
                go.await();
            } catch (InterruptedException e) {
                Thread.currentThread().interrupt();
            }
            return answer;
        };
    }

    @Test
    void whereTheLastAnswerCameSoonTheNextIsShownBeforeAskingIsOver() throws Exception {
        begin(AS_LONG_AS_IT_TAKES);
        onInterfaceThread(() -> newest.askAndWaitBriefly(() -> "first", shown::add));
        untilShown("first");

        onInterfaceThread(() -> {
            newest.askAndWaitBriefly(() -> "second", shown::add);
            shown.add("asked");
        });
        waitForFxEvents();

        assertThat(shown).containsExactly("first", "second", "asked");
    }

    @Test
    void theFirstAnswerIsNotWaitedForSinceNobodyKnowsHowLongItTakes() throws Exception {
        begin(AS_LONG_AS_IT_TAKES);
        CountDownLatch go = new CountDownLatch(1);

        onInterfaceThread(() -> {
            newest.askAndWaitBriefly(answerAfter(go, "answer"), shown::add);
            shown.add("asked");
        });
        go.countDown();
        untilShown("answer");

        assertThat(shown).containsExactly("asked", "answer");
    }

    /** Also where it comes before the asker looks: who asks while being made does not listen yet. */
    @Test
    void theFirstAnswerIsNotShownBeforeAskingIsOver() throws Exception {
        for (int i = 0; i < 20; i++) {
            shown.clear();
            begin(AS_LONG_AS_IT_TAKES);
            onInterfaceThread(() -> {
                newest.askAndWaitBriefly(() -> "answer", shown::add);
                shown.add("asked");
            });
            untilShown("answer");
            newest.close();

            assertThat(shown).containsExactly("asked", "answer");
        }
    }

    @Test
    void whatTakesLongerThanAnybodyWaitsIsShownWhenItComes() throws Exception {
        begin(Duration.ofMillis(200));
        onInterfaceThread(() -> newest.askAndWaitBriefly(() -> "first", shown::add));
        untilShown("first");
        CountDownLatch go = new CountDownLatch(1);

        onInterfaceThread(() -> {
            newest.askAndWaitBriefly(answerAfter(go, "second"), shown::add);
            shown.add("asked");
        });
        go.countDown();
        untilShown("second");

        assertThat(shown).containsExactly("first", "asked", "second");
    }

    @Test
    void anAnswerThatIsOvertakenIsNeverShownAndOneNotBegunIsNotWorkedOut() throws Exception {
        begin(AS_LONG_AS_IT_TAKES);
        CountDownLatch begun = new CountDownLatch(1);
        CountDownLatch go = new CountDownLatch(1);
        List<String> workedOut = new ArrayList<>();

        Supplier<String> overtaken = answerAfter(go, "overtaken");
        onInterfaceThread(() -> newest.ask(
                () -> {
                    begun.countDown();
                    return overtaken.get();
                },
                shown::add));
        begun.await();
        onInterfaceThread(() -> {
            newest.ask(
                    () -> {
                        workedOut.add("not begun");
                        return "not begun";
                    },
                    shown::add);
            newest.ask(() -> "newest", shown::add);
        });
        go.countDown();
        untilShown("newest");

        assertThat(shown).containsExactly("newest");
        assertThat(workedOut).isEmpty();
    }

    /** A question that meets a defect must not end the thread, nor keep the next one from being answered. */
    @Test
    void aQuestionThatFailsIsReportedAndTheNextIsAnswered() throws Exception {
        AtomicReference<Throwable> reported = new AtomicReference<>();
        Thread.UncaughtExceptionHandler before = Thread.getDefaultUncaughtExceptionHandler();
        Thread.setDefaultUncaughtExceptionHandler((thread, problem) -> reported.set(problem));
        try {
            begin(AS_LONG_AS_IT_TAKES);
            onInterfaceThread(() -> newest.ask(
                    () -> {
                        throw new IllegalStateException("a slip");
                    },
                    answer -> shown.add("never")));
            waitFor(30, TimeUnit.SECONDS, () -> reported.get() != null);
            onInterfaceThread(() -> newest.askAndWaitBriefly(() -> "second", shown::add));
            untilShown("second");
        } finally {
            Thread.setDefaultUncaughtExceptionHandler(before);
        }
        assertThat(shown).containsExactly("second");
        assertThat(reported.get()).hasMessage("a slip");
    }
}
