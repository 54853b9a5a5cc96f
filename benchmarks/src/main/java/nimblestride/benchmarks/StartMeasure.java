package nimblestride.benchmarks;

import atlantafx.base.theme.PrimerLight;
import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.lang.management.ManagementFactory;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.layout.BorderPane;
import javafx.stage.Stage;
import nimblestride.desktop.book.SampleBook;
import nimblestride.desktop.window.MainWindow;
import nimblestride.sound.play.SilentClock;

/**
 * How long it takes from the start of Java until the window on the sample Book has been drawn twice, against an empty window in the
 * same theme; each in a program of its own, in turn. To reach: 1.5 times.
 */
public final class StartMeasure {
    private static final int TIMES = 9;
    private static final String EMPTY = "empty";
    private static final int FRAMES = 2;

    private StartMeasure() {}

    public static void main(String[] arguments) throws Exception {
        if (arguments.length > 0) {
            show(arguments[0]);
            return;
        }
        Path home = Files.createTempDirectory("stride-start");
        SampleBook.make(home.resolve(MainWindow.BOOK), LocalDate.now(Clock.systemDefaultZone()));
        List<Long> empty = new ArrayList<>();
        List<Long> whole = new ArrayList<>();
        for (int i = 0; i < TIMES; i++) {
            empty.add(started(EMPTY));
            whole.add(started(home.toString()));
        }
        empty.sort(null);
        whole.sort(null);
        long usual = empty.get(TIMES / 2);
        long own = whole.get(TIMES / 2);
        System.out.printf(
                "an empty window %,d ms (%,d to %,d), the program's %,d ms (%,d to %,d): %.2f times%n",
                usual,
                empty.get(0),
                empty.get(TIMES - 1),
                own,
                whole.get(0),
                whole.get(TIMES - 1),
                (double) own / usual);
    }

    private static long started(String what) throws IOException, InterruptedException {
        Process process = new ProcessBuilder(
                        Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                        "-cp",
                        System.getProperty("java.class.path"),
                        StartMeasure.class.getName(),
                        what)
                .redirectError(ProcessBuilder.Redirect.DISCARD)
                .start();
        try (BufferedReader out =
                new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8))) {
            long took = Long.parseLong(out.readLine());
            process.waitFor();
            return took;
        }
    }

    private static void show(String what) {
        Platform.startup(() -> {
            Application.setUserAgentStylesheet(new PrimerLight().getUserAgentStylesheet());
            Stage stage = new Stage();
            if (what.equals(EMPTY)) {
                stage.setScene(new Scene(new BorderPane(), 1_280, 800));
                stage.show();
            } else {
                MainWindow window = new MainWindow(
                        stage,
                        Path.of(what),
                        Optional.empty(),
                        SilentClock::new,
                        Clock.systemDefaultZone(),
                        System::nanoTime);
                window.show();
                window.openFromBook(SampleBook.FIRST);
            }
            tellWhenDrawn();
        });
    }

    private static void tellWhenDrawn() {
        new AnimationTimer() {
            private int frames;

            @Override
            public void handle(long now) {
                if (++frames == FRAMES) {
                    System.out.println(System.currentTimeMillis()
                            - ManagementFactory.getRuntimeMXBean().getStartTime());
                    System.exit(0);
                }
            }
        }.start();
    }
}
