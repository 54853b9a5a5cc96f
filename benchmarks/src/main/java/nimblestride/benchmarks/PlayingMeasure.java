package nimblestride.benchmarks;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.time.value.Tempo;
import nimblestride.sound.kit.Sounds;
import nimblestride.sound.play.Player;
import nimblestride.sound.play.PlayerStatus;
import nimblestride.sound.play.SoundCards;
import nimblestride.sound.recorded.RecordedKit;
import nimblestride.sound.render.PlaybackRequest;
import nimblestride.sound.render.SoundPreparation;

/**
 * Plays eight layers in real time while one core is kept busy, changes the tempo every two seconds, and reports how often the
 * sound broke off. To reach: never in ten minutes. On a virtual machine it also reports how much time the host took away meanwhile:
 * nobody can play in that.
 */
public final class PlayingMeasure {
    private static final int DEFAULT_MINUTES = 10;
    private static final double BEFORE = takenAway();

    private PlayingMeasure() {}

    /** @param args how many minutes; {@value #DEFAULT_MINUTES} by default */
    public static void main(String[] args) throws InterruptedException {
        int minutes = args.length > 0 ? Integer.parseInt(args[0]) : DEFAULT_MINUTES;
        Thread busy = new Thread(PlayingMeasure::keepBusy, "busy");
        busy.setDaemon(true);
        busy.start();
        Exercise exercise = EightLayers.exercise();
        Sounds kit = RecordedKit::shipped;
        try (Player player = new Player(new SoundCards(), kit)) {
            // As the window does once edits pause.
            SoundPreparation.prepare(EightLayers.take(), kit.at(player.sampleRate()), () -> true);
            player.start(EightLayers.take());
            for (int i = 0; i < minutes * 30; i++) {
                TimeUnit.SECONDS.sleep(2);
                PlaybackRequest changed = EightLayers.take().of(exercise.withTempo(Tempo.ofQuarters(100 + i % 60)));
                player.change(changed);
                if (i % 15 == 14) {
                    print((i + 1) / 30.0, player);
                }
            }
        }
    }

    private static void print(double minutes, Player player) {
        PlayerStatus status = player.status().orElseThrow();
        System.out.printf(
                "%.1f min through the %s: %d gaps, %d ms ahead of what is heard; %.2f s taken away by the host%n",
                minutes, status.output(), status.gaps(), status.milliseconds(), takenAway() - BEFORE);
    }

    /** Returns how many seconds of both cores the host has given to others since the machine started; 0 if unknown. */
    private static double takenAway() {
        try {
            String[] first = Files.readAllLines(Path.of("/proc/stat")).get(0).split("\\s+");
            return Long.parseLong(first[8]) / 100.0;
        } catch (IOException | RuntimeException e) {
            return 0;
        }
    }

    @SuppressWarnings("InfiniteLoopStatement")
    private static void keepBusy() {
        double sum = 0;
        while (true) {
            sum = Math.sin(sum + 1);
        }
    }
}
