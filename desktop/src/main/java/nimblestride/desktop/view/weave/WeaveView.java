package nimblestride.desktop.view.weave;

import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.function.Consumer;
import javafx.geometry.Orientation;
import javafx.geometry.Point2D;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.ScrollBar;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.BorderPane;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.layer.crossing.Displacement;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import nimblestride.desktop.document.exercise.AnalyzedExercise;
import nimblestride.desktop.playback.Playhead;
import nimblestride.desktop.ui.look.DrawingCanvas;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.view.weave.WeavePicture.Row;

/**
 * Shows the Weave. It scrolls with the wheel, the scroll bar, and Page Up and Down, and zooms with + and -, or with
 * Ctrl and the wheel; 0 fits the whole cycle. Arrow keys go from hit to hit; with Shift they displace the selected
 * layer, and dragging a mark does the same.
 */
public final class WeaveView extends BorderPane {
    private static final double MAX_ZOOM = 64;
    private static final double MIN_ZOOM = 7;
    private static final double DEFAULT_ZOOM = 24;
    private static final long ROUNDS_WITHOUT_HOME = 64;
    /** A longer cycle is described in words, with buttons for its places. */
    private static final long MAX_ROWS = 10_000_000;

    private final DrawingCanvas slate = new DrawingCanvas((g, width, height) -> draw(g));
    private final ScrollBar bar = new ScrollBar();
    private final DisplaceAction displacing;
    private final Consumer<String> description;
    private Palette palette = Palette.DAY;
    private AnalyzedExercise answer;
    private WeavePicture picture;
    private WeaveLayout layout;
    private double pitch = DEFAULT_ZOOM;
    private boolean fitted;
    private int selected = -1;
    private WeaveHit chosen;
    private OptionalDouble heard = OptionalDouble.empty();

    /** @param description receives the description of the place under the mouse or selected */
    public WeaveView(DisplaceAction displacing, Consumer<String> description) {
        this.displacing = displacing;
        this.description = description;
        setId("weave");
        getStyleClass().add("weave");
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        bar.setOrientation(Orientation.VERTICAL);
        bar.valueProperty().addListener(change -> paint());
        slate.widthProperty().addListener(change -> paint());
        slate.heightProperty().addListener(change -> refit());
        setCenter(slate);
        setRight(bar);
        addEventFilter(ScrollEvent.SCROLL, this::scroll);
        setOnKeyPressed(this::press);
        setOnMousePressed(event -> requestFocus());
        WeaveMouse.on(
                slate,
                this::seen,
                new Dragging(),
                hit -> hit.ifPresentOrElse(this::pointAt, this::describeChosen),
                this::choose);
    }

    /** Sets the colors. */
    public void setPalette(Palette newPalette) {
        palette = newPalette;
        paint();
    }

    /** Selects the layer drawn strongest and moved by keys; -1 for none. */
    public void setInHand(int layer) {
        selected = layer;
        paint();
    }

    /** Shows an analyzed exercise. */
    public void show(AnalyzedExercise newAnswer) {
        boolean otherBars = answer == null
                || !answer.exercise().phrase().equals(newAnswer.exercise().phrase());
        answer = newAnswer;
        if (otherBars) {
            chosen = null;
            bar.setValue(0);
            fitted = false;
        }
        if (chosen != null && chosen.layer() >= answer.analysis().layers().size()) {
            chosen = null;
        }
        setAccessibleText("The Weave: " + String.format(Locale.ROOT, "%,d", rows())
                + " bars in rows, home at the end. For the same bars as text, open Bar by bar.");
        refit();
        describeChosen();
    }

    /** Returns all bars up to the realignment plus the one that is bar 1 again, if that is known. */
    public long rows() {
        return Math.min(MAX_ROWS, answer.analysis().barsInCycle(ROUNDS_WITHOUT_HOME));
    }

    private void refit() {
        if (answer != null && !fitted && slate.getHeight() > 0) {
            fit();
        }
        paint();
    }

    /** Fits the whole cycle, but keeps rows readable. */
    public void fit() {
        fitted = slate.getHeight() > 0;
        double room = (slate.getHeight() - 8) / Math.max(1, Math.min(rows(), 200));
        double least = Math.max(15, 9 + 5.0 * answer.analysis().layers().size());
        pitch = Math.max(least, Math.min(40, room));
        paint();
    }

    private void paint() {
        if (answer == null || slate.getWidth() <= WeaveLayout.GUTTER || slate.getHeight() < 1) {
            return;
        }
        updateBar();
        long first = (long) Math.floor(bar.getValue());
        Phrase phrase = answer.exercise().phrase();
        layout = WeaveLayout.of(phrase, first, pitch, slate.getWidth(), slate.getHeight());
        slate.redraw();
    }

    private void draw(GraphicsContext g) {
        if (answer == null || layout == null) {
            return;
        }
        long first = layout.first();
        int count = (int) Math.min(layout.rows(), rows() - first);
        picture = WeavePicture.of(answer.analysis(), first, count);
        int layers = answer.analysis().layers().size();
        WeavePainter painter = new WeavePainter(g, palette, picture, layout, layers);
        painter.paint(selected, chosen);
        heard.ifPresent(moment -> paintMarker(painter, moment));
    }

    private void paintMarker(WeavePainter painter, double moment) {
        for (Row row : picture.rows()) {
            double start = row.start().toDouble();
            if (start <= moment && moment < start + row.length()) {
                painter.marker(row.bar(), moment - start);
            }
        }
    }

