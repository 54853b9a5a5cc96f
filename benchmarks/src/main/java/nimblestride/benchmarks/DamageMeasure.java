package nimblestride.benchmarks;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.function.Supplier;
import java.util.stream.Stream;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.desktop.document.sample.SampleBook;
import nimblestride.desktop.shell.StartupTasks;

/**
 * Damages one byte of the settings, the draft, or the Book's first hundred bytes, and starts on them as the program does. To reach:
 * 10,000 times, and each start comes up, or says in words what is wrong.
 */
public final class DamageMeasure {
    private static final int TIMES = 10_000;
    /** The number of starts of which three open the real window. */
    private static final int WINDOWS = 150;

    private static final int HEADER = 100;

    private static final Random RANDOM = new Random(13);
    private static final Map<String, Integer> CAME = new TreeMap<>();

    private DamageMeasure() {}

    public static void main(String[] arguments) throws Exception {
        int times = arguments.length == 0 ? TIMES : Integer.parseInt(arguments[0]);
        Screen.measure(() -> {
            Path good = Files.createTempDirectory("nimble-stride-good");
            SampleBook.make(good.resolve(StartupTasks.BOOK), LocalDate.of(2026, 11, 28));
            Screen.on(good).close();
            List<Path> files = List.of(
                    good.resolve("settings.json"),
                    good.resolve("drafts").resolve("desk-1.json"),
                    good.resolve(StartupTasks.BOOK));
            for (int i = 0; i < times; i++) {
                start(good, files, files.get(i % files.size()), i % WINDOWS < files.size());
            }
            CAME.forEach((what, often) -> System.out.printf("%,8d  %s%n", often, what));
        });
    }

    private static void start(Path good, List<Path> files, Path damaged, boolean inWindow) throws Exception {
        Path home = Files.createTempDirectory("nimble-stride-damaged");
        Files.createDirectories(home.resolve("drafts"));
        for (Path file : files) {
            byte[] bytes = Files.readAllBytes(file);
            if (file.equals(damaged)) {
                int within = file.endsWith(StartupTasks.BOOK) ? HEADER : bytes.length;
                bytes[RANDOM.nextInt(within)] = (byte) RANDOM.nextInt(256);
            }
            Files.write(home.resolve(good.relativize(file)), bytes);
        }
        String what = damaged.getFileName().toString();
        if (inWindow) {
            Screen.on(home).close();
            count(what + ": the window came up");
        } else {
            StartupTasks ahead = StartupTasks.begin(home);
            ask(what, () -> ahead.settings().get());
            ask(what, () -> ahead.document().get());
            ask(what, () -> opened(ahead.book().get()));
        }
        remove(home);
    }

    private static Object opened(OpenBook.Opened opened) {
        opened.book().close();
        return opened;
    }

    private static void ask(String what, Supplier<Object> question) {
        try {
            count(what + (question.get() == null ? ": is null" : ": is there"));
        } catch (StrideException e) {
            count(what + ": refused in words");
        } catch (RuntimeException | Error e) {
            count(what + ": ESCAPED " + e);
        }
    }

    private static void count(String what) {
        CAME.merge(what, 1, Integer::sum);
    }

    private static void remove(Path folder) throws IOException {
        try (Stream<Path> files = Files.walk(folder)) {
            files.sorted(Comparator.reverseOrder())
                    .forEach(file -> file.toFile().delete());
        }
    }
}
