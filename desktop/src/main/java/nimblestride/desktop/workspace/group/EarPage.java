package nimblestride.desktop.workspace.group;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.LongSupplier;
import java.util.random.RandomGenerator;
import javafx.event.EventHandler;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.leadin.AccentedBar;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.foundation.words.Capitalized;
import nimblestride.core.practice.ear.EarDrill;
import nimblestride.core.practice.ear.TappedGrouping;
import nimblestride.core.time.meter.Grouping;
import nimblestride.core.time.meter.Meter;
import nimblestride.desktop.playback.Transport;
import nimblestride.desktop.ui.control.ControlTip;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.field.TapKey;
import nimblestride.desktop.ui.page.Page;

/** An ear drill: plays the bar in one of its groupings, and takes the answer from a button, a number key, or taps. */
final class EarPage extends VBox implements Page {
    private static final String HOW =
            "Press Play and listen. Name the grouping with a button or number key, or tap each accent with T,"
                    + " starting on the 1.";
    private static final String PLAYED = "Which grouping?";
    private static final long NANOS_IN_A_MICRO = 1_000;

    private final BarChoice bars;
    private final Transport transport;
    private final LongSupplier nanos;
    private final RandomGenerator random;
    private final Consumer<String> log;
    private final FlowPane choices = new FlowPane();
    private final Label answer = new WrappedLabel(HOW);
    private final Label score = new WrappedLabel("", "quiet");
    private final Button next;
    private final Button keep;
    private final EventHandler<KeyEvent> digits = this::press;
    private final List<Long> taps = new ArrayList<>();
    private Optional<Meter> shown = Optional.empty();
    private Optional<EarDrill> drill = Optional.empty();

    /**
     * @param nanos a clock in nanoseconds, for taps
     * @param random chooses what is played
     * @param log adds a line to the practice log
     */
    EarPage(BarChoice bars, Transport transport, LongSupplier nanos, RandomGenerator random, Consumer<String> log) {
        this.bars = bars;
        this.transport = transport;
        this.nanos = nanos;
        this.random = random;
        this.log = log;
        getStyleClass().add("page");
        Button play = new SmallButton("Play", "ear-play", this::play);
        ControlTip.on(play, "Loop the bar in one of these groupings");
        next = new SmallButton("Next", "ear-next", this::next);
        Button tap = new SmallButton("Tap  (T)", "ear-tap", this::tap);
        keep = new SmallButton("Log the score", "ear-log", this::keep);
        HBox line = new HBox(play, next, tap, keep);
        line.getStyleClass().add("add-line");
        choices.getStyleClass().add("wishes");
        answer.setId("ear-answer");
        score.setId("ear-score");
        getChildren().setAll(line, choices, answer, score);
        bars.chosenProperty().addListener(change -> begin());
        new TapKey(this, this::tap);
        sceneProperty().addListener((property, old, now) -> listenIn(old, now));
    }

    @Override
    public void show(Exercise exercise) {
        begin();
    }

    /** Starts over when the meter changes. */
    private void begin() {
        Meter meter = bars.bar().meter();
        if (shown.filter(meter::equals).isPresent()) {
            return;
        }
        shown = Optional.of(meter);
        try {
            drill = Optional.of(EarDrill.on(meter, random));
            answer.setText(HOW);
        } catch (StrideException e) {
            drill = Optional.empty();
            answer.setText(sentence(e.getMessage()));
        }
        refresh();
    }

    private static String sentence(String words) {
        return Capitalized.of(words) + ".";
    }

    private void refresh() {
        taps.clear();
        choices.getChildren().clear();
        drill.ifPresent(one -> {
            int number = 1;
            for (Grouping choice : one.choices()) {
                Button button = new SmallButton(number + "   " + choice, "ear-choice-" + number, () -> answer(choice));
                button.getStyleClass().add("way");
                if (one.answer().isPresent() && choice.equals(one.hidden())) {
                    button.getStyleClass().add("taken");
                }
                choices.getChildren().add(button);
                number++;
            }
        });
        int asked = drill.map(EarDrill::asked).orElse(0);
        next.setDisable(drill.flatMap(EarDrill::answer).isEmpty());
        keep.setDisable(asked == 0);
        score.setText(drill.filter(one -> one.asked() > 0)
                .map(one -> one.right() + " of " + one.asked() + " right.")
                .orElse(""));
    }

    private void play() {
        drill.ifPresent(one -> {
            transport.playBeside(AccentedBar.of(one.bar(), transport.tempo(), "a bar of " + one.meter()));
            taps.clear();
            if (one.answer().isEmpty()) {
                answer.setText(PLAYED);
            }
        });
    }

    private void next() {
        drill = drill.map(one -> one.next(random));
        refresh();
        play();
    }

    private void answer(Grouping said) {
        if (drill.flatMap(EarDrill::answer).isPresent()) {
            return;
        }
        drill = drill.map(one -> one.answered(said));
        drill.ifPresent(one -> answer.setText(
                one.isRight() ? "Right: " + one.hidden() + "." : said + "? It is " + one.hidden() + "."));
        refresh();
    }

    /** Takes a tap; a whole bar and one more say which grouping is meant. */
    private void tap() {
        taps.add(nanos.getAsLong() / NANOS_IN_A_MICRO);
        drill.filter(one -> taps.size() > one.hidden().sizes().size())
                .flatMap(one -> TappedGrouping.nearest(one.choices(), taps))
                .ifPresent(this::answer);
    }

    private void keep() {
        drill.ifPresent(one -> {
            log.accept(one.score());
            shown = Optional.empty();
            begin();
            answer.setText("Logged: " + one.score() + ".");
        });
    }

    /** Takes an answer from a number key while this page is shown. */
    private void listenIn(Scene old, Scene now) {
        if (old != null) {
            old.removeEventFilter(KeyEvent.KEY_PRESSED, digits);
        }
        if (now != null) {
            now.addEventFilter(KeyEvent.KEY_PRESSED, digits);
        }
    }

    private void press(KeyEvent event) {
        if (TapKey.isForOthers(event) || !event.getCode().isDigitKey()) {
            return;
        }
        int number = Integer.parseInt(event.getCode().getName().replaceAll("\\D", ""));
        drill.map(EarDrill::choices)
                .filter(all -> number >= 1 && number <= all.size())
                .ifPresent(all -> {
                    answer(all.get(number - 1));
                    event.consume();
                });
    }
}