    private void updateBar() {
        double whole = Math.max(1, Math.floor((slate.getHeight() - 4) / pitch));
        double most = Math.max(0, rows() - whole);
        bar.setMax(most);
        bar.setVisibleAmount(most <= 0 ? 1 : Math.max(most / 200, most * whole / rows()));
        bar.setUnitIncrement(1);
        bar.setBlockIncrement(whole);
        bar.setVisible(most > 0);
        if (bar.getValue() > most) {
            bar.setValue(most);
        }
    }

    private void scrollTo(double row) {
        bar.setValue(Math.max(0, Math.min(bar.getMax(), row)));
    }

    /** Brings a bar into view. */
    public void bringIntoView(long number) {
        double seen = layout == null ? 1 : layout.wholeRows();
        if (number < bar.getValue() || number > bar.getValue() + seen - 1) {
            scrollTo(number - Math.floor(seen / 3));
        }
        paint();
    }

    private void zoom(double factor) {
        fitted = true;
        pitch = Math.max(MIN_ZOOM, Math.min(MAX_ZOOM, pitch * factor));
        paint();
    }

    private void scroll(ScrollEvent event) {
        if (answer == null) {
            return;
        }
        if (event.isControlDown()) {
            zoom(event.getDeltaY() > 0 ? 1.15 : 1 / 1.15);
        } else {
            scrollTo(bar.getValue() - event.getDeltaY() / pitch);
        }
        event.consume();
    }

    private void press(KeyEvent event) {
        if (answer == null || event.isShortcutDown() || event.isAltDown()) {
            return;
        }
        double page = layout == null ? 1 : layout.wholeRows();
        switch (event.getCode()) {
            case LEFT -> sideways(-1, event.isShiftDown());
            case RIGHT -> sideways(1, event.isShiftDown());
            case UP -> upAndDown(-1);
            case DOWN -> upAndDown(1);
            case PAGE_UP -> scrollTo(bar.getValue() - page);
            case PAGE_DOWN -> scrollTo(bar.getValue() + page);
            case HOME -> scrollTo(0);
            case END -> scrollTo(bar.getMax());
            case PLUS, EQUALS, ADD -> zoom(1.25);
            case MINUS, SUBTRACT -> zoom(0.8);
            case DIGIT0, NUMPAD0 -> fit();
            default -> {
                return;
            }
        }
        event.consume();
    }

    /** Goes to the next hit, or moves the selected layer one unit. */
    private void sideways(int step, boolean displaces) {
        int layer = layerInHand();
        if (layer < 0) {
            return;
        }
        if (displaces) {
            Layer now = answer.exercise().layers().get(layer);
            displacing.displace(layer, Displacement.by(now, answer.exercise().phrase(), step));
            displacing.done();
            return;
        }
        Optional<WeaveHit> next =
                chosen == null ? walk().nearest(layer, inView(), NoteValue.ZERO) : walk().sideways(chosen, step);
        next.ifPresent(this::choose);
    }

    private void upAndDown(int step) {
        int layer = layerInHand();
        if (layer >= 0) {
            WeaveHit from = chosen == null ? new WeaveHit(layer, inView() - step, NoteValue.ZERO) : chosen;
            walk().upOrDown(from, step).ifPresent(this::choose);
        }
    }

    private WeaveKeys walk() {
        return new WeaveKeys(answer.analysis(), rows());
    }

    private long inView() {
        return (long) bar.getValue();
    }

    private int layerInHand() {
        return selected >= 0 || answer.analysis().layers().isEmpty() ? selected : 0;
    }

    private void choose(WeaveHit place) {
        chosen = place;
        bringIntoView(place.bar());
        describeChosen();
    }

    private void describeChosen() {
        description.accept(
                chosen == null || answer == null ? "" : new WeaveDescription(answer.analysis()).describe(chosen));
    }

    private Optional<WeaveMouse.Seen> seen() {
        return picture == null ? Optional.empty() : Optional.of(new WeaveMouse.Seen(answer, picture, layout));
    }

    /** Moves the selection along with the displaced layer. */
    private final class Dragging implements DisplaceAction {
        @Override
        public void displace(int index, Layer layer) {
            chosen = null;
            displacing.displace(index, layer);
        }

        @Override
        public void done() {
            displacing.done();
        }
    }

    private void pointAt(WeaveHit hit) {
        description.accept(new WeaveDescription(answer.analysis()).describe(hit));
    }

    /** Shows the moment heard, or nothing. */
    public void follow(Playhead playhead) {
        if (!playhead.isShown() && heard.isEmpty()) {
            return;
        }
        heard = playhead.moment();
        if (getScene() == null || answer == null) {
            return;
        }
        double home = answer.analysis()
                .together()
                .result()
                .map(Analysis.Together::length)
                .map(NoteValue::toDouble)
                .orElse(Double.MAX_VALUE);
        heard = playhead.wrappedAt(home).moment();
        heard.ifPresent(at ->
                bringIntoView(answer.exercise().phrase().barAt(NoteValue.of(Math.max(0, (long) (at * 4096)), 4096))));
        paint();
    }

    /** Returns where a hit stands on the screen, if it is in view. */
    public Optional<Point2D> screenPlace(int layer, long number, NoteValue at) {
        if (layout == null) {
            return Optional.empty();
        }
        int row = (int) (number - layout.first());
        return row < 0 || row >= picture.rows().size()
                ? Optional.empty()
                : Optional.of(slate.localToScreen(
                        layout.x(at.toDouble()),
                        layout.top(row)
                                + layout.lane(layer, answer.analysis().layers().size())));
    }
}
