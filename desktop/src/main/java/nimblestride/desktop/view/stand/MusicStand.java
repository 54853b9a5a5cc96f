package nimblestride.desktop.view.stand;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import javafx.stage.Stage;
import javafx.stage.Window;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Phrase;
import nimblestride.desktop.playback.Playhead;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.look.Palette;

/**
 * Fills the screen with this bar and the next, to be read from behind the kit, three meters away: the count or the staff,
 * the bar's number in the cycle, the tempo, and how the runs went. Keys, and a pedal that sends them, do everything.
 */
public final class MusicStand {
    private static final double MIN_LARGER = 0.3;
    private static final double MAX_LARGER = 2;
    private static final double STEP = 1.15;
    private static final double MARGINS = 80;
    /** The share of the screen's height that this bar takes, and the next one. */
    private static final double HERE = 0.5;

    private static final double NEXT = 0.2;
    /** How large the next bar is beside this one. */
    private static final double NEXT_SIZE = 0.6;

    private final Stage stage = new Stage();
    private final StandActions actions;
    private final Label barName = label("stand-bar");
    private final Label tempo = new WrappedLabel("", "stand-tempo");
    private final Label reps = new WrappedLabel("", "stand-reps");
    private final Label nextName = label("stand-next-name");
    private final StackPane here = new StackPane();
    private final StackPane next = new StackPane();
    private final StandBar hereCount = new StandBar("stand-here");
    private final StandBar nextCount = new StandBar("stand-next");
    private final StandStaff staff = new StandStaff();
    private Optional<StandContent> content = Optional.empty();
    private Palette palette = Palette.DAY;
    private long bar;
    private boolean asStaff;
    private double larger = 1;

    /** @param owner window whose look it takes on */
    public MusicStand(Window owner, StandActions actions) {
        this.actions = actions;
        stage.initOwner(owner);
        stage.setTitle("Stand - Nimble Stride");
        stage.setFullScreenExitKeyCombination(KeyCombination.NO_MATCH);
        stage.setFullScreenExitHint("");
        Region between = new Region();
        HBox.setHgrow(between, Priority.ALWAYS);
        HBox heading = new HBox(32, barName, tempo, between, reps);
        heading.getStyleClass().add("stand-heading");
        here.getStyleClass().add("stand-place");
        next.getStyleClass().add("stand-place");
        VBox.setVgrow(here, Priority.ALWAYS);
        Label keys = new WrappedLabel(
                "Space play · → next · ← previous · C clean · N not yet · S staff or count · + − size · Esc close",
                "stand-keys");
        VBox all = new VBox(heading, here, nextName, next, keys);
        all.getStyleClass().addAll("window", "stand");
        Scene scene = new Scene(all, 1180, 720);
        scene.getStylesheets().setAll(owner.getScene().getStylesheets());
        scene.addEventFilter(KeyEvent.KEY_PRESSED, this::press);
        scene.widthProperty().addListener(change -> showBars());
        scene.heightProperty().addListener(change -> showBars());
        stage.setScene(scene);
    }

    private static Label label(String style) {
        Label label = new Label();
        label.getStyleClass().add(style);
        label.setMinWidth(Region.USE_PREF_SIZE);
        return label;
    }

    private void press(KeyEvent event) {
        switch (event.getCode()) {
            case SPACE, ENTER -> actions.play();
            case RIGHT, DOWN, PAGE_DOWN -> step(1);
            case LEFT, UP, PAGE_UP -> step(-1);
            case C -> actions.clean();
            case N -> actions.notYet();
            case S -> showAsStaff(!asStaff);
            case PLUS, ADD, EQUALS -> enlarge(STEP);
            case MINUS, SUBTRACT -> enlarge(1 / STEP);
            case F11 -> stage.setFullScreen(!stage.isFullScreen());
            case ESCAPE -> stage.close();
            default -> {
                return;
            }
        }
        event.consume();
    }

    /** Goes to the next stage; where there are none, to the next bar. */
    public void step(int by) {
        if (!actions.step(by)) {
            goTo(Math.max(0, bar + by));
        }
    }

    private void showAsStaff(boolean shown) {
        asStaff = shown;
        showBars();
    }

    private void enlarge(double by) {
        larger = Math.max(MIN_LARGER, Math.min(MAX_LARGER, larger * by));
        showBars();
    }

    /** Returns whether the window is open. */
    public boolean isShowing() {
        return stage.isShowing();
    }

    /**
     * Fills the screen with an exercise.
     *
     * @param colors style of the main window's root
     */
    public void show(StandContent newContent, Palette newPalette, String colors) {
        bar = 0;
        put(newContent, newPalette, colors);
        stage.setFullScreen(true);
        stage.show();
        stage.toFront();
    }

    /**
     * Shows something else without opening the window.
     *
     * @param colors style of the main window's root
     */
    public void put(StandContent newContent, Palette newPalette, String colors) {
        stage.getScene().getRoot().setStyle(colors);
        palette = newPalette;
        content = Optional.of(newContent);
        tempo.setText(newContent.tempo());
        reps.setText(newContent.reps());
        showBars();
    }

    private void goTo(long newBar) {
        if (newBar != bar) {
            bar = newBar;
            showBars();
        }
    }

    private void showBars() {
        content.ifPresent(shown -> {
            barName.setText(shown.barName(bar));
            nextName.setText("Next: " + shown.barName(bar + 1).toLowerCase(Locale.ROOT) + ", "
                    + shown.exercise().phrase().bar(bar + 1).meter());
            show(shown, bar, here, hereCount, 1);
            show(shown, bar + 1, next, nextCount, NEXT_SIZE);
            Scene scene = stage.getScene();
            double width = scene.getWidth() - MARGINS;
            double size = hereCount.fit(width, HERE * scene.getHeight(), larger, StandBar.MAX_SIZE);
            nextCount.fit(width, NEXT * scene.getHeight(), 1, NEXT_SIZE * size);
        });
    }

    private void show(StandContent shown, long number, StackPane place, StandBar count, double part) {
        Phrase phrase = shown.exercise().phrase();
        Bar written = phrase.bar(number);
        count.show(shown.counting().count(written, shown.subdivision()));
        Node seen = asStaff ? staff.bar(shown, number, part * (stage.getScene().getWidth() - MARGINS), palette) : count;
        place.getChildren().setAll(List.of(seen));
        place.setAccessibleText(shown.barName(number) + ", " + written.meter());
    }

    /** Follows playback: shows the bar that is heard, and lights the syllable to say now. */
    public void follow(Playhead playhead) {
        if (!stage.isShowing() || content.isEmpty()) {
            return;
        }
        if (!playhead.isShown()) {
            hereCount.darken();
            return;
        }
        Phrase phrase = content.get().exercise().phrase();
        double moment = playhead.moment().getAsDouble();
        double length = phrase.length().toDouble();
        double round = Math.floor(moment / length);
        double within = moment - round * length;
        int inPhrase = barAt(phrase, within);
        goTo(((long) round) * phrase.bars().size() + inPhrase);
        hereCount.light(within - phrase.startOf(inPhrase).toDouble());
    }

    private static int barAt(Phrase phrase, double within) {
        int low = 0;
        int high = phrase.bars().size() - 1;
        while (low < high) {
            int middle = (low + high + 1) / 2;
            if (phrase.startOf(middle).toDouble() <= within) {
                low = middle;
            } else {
                high = middle - 1;
            }
        }
        return low;
    }

    /** Closes the window. */
    public void close() {
        stage.close();
    }
}
