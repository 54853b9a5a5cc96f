package nimblestride.desktop.workspace.place;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.function.BiConsumer;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyIntegerProperty;
import javafx.geometry.Orientation;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.ScrollBar;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.BorderPane;
import nimblestride.core.kit.voice.Limb;
import nimblestride.core.layer.limbs.LimbNote;
import nimblestride.core.time.counting.Counting;
import nimblestride.core.time.counting.SpokenSyllable;
import nimblestride.core.time.counting.Subdivision;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import nimblestride.desktop.document.exercise.AnalyzedExercise;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.ui.look.DrawingCanvas;
import nimblestride.desktop.ui.look.Palette;

/**
 * Shows the count of the phrase once for each limb, highlights what the limb plays, and puts the sticking below. A
 * click on a count, or Enter, places the selected voice; the arrow keys move along the counts, and move a note just
 * placed.
 */
final class CountLines extends BorderPane {
    private final ExerciseDocument document;
    private final ObjectProperty<Counting> counting;
    private final ObjectProperty<Subdivision> subdivision;
    private final ReadOnlyIntegerProperty stage;
    private final BiConsumer<Integer, NoteValue> place;
    private final BiConsumer<Spot, Spot> move;
    private final DrawingCanvas slate = new DrawingCanvas(this::draw);
    private final ScrollBar bar = new ScrollBar();
    private Palette palette = Palette.DAY;
    private List<Line> lines = List.of();
    private Spot spot = new Spot(0, NoteValue.ZERO);
    private boolean carrying;
    private CountLineText words;
    private CountSpacing spacing = CountSpacing.EMPTY;

    /** A count of a bar of the phrase. */
    record Spot(int bar, NoteValue position) {}

    /** What a limb plays, in order. */
    record Line(Limb limb, List<LimbNote> notes) {}

