package nimblestride.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.io.TempDir;
import org.openqa.selenium.By;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.support.ui.FluentWait;

/** A page in a real browser that reaches no network. */
abstract class PageStory {
    @TempDir
    private Path folder;

    /** One for all tests of a class, because a start takes two seconds. */
    protected static ChromeDriver browser;

    @BeforeAll
    static void start() {
        browser = Browser.start();
    }

    /** Keeps nothing for the next test: no log, no other size or colors. */
    @AfterEach
    void forget() {
        browser.executeScript("localStorage.clear()");
        browser.executeCdpCommand("Emulation.clearDeviceMetricsOverride", Map.of());
        browser.executeCdpCommand("Emulation.setEmulatedMedia", Map.of("features", List.of()));
        browser.get("about:blank");
    }

    @AfterAll
    static void quit() {
        if (browser != null) {
            browser.quit();
        }
    }

    protected final void open(PageContent content) throws IOException {
        open(Booklet.of(content));
    }

    protected final void open(Booklet booklet) throws IOException {
        Path page = Files.write(folder.resolve("page.html"), PracticePage.write(booklet));
        browser.get(page.toUri().toString());
        assertThat(browser.findElements(By.cssSelector("#road svg"))).isNotEmpty();
    }

    protected final void until(String condition) {
        new FluentWait<>(browser)
                .withTimeout(Duration.ofSeconds(60))
                .until(waiting -> waiting.executeScript("return " + condition));
    }
}
