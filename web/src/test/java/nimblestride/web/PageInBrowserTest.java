package nimblestride.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.text.Examples;
import nimblestride.core.language.text.TempoText;
import nimblestride.core.practice.journal.LogEntry;
import nimblestride.formats.json.LogJson;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.openqa.selenium.By;
import org.openqa.selenium.support.ui.Select;

/** What the page shows and keeps in a real browser. */
class PageInBrowserTest extends PageStory {
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
