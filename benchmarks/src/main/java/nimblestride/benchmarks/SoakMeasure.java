package nimblestride.benchmarks;

import com.sun.management.UnixOperatingSystemMXBean;
import java.io.IOException;
import java.lang.management.ManagementFactory;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.concurrent.TimeUnit;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import nimblestride.desktop.service.Dialogs;
import nimblestride.desktop.service.WorkspaceId;

/**
 * Edits and plays in the real window on the sample Book for a given time, as fast as it goes, and reports each minute how
 * much memory, how many threads, and how many open files there are once what is no longer needed is gone, and how large the Book
 * is. To reach: none grows beyond what was entered. Argument: minutes.
 */
public final class SoakMeasure {
    private static final int DEFAULT_MINUTES = 480;
    private static final List<String> PIECES = List.of(
            "Weir Steps",
            "Lamplighters' Walk",
            "Oars in Elevens",
            "Lantern Bridge",
            "Drifting Reeds",
            "Turning the Barge");
    private static final long MEGABYTE = 1 << 20;
    private static final long KILOBYTE = 1 << 10;

    private final Random random = new Random(5);
    private final Screen screen;

    private SoakMeasure(Screen screen) {
        this.screen = screen;
    }

    /** Chooses nothing. */
    private static final class Careless implements Dialogs {
        private final ObjectProperty<Path> folder = new SimpleObjectProperty<>(Path.of("."));

        @Override
        public Optional<Path> fileToOpen(List<String> endings) {
            return Optional.empty();
        }

        @Override
        public Optional<Path> folderToOpen() {
            return Optional.empty();
        }

        @Override
        public Optional<Path> fileToSave(String suggested) {
            return Optional.empty();
        }

        @Override
        public Optional<Path> fileToSave(String suggested, Path folder) {
            return Optional.empty();
        }

        @Override
        public ObjectProperty<Path> folderProperty() {
            return folder;
        }

        @Override
        public void showText(String title, String text) {
            // Nobody reads it.
        }

        @Override
        public void showError(String title, String text) {
            System.out.println("told: " + title + ": " + text);
        }

        @Override
        public boolean confirm(String title, String text, String yes) {
            return false;
        }

        @Override
        public Optional<String> askLine(String title, String what, String first) {
            return Optional.empty();
        }

        @Override
        public Optional<Integer> choose(String title, String what, List<String> from) {
            return Optional.empty();
        }
    }

    public static void main(String[] arguments) throws Exception {
        int minutes = arguments.length == 0 ? DEFAULT_MINUTES : Integer.parseInt(arguments[0]);
        Screen.measure(() -> new SoakMeasure(Screen.onSampleBook(stage -> new Careless())).soak(minutes));
    }

    private void soak(int minutes) throws Exception {
        long started = System.nanoTime();
        long done = 0;
        for (int minute = 1; minute <= minutes; minute++) {
            long end = started + TimeUnit.MINUTES.toNanos(minute);
            while (System.nanoTime() < end) {
                Screen.act(this::something);
                done++;
            }
            print(minute, done);
        }
    }

    private void something() {
        switch (random.nextInt(8)) {
            case 0 -> screen.window().openFromBook(PIECES.get(random.nextInt(PIECES.size())));
            case 1 -> ((ButtonBase) screen.find("#play")).fire();
            case 2 -> ((ButtonBase) screen.find(random.nextBoolean() ? "#undo" : "#redo")).fire();
            case 3 -> ((TextField) screen.find("#tempo")).setText(String.valueOf(60 + random.nextInt(140)));
            case 4 -> turnAPage();
            default ->
                ((TextField) screen.find("#bars"))
                        .setText((5 + random.nextInt(9)) + "/8, " + (3 + random.nextInt(20)) + "/16 x"
                                + (1 + random.nextInt(6)));
        }
    }

    private void turnAPage() {
        screen.window().open(WorkspaceId.values()[random.nextInt(WorkspaceId.values().length)]);
        List<ToggleButton> pages = screen.scene().getRoot().lookupAll(".page-name").stream()
                .map(ToggleButton.class::cast)
                .toList();
        if (!pages.isEmpty()) {
            pages.get(random.nextInt(pages.size())).fire();
        }
    }

    private void print(int minute, long done) throws InterruptedException, IOException {
        for (int i = 0; i < 3; i++) {
            System.gc();
            TimeUnit.MILLISECONDS.sleep(100);
        }
        Runtime runtime = Runtime.getRuntime();
        System.out.printf(
                "minute %d: %,d things done, %d MiB in use of at most %d, %d threads, %s open files, a Book of %d KiB%n",
                minute,
                done,
                (runtime.totalMemory() - runtime.freeMemory()) / MEGABYTE,
                runtime.maxMemory() / MEGABYTE,
                Thread.getAllStackTraces().size(),
                openFiles(),
                Files.size(screen.book()) / KILOBYTE);
    }

    /** Windows doesn't count them. */
    private static String openFiles() {
        return ManagementFactory.getOperatingSystemMXBean() instanceof UnixOperatingSystemMXBean system
                ? String.valueOf(system.getOpenFileDescriptorCount())
                : "uncounted";
    }
}
