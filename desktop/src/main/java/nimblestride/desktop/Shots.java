package nimblestride.desktop;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayDeque;
import java.util.Deque;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.event.ActionEvent;
import javafx.scene.Node;
import javafx.scene.control.ButtonBase;
import javafx.scene.control.TextField;
import javafx.scene.image.PixelReader;
import javafx.scene.image.WritableImage;
import javafx.util.Duration;
import javax.imageio.ImageIO;
import nimblestride.desktop.window.MainWindow;

/** Takes a picture of each main view, in the real window, and ends the program. */
final class Shots {
    private static final Duration SETTLE = Duration.millis(1_200);

    private final MainWindow window;
    private final Path book;
    private final Path folder;
    private final Deque<Runnable> steps = new ArrayDeque<>();

    Shots(MainWindow window, Path book, Path folder) {
        this.window = window;
        this.book = book;
        this.folder = folder;
    }

    void take() throws IOException {
        Files.createDirectories(folder);
        view("cross-lanes", () -> window.open(book.resolve("lantern-bridge.json")));
        view("weave", () -> {
            window.open(book.resolve("weir-steps.json"));
            window.cross("Weave");
            window.roomForBench(true);
        });
        view("make-it-fit", () -> {
            window.roomForBench(false);
            window.open(book.resolve("lantern-bridge.json"));
            window.cross("Make it fit");
        });
        view("families", () -> window.cross("Families"));
        steps.add(() -> window.cross("Layers"));
        view("break", () -> window.ask("Readings"));
        view("count", () -> window.ask("Count"));
        view("fits", () -> window.ask("What fits?"));
        view("place", () -> {
            window.open(book.resolve("lamplighters-walk.json"));
            window.place("Counts");
        });
        view("sticking", () -> {
            window.open(book.resolve("oars-in-elevens.json"));
            window.place("Sticking");
        });
        view("staff", () -> window.place("Staff"));
        view("try-the-rest", () -> {
            window.place("Try the rest");
            ((ButtonBase) find("#deal-next")).fire();
        });
        steps.add(() -> ((ButtonBase) find("#undo")).fire());
        steps.add(() -> {
            window.chooseBench("Cross");
            window.open(book.resolve("lantern-bridge.json"));
        });
        view("pivot", () -> {
            window.open(book.resolve("turning-the-barge.json"));
            window.shift("Pivot");
        });
        view("sections", () -> {
            window.shift("Sections");
            ((ButtonBase) find("#play")).fire();
        });
        steps.add(() -> {
            ((ButtonBase) find("#play")).fire();
            window.chooseBench("Cross");
            window.open(book.resolve("lantern-bridge.json"));
        });
        view("sheet", () -> window.handOut("Sheet"));
        view("ways", () -> {
            window.open(book.resolve("three-mooring-posts.json"));
            window.handOut("Ways to write");
        });
        view("booklet", () -> window.handOut("Booklet"));
        steps.add(() -> {
            window.chooseBench("Cross");
            window.open(book.resolve("lantern-bridge.json"));
        });
        view("playing", () -> ((ButtonBase) find("#play")).fire());
        view("bad-bars", () -> {
            ((ButtonBase) find("#play")).fire();
            ((TextField) find("#bars")).setText("11/8(3+3+3+1) x2, 9/16");
        });
        view("night", () -> {
            find("#bars").requestFocus();
            window.open(book.resolve("drifting-reeds.json"));
            window.showNight();
        });
        steps.add(() -> {
            window.stage().close();
            Platform.exit();
        });
        next();
    }

    private void view(String name, Runnable prepare) {
        steps.add(prepare);
        steps.add(() -> save(name));
    }

    private void next() {
        PauseTransition pause = new PauseTransition(SETTLE);
        pause.setOnFinished((ActionEvent event) -> {
            try {
                steps.remove().run();
            } catch (RuntimeException e) {
                // Nobody is there to close a window that has come to a stop.
                e.printStackTrace();
                steps.clear();
                Platform.exit();
            }
            if (!steps.isEmpty()) {
                next();
            }
        });
        pause.play();
    }

    private Node find(String id) {
        return window.stage().getScene().getRoot().lookup(id);
    }

    private void save(String name) {
        WritableImage image = window.stage().getScene().snapshot(null);
        int width = (int) image.getWidth();
        int height = (int) image.getHeight();
        PixelReader pixels = image.getPixelReader();
        BufferedImage copy = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
        for (int y = 0; y < height; y++) {
            for (int x = 0; x < width; x++) {
                copy.setRGB(x, y, pixels.getArgb(x, y));
            }
        }
        try {
            ImageIO.write(copy, "png", folder.resolve(name + ".png").toFile());
        } catch (IOException e) {
            throw new UncheckedIOException("the picture " + name + " cannot be written", e);
        }
    }
}