    /**
     * @param place receives the clicked count
     * @param move receives the old and the new count of a moved note
     */
    CountLines(
            ExerciseDocument document,
            ObjectProperty<Counting> counting,
            ObjectProperty<Subdivision> subdivision,
            ReadOnlyIntegerProperty stage,
            BiConsumer<Integer, NoteValue> place,
            BiConsumer<Spot, Spot> move) {
        this.document = document;
        this.counting = counting;
        this.subdivision = subdivision;
        this.stage = stage;
        this.place = place;
        this.move = move;
        getStyleClass().add("count-lines");
        setId("count-lines");
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.TEXT);
        slate.widthProperty().addListener(change -> paint());
        bar.setOrientation(Orientation.HORIZONTAL);
        bar.setMin(0);
        bar.valueProperty().addListener(change -> paint());
        setCenter(slate);
        setBottom(bar);
        counting.addListener(change -> rescale());
        subdivision.addListener(change -> rescale());
        stage.addListener(change -> {
            if (document.analyzedProperty().get() != null) {
                show(document.analyzedProperty().get());
            }
        });
        sceneProperty().addListener(change -> paint());
        focusedProperty().addListener(change -> paint());
        slate.setOnMousePressed(this::click);
        setOnKeyPressed(this::press);
        addEventFilter(ScrollEvent.SCROLL, event -> {
            // Leaves vertical scrolling to the pane around these lines.
            if (event.getDeltaX() != 0) {
                bar.setValue(clamp(bar.getValue() - event.getDeltaX() / spacing.scale()));
                event.consume();
            }
        });
    }

    void setPalette(Palette newPalette) {
        palette = newPalette;
        paint();
    }

    void show(AnalyzedExercise answer) {
        Phrase phrase = answer.exercise().phrase();
        Map<Limb, List<LimbNote>> byLimb = new TreeMap<>();
        answer.opening().notes().stream()
                .filter(note -> note.layer() < stage.get())
                .forEach(note -> byLimb.computeIfAbsent(note.limb(), limb -> new ArrayList<>())
                        .add(note));
        lines = byLimb.entrySet().stream()
                .map(line -> new Line(line.getKey(), line.getValue()))
                .toList();
        if (spot.bar >= phrase.bars().size()) {
            spot = new Spot(0, NoteValue.ZERO);
        }
        slate.setMinHeight(CountLinesPainter.height(lines.size()));
        setAccessibleText(CountLinesPainter.describe(lines, phrase));
        rescale();
    }

    private Phrase phrase() {
        return document.exerciseProperty().get().phrase();
    }

    private void rescale() {
        words = new CountLineText(phrase(), counting.get(), subdivision.get());
        spacing = CountSpacing.of(words, lines);
        paint();
    }

    private double clamp(double value) {
        return Math.max(0, Math.min(bar.getMax(), value));
    }

    private void paint() {
        if (getScene() == null
                || slate.getWidth() <= 0
                || document.exerciseProperty().get() == null) {
            return;
        }
        double seen = spacing.seen(slate.getWidth());
        double most = Math.max(0, phrase().length().toDouble() - seen + 0.05);
        bar.setMax(most);
        bar.setVisibleAmount(most <= 0 ? 1 : most * seen / (seen + most));
        bar.setVisible(most > 0);
        slate.redraw();
    }

    private void draw(GraphicsContext g, double width, double height) {
        if (words != null) {
            CountLinesPainter painter =
                    new CountLinesPainter(g, width, height, palette, words, spacing, bar.getValue(), lines);
            painter.paint();
            if (isFocused()) {
                painter.paintSpot(spot, carrying);
            }
        }
    }

    /** Returns every count of a bar, in order. */
    private List<NoteValue> counts(int number) {
        Bar counted = phrase().bars().get(number);
        return counting.get().count(counted, subdivision.get()).stream()
                .map(SpokenSyllable::at)
                .toList();
    }

    private void click(MouseEvent event) {
        requestFocus();
        double moment = Math.max(0, bar.getValue() + spacing.moment(event.getX()));
        if (event.getX() < CountSpacing.NAMES || moment >= phrase().length().toDouble()) {
            return;
        }
        int number = barAt(moment);
        double within = moment - phrase().startOf(number).toDouble();
        counts(number).stream()
                .min(Comparator.comparingDouble(at -> Math.abs(at.toDouble() - within)))
                .ifPresent(at -> place.accept(number, at));
    }

    private int barAt(double moment) {
        int number = 0;
        while (number + 1 < phrase().bars().size()
                && phrase().startOf(number + 1L).toDouble() <= moment) {
            number++;
        }
        return number;
    }

    /**
     * Selects a count.
     *
     * @param carry whether the arrow keys move the note there
     */
    void pointAt(int number, NoteValue position, boolean carry) {
        spot = new Spot(number, position);
        carrying = carry;
        requestFocus();
        paint();
    }

    private void press(KeyEvent event) {
        switch (event.getCode()) {
            case LEFT -> step(-1);
            case RIGHT -> step(1);
            case HOME -> go(new Spot(0, NoteValue.ZERO));
            case ENTER -> place.accept(spot.bar, spot.position);
            case ESCAPE -> {
                carrying = false;
                document.endBurst();
                paint();
            }
            default -> {
                return;
            }
        }
        event.consume();
    }

    private void step(int by) {
        List<NoteValue> counts = counts(spot.bar);
        int index = 0;
        while (index + 1 < counts.size() && counts.get(index + 1).compareTo(spot.position) <= 0) {
            index++;
        }
        int next = index + by;
        if (next >= 0 && next < counts.size()) {
            go(new Spot(spot.bar, counts.get(next)));
            return;
        }
        int number = Math.floorMod(spot.bar + by, phrase().bars().size());
        List<NoteValue> others = counts(number);
        go(new Spot(number, others.get(by > 0 ? 0 : others.size() - 1)));
    }

    private void go(Spot to) {
        if (carrying) {
            move.accept(spot, to);
        }
        spot = to;
        double at = phrase().startOf(to.bar).plus(to.position).toDouble();
        double seen = spacing.seen(slate.getWidth());
        if (at < bar.getValue() || at > bar.getValue() + seen * 0.95) {
            bar.setValue(clamp(at - seen / 3));
        }
        paint();
    }
}
