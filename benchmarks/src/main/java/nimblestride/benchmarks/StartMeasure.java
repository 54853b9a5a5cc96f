package nimblestride.benchmarks;

import atlantafx.base.theme.PrimerLight;
import java.io.BufferedReader;
import java.io.File;
import java.io.IOException;
import java.io.InputStreamReader;
import java.lang.management.ManagementFactory;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.animation.AnimationTimer;
import javafx.application.Application;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.layout.BorderPane;
import javafx.stage.Stage;
import nimblestride.desktop.document.sample.SampleBook;
import nimblestride.desktop.failure.DefectLog;
import nimblestride.desktop.playback.AudioDevices;
import nimblestride.desktop.shell.MainWindow;
import nimblestride.desktop.shell.StartupTasks;
import nimblestride.desktop.shell.WindowDialogs;
import nimblestride.desktop.ui.look.Theme;
import nimblestride.sound.microphone.AudioInputs;
import nimblestride.sound.play.SilentOutput;

/**
 * How long it takes from the start of Java until the window on the sample Book has been drawn twice, against an empty window in the
 * same theme; each in a separate program, in turn. The program starts as its script starts it: on the Java the script has put together,
 * with its options, the class archive, and the unpacked library. The empty window starts once like that, and once as Java usually
 * does, with the toolkit on the module path. The archive comes from a window that was open for a few seconds, as the shortest visit
 * leaves it. To reach: 1.2 times.
 */
public final class StartMeasure {
    private static final int TIMES = 9;
    private static final String EMPTY = "empty";
    private static final int FRAMES = 2;
    private static final int VISIT = 240;

    /** What the script made, in the folder of the project, in which benchmarks run. */
    private static final Path MADE = Path.of("desktop", "target");

    private StartMeasure() {}

    public static void main(String[] arguments) throws Exception {
        if (arguments.length > 0) {
            show(arguments[0], Integer.parseInt(arguments[1]));
            return;
        }
        Path home = Files.createTempDirectory("stride-start");
        SampleBook.make(home.resolve(StartupTasks.BOOK), LocalDate.now(Clock.systemDefaultZone()));
        List<String> usual = List.of(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "--module-path",
                MADE.resolve("javafx").toString(),
                "--add-modules",
                "javafx.controls");
        Path archive = home.resolve("classes.jsa");
        started(own("-XX:ArchiveClassesAtExit=" + archive), home.toString(), VISIT);
        List<String> own = own("-XX:SharedArchiveFile=" + archive);
        List<Long> plain = new ArrayList<>();
        List<Long> empty = new ArrayList<>();
        List<Long> whole = new ArrayList<>();
        for (int i = 0; i < TIMES; i++) {
            plain.add(started(usual, EMPTY, FRAMES));
            empty.add(started(own, EMPTY, FRAMES));
            whole.add(started(own, home.toString(), FRAMES));
        }
        print("an empty window as Java starts it", plain);
        print("an empty window as the program is started", empty);
        print("the program's", whole);
        System.out.printf(
                "%.2f times the first, %.2f times the second%n",
                (double) median(whole) / median(plain), (double) median(whole) / median(empty));
    }

    private static long median(List<Long> times) {
        return times.stream().sorted().toList().get(TIMES / 2);
    }

    private static void print(String what, List<Long> times) {
        System.out.printf(
                "%s: %,d ms (%,d to %,d)%n", what, median(times), Collections.min(times), Collections.max(times));
    }

    /** Returns how the script starts Java. */
    private static List<String> own(String archive) {
        return List.of(
                MADE.resolve("runtime").resolve("bin").resolve("java").toString(),
                "@packaging/window.options",
                "-Dorg.sqlite.lib.path=" + MADE.resolve("engine"),
                archive);
    }

    private static long started(List<String> java, String what, int frames) throws IOException, InterruptedException {
        List<String> command = new ArrayList<>(java);
        command.addAll(List.of("-cp", withoutToolkit(), StartMeasure.class.getName(), what, String.valueOf(frames)));
        Process process = new ProcessBuilder(command)
                .redirectError(ProcessBuilder.Redirect.INHERIT)
                .start();
        try (BufferedReader out =
                new BufferedReader(new InputStreamReader(process.getInputStream(), StandardCharsets.UTF_8))) {
            long took = Long.parseLong(out.readLine());
            process.waitFor();
            return took;
        }
    }

    /** Returns the class path; the toolkit is among the modules of Java. */
    private static String withoutToolkit() {
        return Arrays.stream(System.getProperty("java.class.path").split(File.pathSeparator))
                .filter(entry -> !Path.of(entry).getFileName().toString().startsWith("javafx-"))
                .collect(Collectors.joining(File.pathSeparator));
    }

    private static void show(String what, int frames) {
        Thread.setDefaultUncaughtExceptionHandler((thread, failure) -> {
            failure.printStackTrace();
            Runtime.getRuntime().halt(1);
        });
        Optional<StartupTasks> ahead =
                what.equals(EMPTY) ? Optional.empty() : Optional.of(StartupTasks.begin(Path.of(what)));
        Platform.startup(() -> {
            Stage stage = new Stage();
            if (what.equals(EMPTY)) {
                Application.setUserAgentStylesheet(new PrimerLight().getUserAgentStylesheet());
                stage.setScene(new Scene(new BorderPane(), 1_280, 800));
                stage.show();
            } else {
                Theme.use();
                MainWindow window = new MainWindow(
                        stage,
                        ahead.orElseThrow(),
                        new WindowDialogs(stage, ahead.orElseThrow().home()),
                        new AudioDevices(SilentOutput::new, AudioInputs.NONE),
                        Clock.systemDefaultZone(),
                        System::nanoTime,
                        new DefectLog(Path.of(System.getProperty("java.io.tmpdir"), "nimble-stride-log")));
                window.show();
                window.openFromBook(SampleBook.FIRST);
            }
            tellWhenDrawn(frames);
        });
    }

    private static void tellWhenDrawn(int wanted) {
        new AnimationTimer() {
            private int frames;

            @Override
            public void handle(long now) {
                if (++frames == wanted) {
                    System.out.println(System.currentTimeMillis()
                            - ManagementFactory.getRuntimeMXBean().getStartTime());
                    System.exit(0);
                }
            }
        }.start();
    }
}
