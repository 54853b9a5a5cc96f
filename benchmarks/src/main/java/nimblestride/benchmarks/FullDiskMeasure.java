package nimblestride.benchmarks;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.TimeUnit;
import java.util.stream.Collectors;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import nimblestride.core.language.text.BarsText;
import nimblestride.desktop.document.library.OpenBook;
import nimblestride.store.book.Book;

/**
 * Fills the disk under the real window while somebody edits, frees it again, and reports what the window showed and what the Book has in the
 * end. It mounts a small disk, so it runs only as root on Linux.
 */
public final class FullDiskMeasure {
    private static final int PATIENCE_SECONDS = 15;
    private static final List<String> WHILE_FULL =
            List.of("7/8(2+2+3)", "[7/8, 5/8] x400", "11/8(3+3+3+2)", "13/8", "15/8(4+4+4+3)");
    private static final String LAST = "15/8(4+4+4+3)";

    private final Path disk;
    private Screen screen;

    private FullDiskMeasure(Path disk) {
        this.disk = disk;
    }

    public static void main(String[] arguments) throws Exception {
        Path disk = Files.createTempDirectory("nimble-stride-full");
        SmallDisk.mount(disk, "4m");
        Screen.measure(() -> {
            try {
                new FullDiskMeasure(disk).measure();
            } finally {
                SmallDisk.unmount(disk);
            }
        });
    }

    private void measure() throws Exception {
        screen = Screen.on(disk);
        type("5/4(3+2)");
        TimeUnit.SECONDS.sleep(1);
        Path rest = disk.resolve("something-else");
        fill(rest);
        for (String bars : WHILE_FULL) {
            type(bars);
            TimeUnit.SECONDS.sleep(1);
            System.out.printf("full disk, after %s: %s%n", bars, shown());
        }
        expect("full disk", "can't take your edits");
        Files.delete(rest);
        expect("disk free again", "has everything again");
        screen.close();
        left();
    }

    private void type(String bars) throws Exception {
        Screen.act(() -> ((TextField) screen.find("#bars")).setText(bars));
    }

    /** Waits until the window shows something, and prints whether it did. */
    private void expect(String when, String text) throws Exception {
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(PATIENCE_SECONDS);
        while (!shown().contains(text) && System.nanoTime() < end) {
            TimeUnit.MILLISECONDS.sleep(50);
        }
        System.out.printf("%s: %s \"%s\"%n", when, shown().contains(text) ? "shows" : "DOES NOT SHOW", text);
    }

    private String shown() throws Exception {
        String[] found = new String[1];
        Screen.act(() -> found[0] = screen.scene().getRoot().lookupAll(".label").stream()
                .filter(Label.class::isInstance)
                .map(label -> ((Label) label).getText())
                .filter(text -> text != null && text.contains("The Book "))
                .collect(Collectors.joining(" | ")));
        return found[0];
    }

    private static void fill(Path file) throws IOException {
        try (OutputStream out = Files.newOutputStream(file)) {
            byte[] some = new byte[1024];
            while (true) {
                out.write(some);
            }
        } catch (IOException e) {
            System.out.printf("filled with %,d bytes: %s%n", Files.size(file), e.getMessage());
        }
    }

    private void left() {
        try (Book book = Book.open(screen.book(), OpenBook.AS_JSON)) {
            book.checkWhole();
            boolean last = book.exercises().all().stream().anyMatch(summary -> BarsText.write(
                            book.exercises().read(summary.id()).phrase())
                    .equals(LAST));
            System.out.printf("in the end: the Book is whole; the last edit is %s%n", last ? "there" : "LOST");
        }
    }
}
