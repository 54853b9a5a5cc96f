package nimblestride.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.text.Examples;
import nimblestride.core.language.text.TempoText;
import org.junit.jupiter.api.Test;
import org.openqa.selenium.By;
import org.openqa.selenium.support.ui.Select;

/** What the page schedules on the audio clock of a real browser. */
class PageOnTheClockTest extends PageStory {
    private static final String WATCH =
            """
            window.started = [];
            const start = AudioBufferSourceNode.prototype.start;
            AudioBufferSourceNode.prototype.start = function (time) {
              window.started.push(time);
              return start.call(this, time);
            };
            """;

    /** Plays until so many sounds are scheduled, and returns when they are, from the first on. */
    private List<Double> scheduled(int count) {
        browser.executeScript(WATCH);
        browser.findElement(By.id("play-button")).click();
        until("window.started.length >= " + count);
        browser.findElement(By.id("play-button")).click();
        List<?> started = (List<?>) browser.executeScript("return window.started");
        List<Double> times = new ArrayList<>();
        double first = ((Number) started.get(0)).doubleValue();
        started.stream().limit(count).forEach(time -> times.add(((Number) time).doubleValue() - first));
        times.sort(null);
        return times;
    }

    /** Five over a bar of seven eighths at 60 %, twice: each within a microsecond of its fraction. */
    @Test
    void hitsFallOnTheirExactTimes() throws IOException {
        open(PageContent.of(Examples.exercise("7/8", "snare 5 over 7/8").withTempo(TempoText.read("1/8=420"))));
        browser.findElement(By.id("count-in")).click();
        new Select(browser.findElement(By.id("click"))).selectByValue("off");
        browser.executeScript("page.setPercent(60)");
        List<Double> times = scheduled(11);
        double bar = 7 * 60 / 420.0 / 0.6;
        for (int hit = 0; hit < times.size(); hit++) {
            assertThat(times.get(hit)).isCloseTo(hit * bar / 5, within(1e-6));
        }
    }

    /** After three quarters at 180, an eighth lasts as long as a quarter did: the clicks and hits of both come exactly. */
    @Test
    void sectionsComeInTheirOwnTempo() throws IOException {
        Exercise exercise = Examples.then(
                Examples.exercise("3/4", "kick every 1/4").withTempo(TempoText.read("180")),
                "1/4 = 1/8",
                1,
                "3/8",
                "kick every 1/8");
        open(PageContent.of(exercise));
        browser.findElement(By.id("count-in")).click();
        new Select(browser.findElement(By.id("click"))).selectByValue("off");
        List<Double> times = scheduled(7);
        for (int hit = 0; hit < times.size(); hit++) {
            assertThat(times.get(hit)).isCloseTo(hit / 3.0, within(1e-6));
        }
    }

    /** Whoever presses twice at once starts it once: each sound is scheduled once. */
    @Test
    void pressingTwiceAtOnceStartsItOnce() throws IOException {
        open(PageContent.of(Examples.exercise("7/8", "snare every 1/8").withTempo(TempoText.read("1/8=600"))));
        browser.findElement(By.id("count-in")).click();
        new Select(browser.findElement(By.id("click"))).selectByValue("off");
        browser.executeScript(WATCH + "page.playOrStop(); page.playOrStop();");
        until("window.started.length >= 7");
        browser.executeScript("page.player.stop()");
        assertThat(
                        browser.executeScript(
                                "return window.started.sort((a, b) => a - b).every((t, i, all) => i === 0 || t - all[i - 1] > 0.05)"))
                .isEqualTo(true);
    }

    /** Open on 1, closed by the foot on 3, at 120: a second later, it fades within 6 ms. */
    @Test
    void anOpenHiHatRingsUntilItIsClosed() throws IOException {
        open(PageContent.of(Examples.exercise("4/4", "open hi-hat every 1/1", "foot hi-hat every 1/1 from 1/2")
                .withTempo(TempoText.read("120"))));
        browser.findElement(By.id("count-in")).click();
        new Select(browser.findElement(By.id("click"))).selectByValue("off");
        browser.executeScript(
                """
                window.stopped = [];
                const stop = AudioBufferSourceNode.prototype.stop;
                AudioBufferSourceNode.prototype.stop = function (time) {
                  window.stopped.push(time);
                  return stop.call(this, time);
                };
                """
                        + WATCH + "page.playOrStop();");
        until("window.started.length >= 2 && window.stopped.length >= 1");
        Number rang = (Number) browser.executeScript("return window.stopped[0] - window.started[0]");
        browser.executeScript("page.player.stop()");
        assertThat(rang.doubleValue()).isCloseTo(1.006, within(1e-6));
    }

    /** The marker is where the clock is: after the tempo changed while it played, and through the end of a loop. */
    @Test
    void theMarkerFollowsWhatIsHeard() throws IOException {
        open(PageContent.of(Examples.exercise("7/8", "snare every 1/8").withTempo(TempoText.read("1/8=420"))));
        browser.findElement(By.id("count-in")).click();
        browser.findElement(By.id("play-button")).click();
        until("page.player.heard() > 0.2");
        browser.executeScript("page.setPercent(50)");
        until("page.player.anchors.some((one) => one.stretch === 2 && one.time < page.player.context.currentTime)");
        assertThat(
                        (Boolean)
                                browser.executeScript(
                                        """
                        const now = page.player.context.currentTime - (page.player.context.outputLatency || 0);
                        const anchor = page.player.anchors.findLast((one) => one.time <= now);
                        return Math.abs(page.player.heard() - (anchor.at + (now - anchor.time) / anchor.stretch)) < 0.02
                            && page.player.heard() < page.course.seconds;
                        """))
                .isTrue();
        until("document.querySelectorAll('#road .playing').length === 1");
        browser.findElement(By.id("play-button")).click();
        until("document.querySelectorAll('#road .playing').length === 0");
    }

    /** A bar that is tapped is looped; tapped again, all bars are. */
    @Test
    void aTappedBarIsLooped() throws IOException {
        open(PageContent.of(Examples.exercise("7/8, 5/8", "snare every 1/8").withTempo(TempoText.read("1/8=600"))));
        browser.findElement(By.id("count-in")).click();
        new Select(browser.findElement(By.id("click"))).selectByValue("off");
        browser.findElements(By.cssSelector("#road svg")).get(1).click();
        assertThat(new Select(browser.findElement(By.id("loop")))
                        .getFirstSelectedOption()
                        .getText())
                .isEqualTo("bar 2");
        List<Double> times = scheduled(12);
        for (int hit = 0; hit < times.size(); hit++) {
            assertThat(times.get(hit)).isCloseTo(hit * 0.1, within(1e-6));
        }
        browser.findElements(By.cssSelector("#road svg")).get(1).click();
        assertThat(browser.findElements(By.cssSelector(".looped"))).isEmpty();
    }
}
