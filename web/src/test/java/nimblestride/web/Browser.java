package nimblestride.web;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Stream;
import org.junit.jupiter.api.Assumptions;
import org.openqa.selenium.chrome.ChromeDriver;
import org.openqa.selenium.chrome.ChromeDriverService;
import org.openqa.selenium.chrome.ChromeOptions;

/** Chromium without a window and without a network. */
final class Browser {
    private Browser() {}

    /** Starts it; the test is left out, and that is said, where it is not installed. */
    static ChromeDriver start() {
        Optional<Path> chromium = installed("chromium", "chromium-browser", "google-chrome");
        Optional<Path> driver = installed("chromedriver");
        Assumptions.assumeTrue(
                chromium.isPresent() && driver.isPresent(),
                "left out: Chromium and its driver are not installed (on Debian: chromium, chromium-driver)");
        ChromeOptions options = new ChromeOptions();
        options.setBinary(chromium.orElseThrow().toFile());
        options.addArguments(List.of(
                "--headless=new",
                "--no-sandbox",
                "--disable-gpu",
                "--disable-dev-shm-usage",
                "--host-resolver-rules=MAP * ~NOTFOUND",
                "--window-size=1280,900"));
        ChromeDriverService service = new ChromeDriverService.Builder()
                .usingDriverExecutable(driver.orElseThrow().toFile())
                .usingAnyFreePort()
                .build();
        return new ChromeDriver(service, options);
    }

    private static Optional<Path> installed(String... names) {
        return Stream.of(names)
                .flatMap(name -> Stream.of(System.getenv("PATH").split(":", -1)).map(folder -> Path.of(folder, name)))
                .filter(((Predicate<Path>) Files::isExecutable))
                .findFirst();
    }
}
