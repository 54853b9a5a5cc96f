package nimblestride.desktop.app;

import dev.dirs.BaseDirectories;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import nimblestride.desktop.document.sample.SampleBook;
import nimblestride.desktop.document.sample.SampleRehearsal;
import nimblestride.desktop.failure.DefectLog;
import nimblestride.desktop.shell.StartupTasks;

/**
 * How the program starts: with the user's Book, with {@code --demo} on a fresh copy of the sample Book, or with {@code
 * --shots DIR} only to take screenshots. Any other argument is a file to open.
 *
 * @param file to open first
 * @param copy of the sample Book, removed at the end
 * @param shots folder for the screenshots
 * @param defects logs unexpected errors, even before there is a window
 */
record LaunchOptions(
        StartupTasks ahead,
        Clock clock,
        Optional<Path> file,
        Optional<Path> copy,
        Optional<Path> shots,
        DefectLog defects) {
    private static final String SHOTS = "--shots";

    static LaunchOptions of(List<String> arguments) throws IOException {
        Clock clock = Clock.system(ZoneId.systemDefault());
        Optional<Path> shots = arguments.contains(SHOTS)
                ? Optional.of(Path.of(arguments.get(arguments.indexOf(SHOTS) + 1)))
                : Optional.empty();
        if (shots.isPresent() || arguments.contains("--demo")) {
            Path home = Files.createTempDirectory("nimble-stride-demo");
            DefectLog defects = logging(home);
            StartupTasks ahead = StartupTasks.begin(home, () -> sample(home, LocalDate.now(clock)));
            return new LaunchOptions(ahead, clock, Optional.empty(), Optional.of(home), shots, defects);
        }
        Path home = userHome();
        DefectLog defects = logging(home);
        Optional<Path> file = arguments.stream()
                .filter(argument -> !argument.startsWith("--"))
                .map(Path::of)
                .map(Path::toAbsolutePath)
                .findFirst();
        return new LaunchOptions(StartupTasks.begin(home), clock, file, Optional.empty(), shots, defects);
    }

    private static DefectLog logging(Path home) {
        DefectLog defects = new DefectLog(home.resolve("log"));
        Thread.setDefaultUncaughtExceptionHandler(defects);
        return defects;
    }

    private static Path sample(Path home, LocalDate today) {
        Path book = home.resolve(StartupTasks.BOOK);
        SampleBook.make(book, today);
        SampleRehearsal.write(home);
        return book;
    }

    /** Returns the user's folder; {@code NIMBLE_STRIDE_HOME} sets another one. */
    private static Path userHome() {
        String named = System.getenv("NIMBLE_STRIDE_HOME");
        return named != null && !named.isBlank()
                ? Path.of(named)
                : Path.of(BaseDirectories.get().dataLocalDir, "nimble-stride");
    }
}
