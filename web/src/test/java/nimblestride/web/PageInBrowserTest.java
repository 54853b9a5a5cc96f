package nimblestride.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.text.Examples;
import nimblestride.core.language.text.TempoText;
import nimblestride.core.practice.journal.LogEntry;
import nimblestride.formats.json.LogJson;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.openqa.selenium.By;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.support.ui.FluentWait;
import org.openqa.selenium.support.ui.Select;

/** The page in a real browser that reaches no network: what it schedules on the audio clock, and what it keeps. */
class PageInBrowserTest {
    private static final String WATCH =
            """
            window.started = [];
            const start = AudioBufferSourceNode.prototype.start;
            AudioBufferSourceNode.prototype.start = function (time) {
              window.started.push(time);
              return start.call(this, time);
            };
            """;

    @TempDir
    private Path folder;

    private ChromeDriver browser;

    @BeforeEach
    void start() {
        browser = Browser.start();
    }

    @AfterEach
    void quit() {
        if (browser != null) {
            browser.quit();
        }
    }

    private void open(PageContent content) throws IOException {
        open(Booklet.of(content));
    }

    private void open(Booklet booklet) throws IOException {
        Path page = Files.write(folder.resolve("page.html"), PracticePage.write(booklet));
        browser.get(page.toUri().toString());
        assertThat(browser.findElements(By.cssSelector("#road svg"))).isNotEmpty();
    }

    private void until(String condition) {
        new FluentWait<>(browser)
                .withTimeout(Duration.ofSeconds(60))
                .until(waiting -> waiting.executeScript("return " + condition));
    }

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

    @Test
    void theLogIsKeptAndSentAsAFileThatTheProgramReads() throws IOException {
        Exercise exercise = Examples.exercise("7/8", "snare every 1/8")
                .withName("Ferry \"Steps\"")
                .withTempo(TempoText.read("1/8=150"));
        open(Booklet.of(PageContent.of(exercise).withToDo("Slowly, please.")).forStudent("Wren"));
        browser.findElement(By.id("words")).sendKeys("better <today>");
        new Select(browser.findElement(By.id("clean"))).selectByVisibleText("nearly");
        browser.findElement(By.id("add")).click();
        browser.navigate().refresh();
        assertThat(browser.findElement(By.id("entries")).getText()).contains("nearly, better <today>");
        String file = (String) browser.executeScript("return page.log.file()");
        List<LogEntry> entries = new ArrayList<>();
        String name = LogJson.read(new ByteArrayInputStream(file.getBytes(StandardCharsets.UTF_8)), entries::add);
        assertThat(name).isEqualTo("Wren");
        assertThat(entries).hasSize(1);
        assertThat(entries.get(0).what()).isEqualTo("Ferry \"Steps\"");
        assertThat(entries.get(0).note().words()).isEqualTo("better <today>");
        // A lesson's story merges this file twice; only its id and its time are others each time.
        String golden = Files.readString(Path.of("src/test/resources/nimblestride/web/page-log.json"));
        assertThat(alike(file)).isEqualTo(alike(golden));
    }

    private static String alike(String log) {
        return log.replaceAll("(\"(?:id|begun)\":)\"[^\"]+\"", "$1");
    }

    @Test
    void hostileNamesAreOnlyNames() throws IOException {
        String hostile = "</script><script>document.title='broken'</script><img src=x onerror=document.title='broken'>";
        open(Booklet.of(PageContent.of(
                                Examples.exercise("7/8", "snare every 1/8").withName(hostile))
                        .withToDo(hostile))
                .forStudent(hostile));
        assertThat(browser.findElement(By.id("to-do")).getText()).isEqualTo(hostile);
        // One exercise needs no list.
        assertThat(browser.findElement(By.id("exercises")).isDisplayed()).isFalse();
        assertThat(browser.getTitle()).isEqualTo(hostile);
        assertThat(browser.findElement(By.tagName("h1")).getText()).isEqualTo(hostile);
        assertThat(browser.findElements(By.tagName("img"))).isEmpty();
    }

    /** At the width of a small phone, nothing is wider than the page. */
    @Test
    void itFitsASmallPhone() throws IOException {
        browser.executeCdpCommand(
                "Emulation.setDeviceMetricsOverride",
                Map.of("width", 360, "height", 740, "deviceScaleFactor", 2, "mobile", true));
        open(PageContent.of(Examples.exercise("21/8", "snare every 1/8", "kick every 3/8")));
        assertThat(browser.executeScript("return document.documentElement.scrollWidth"))
                .isEqualTo(360L);
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

    /** Each exercise of a booklet has its own bars and staff; all share one log. */
    @Test
    void aBookletShowsOneExerciseAtATime() throws IOException {
        open(new Booklet(
                "For the week",
                "Wren",
                List.of(
                        PageContent.of(
                                Examples.exercise("7/8", "snare every 1/8").withName("Ferry")),
                        PageContent.of(Examples.exercise("5/8, 3/8", "kick every 1/8")
                                        .withName("Lock"))
                                .withToDo("Loud."))));
        browser.findElement(By.id("add")).click();
        browser.findElements(By.cssSelector("#exercises button")).get(1).click();
        assertThat(browser.findElement(By.id("exercise-title")).getText()).isEqualTo("Lock");
        assertThat(browser.findElement(By.id("to-do")).getText()).isEqualTo("Loud.");
        assertThat(browser.findElements(By.cssSelector("#road svg"))).hasSize(2);
        assertThat(browser.findElements(By.cssSelector("#staff > div:not([hidden])")))
                .hasSize(1);
        browser.findElement(By.id("add")).click();
        assertThat(browser.findElement(By.id("entries")).getText())
                .contains("Ferry")
                .contains("Lock");
    }

    /** By axe-core, in both colors: nothing serious stands in the way of a screen reader or weak eyes. */
    @ParameterizedTest
    @ValueSource(strings = {"light", "dark"})
    void nothingSeriousStandsInTheWay(String colors) throws IOException {
        browser.executeCdpCommand(
                "Emulation.setEmulatedMedia",
                Map.of("features", List.of(Map.of("name", "prefers-color-scheme", "value", colors))));
        PageContent content =
                PageContent.of(Examples.exercise("7/8", "snare sticking R L R L R L R of 1/8", "kick every 1/4"));
        open(new Booklet("For the week", "Wren", List.of(content.withToDo("Slowly."), content)));
        browser.findElement(By.id("add")).click();
        browser.executeScript(axe());
        List<?> found = (List<?>)
                browser.executeAsyncScript(
                        """
                const done = arguments[arguments.length - 1];
                axe.run().then((result) => done(result.violations
                    .filter((one) => one.impact === "serious" || one.impact === "critical")
                    .map((one) => one.id + ": " + one.nodes.map((node) => node.html).join(" "))));
                """);
        assertThat(found).isEmpty();
    }

    private static String axe() throws IOException {
        try (InputStream in =
                PageInBrowserTest.class.getResourceAsStream("/META-INF/resources/webjars/axe-core/4.6.3/axe.min.js")) {
            return new String(in.readAllBytes(), StandardCharsets.UTF_8);
        }
    }
}
