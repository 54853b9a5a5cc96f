package nimblestride.desktop.workspace.practice;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.animation.Animation;
import javafx.animation.KeyFrame;
import javafx.animation.Timeline;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.VBox;
import javafx.util.Duration;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.plan.RepRating;
import nimblestride.core.foundation.words.Counted;
import nimblestride.core.practice.timing.ExpectedHit;
import nimblestride.core.practice.timing.Timing;
import nimblestride.core.practice.timing.TimingAdvice;
import nimblestride.core.practice.timing.TimingSpread;
import nimblestride.desktop.async.LatestOnly;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.playback.HitRecorder;
import nimblestride.desktop.playback.PadKeys;
import nimblestride.desktop.playback.PlaybackDevices;
import nimblestride.desktop.playback.Transport;
import nimblestride.desktop.ui.control.FlowLine;
import nimblestride.desktop.ui.control.VerticalScroll;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.page.Page;

/** Shows how early or late each count, each limb, and each group is, and what to work on. */
final class TimingPage extends VBox implements Page {
    private static final Duration BETWEEN_LOOKS = Duration.millis(700);
    private static final int MAX_HARD = 3;

    private static final List<String> WELCOME = List.of(
            "Play along on pads or keys (" + PadKeys.description()
                    + "), one per voice or all on one. Your hits appear over the Road:"
                    + " a mark leaning left is early, leaning right is late.",
            "Measure your latency first (Sound > Audio). No pad? A simulated player can play (Sound >" + " Pads).");

    private final Transport transport;
    private final PlaybackDevices devices;
    private final PracticeRecorder diary;
    private final HitRecorder recorder;
    private final Consumer<Optional<Timing>> picture;
    private final ToggleButton tap = new ToggleButton("Tap along");
    private final CheckBox keys = new CheckBox("use the computer's keys");
    private final VBox advice = new VBox(4);
    private final GridPane table = new GridPane();
    private final RepButtons passes;
    private final LatestOnly working = new LatestOnly("matching hits");
    private final Timeline looks = new Timeline(new KeyFrame(BETWEEN_LOOKS, event -> work()));
    private Optional<Timing> timing = Optional.empty();
    private Exercise tapped;
    private int worked;

    /** @param picture shows a timing over the Road */
    TimingPage(
            ExerciseDocument document,
            Transport transport,
            PlaybackDevices devices,
            PracticeRecorder diary,
            Consumer<Optional<Timing>> picture) {
        this.transport = transport;
        this.devices = devices;
        this.diary = diary;
        this.picture = picture;
        this.recorder = new HitRecorder(document, transport, devices);
        getStyleClass().add("page");
        tap.setId("tap-along");
        tap.getStyleClass().add("stage");
        tap.setMinWidth(USE_PREF_SIZE);
        tap.setOnAction(event -> {
            if (tap.isSelected()) {
                begin();
            } else {
                transport.stop();
            }
        });
        keys.setId("tap-keys");
        keys.setMinWidth(USE_PREF_SIZE);
        keys.selectedProperty().bindBidirectional(devices.keysProperty());
        passes = new RepButtons("taps", this::went);
        FlowLine first = new FlowLine(tap, keys, passes);
        advice.setId("taps-told");
        table.getStyleClass().add("ways");
        table.setId("taps-table");
        getChildren().setAll(first, advice, new VerticalScroll(table));
        looks.setCycleCount(Animation.INDEFINITE);
        transport.playingProperty().addListener((property, was, playing) -> {
            if (!playing && recorder.isRecording()) {
                end();
            }
        });
        tapped = document.exerciseProperty().get();
        say(WELCOME);
    }

    private void begin() {
        if (devices.pad().isEmpty() && !devices.hasStandIn()) {
            devices.keysProperty().set(true);
        }
        recorder.start();
        timing = Optional.empty();
        worked = 0;
        picture.accept(Optional.empty());
        if (!transport.playingProperty().get()) {
            transport.toggle();
        }
        say(List.of("Listening. Stop with the button or with Space."));
        table.getChildren().clear();
        looks.play();
    }

    private void end() {
        recorder.stop();
        looks.stop();
        tap.setSelected(false);
        worked = 0;
        work();
    }

    /** Analyzes the hits so far, if there are new ones. */
    private void work() {
        if (recorder.strokes() == worked) {
            return;
        }
        worked = recorder.strokes();
        working.ask(recorder.timing(), found -> found.ifPresentOrElse(this::show, this::showNothing));
    }

    private void showNothing() {
        timing = Optional.empty();
        picture.accept(timing);
        say(List.of(Counted.count(recorder.strokes(), "hit") + ", none of them near a note of the exercise."));
        table.getChildren().clear();
    }

    private void show(Timing now) {
        timing = Optional.of(now);
        picture.accept(timing);
        say(TimingAdvice.of(now));
        table.getChildren().clear();
        head("Limb or count", "hits", "average", "spread");
        now.byLimb().forEach((limb, spread) -> row(limb.title(), spread));
        if (now.byBeat().size() > 1) {
            now.byBeat().forEach((beat, spread) -> row("beat " + beat, spread));
        }
        for (Map.Entry<ExpectedHit.Spot, TimingSpread> spot : now.bySpot().entrySet()) {
            row(place(spot.getKey()), spot.getValue());
        }
    }

    private static String place(ExpectedHit.Spot spot) {
        return spot.count() + " of bar " + Counted.number(spot.bar() + 1L);
    }

    private void say(List<String> sentences) {
        advice.getChildren().clear();
        for (String sentence : sentences) {
            Label label = new WrappedLabel(sentence);
            label.getStyleClass().add(advice.getChildren().isEmpty() ? "entry-name" : "quiet");
            advice.getChildren().add(label);
        }
    }

    private void head(String... titles) {
        for (int i = 0; i < titles.length; i++) {
            Label label = new Label(titles[i]);
            label.getStyleClass().add("quiet");
            label.setMinWidth(USE_PREF_SIZE);
            table.add(label, i, 0);
        }
    }

    private void row(String name, TimingSpread spread) {
        String late = String.format(
                Locale.ROOT,
                "%.0f ms %s",
                Math.abs(spread.mean()),
                spread.mean() < -0.5 ? "early" : spread.mean() > 0.5 ? "late" : "");
        Label[] cells = {
            new Label(name),
            new Label(String.valueOf(spread.count())),
            new Label(late.strip()),
            new Label(spread.count() > 1 ? String.format(Locale.ROOT, "%.0f ms", spread.deviation()) : "")
        };
        for (Label cell : cells) {
            cell.setMinWidth(USE_PREF_SIZE);
        }
        table.addRow(table.getRowCount(), cells);
    }

    private void went(RepRating rating) {
        List<String> hard = timing.map(now -> TimingAdvice.hardest(now, MAX_HARD).stream()
                        .map(TimingPage::place)
                        .filter(place -> !place.matches(".*[,;:].*"))
                        .toList())
                .orElse(List.of());
        diary.log(diary.tempo(), rating, hard);
    }

    @Override
    public void show(Exercise exercise) {
        // Keeps the hits as long as the music is the same.
        boolean same =
                exercise.phrase().equals(tapped.phrase()) && exercise.layers().equals(tapped.layers());
        if (!same) {
            tapped = exercise;
            timing = Optional.empty();
            picture.accept(timing);
            table.getChildren().clear();
            say(WELCOME);
        }
    }

    @Override
    public void close() {
        looks.stop();
        working.close();
    }
}
