package nimblestride.desktop.view.road;

import java.util.Optional;
import java.util.OptionalDouble;
import java.util.stream.Collectors;
import javafx.beans.binding.Bindings;
import javafx.beans.binding.DoubleExpression;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleIntegerProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.geometry.Point2D;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.practice.timing.Timing;
import nimblestride.core.time.counting.Counting;
import nimblestride.core.time.counting.Subdivision;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import nimblestride.desktop.document.exercise.AnalyzedExercise;
import nimblestride.desktop.playback.Playhead;
import nimblestride.desktop.ui.control.ScrollIntoView;
import nimblestride.desktop.ui.look.DrawingCanvas;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.ui.page.LitStride;
import nimblestride.desktop.ui.page.StrideLight;

/**
 * Shows the Road and the overview above it. It scrolls with the wheel, the scroll bar, and the arrow keys, and zooms
 * with + and -, or with Ctrl and the wheel; 0 fits the phrase.
 */
public final class RoadView extends BorderPane implements StrideLight {
    private static final double ROUNDS_WITHOUT_HOME = 8;
    /** The longest cycle drawn, in whole notes; the findings describe longer ones. */
    private static final double MAX_LENGTH = 1e9;

    private static final long FINE = 1_000;
    /** The resolution, in parts of a whole note, at which a moment is matched to a bar. */
    private static final long FINE_FOR_BARS = 1_000_000;
    /** Beyond so many rounds, rows end anywhere. */
    private static final double MAX_ROUNDS_EXACT = 1_000_000;

    private final RoadSurface surface = new RoadSurface();
    private final DrawingCanvas slate = new DrawingCanvas((g, width, height) -> draw(g, height));
    /** Draws what moves during playback, over what stays and so need not be drawn with every frame. */
    private final DrawingCanvas moving = new DrawingCanvas((g, width, height) -> drawMarker(g));

    private final ScrollPane lanes = new ScrollIntoView(new StackPane(slate, moving)).filled();
    private final Viewport viewport = new Viewport(this::viewWidth, this::length, this::paint);
    private final OverviewStrip journey = new OverviewStrip(this::center);
    private final ObjectProperty<Palette> palette = new SimpleObjectProperty<>(Palette.DAY);
    private final ObjectProperty<Counting> counting = new SimpleObjectProperty<>(Counting.DEFAULT);
    private final ObjectProperty<Subdivision> subdivision = new SimpleObjectProperty<>(Subdivision.AS_WRITTEN);
    private final IntegerProperty stage = new SimpleIntegerProperty(Exercise.MAX_LAYERS);
    private CountCache counts = new CountCache(counting.get(), subdivision.get());
    private final BooleanProperty reducedMotion = new SimpleBooleanProperty();
    private final RoadMouse hand = new RoadMouse(slate, surface::groundAt, this::requestFocus);
    private final DoubleExpression lanesHeight = Bindings.createDoubleBinding(
            () -> slate.getMinHeight()
                    + OverviewStrip.HEIGHT
                    + viewport.bar().getHeight()
                    + getInsets().getTop()
                    + getInsets().getBottom(),
            slate.minHeightProperty(),
            viewport.bar().heightProperty(),
            insetsProperty());
    private AnalyzedExercise answer;
    private LayerLanes below = new LayerLanes(0, false, false);
    private NoteValue fittedLength = NoteValue.ZERO;
    private OptionalDouble heard = OptionalDouble.empty();
    private Optional<LitStride> lit = Optional.empty();
    private Optional<Timing> played = Optional.empty();
    private Optional<Exercise> playedOf = Optional.empty();

    /** Shows an empty Road until {@link #show} gives it an exercise. */
    public RoadView() {
        getStyleClass().add("road");
        lanes.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
        lanes.getStyleClass().add("road-lanes");
        setTop(new VBox(journey));
        setCenter(lanes);
        setBottom(viewport.bar());
        moving.setMouseTransparent(true);
        moving.setVisible(false);
        slate.widthProperty().addListener(change -> refit());
        slate.heightProperty().addListener(change -> refit());
        palette.addListener(change -> paint());
        reducedMotion.addListener(change -> paint());
        stage.addListener(change -> paint());
        counting.addListener(change -> recount());
        subdivision.addListener(change -> recount());
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        addEventFilter(ScrollEvent.SCROLL, this::scroll);
        setOnKeyPressed(this::press);
        setOnMousePressed(event -> requestFocus());
    }

    /** Sets what regroups by hand: dragging the foot between two strides, or a double click on a unit. */
    public void setRegrouping(RegroupAction regrouping) {
        hand.setRegrouping(regrouping);
    }

    /** Sets what a click on a count does; empty for nothing. */
    public void setPlacing(CountClickAction placing) {
        hand.setPlacing(placing);
    }

    /** Shows a timing under the counts; empty for none. */
    public void setPlayed(Timing timing) {
        played = Optional.of(timing);
        layOutPlayed();
    }

    /** Shows no hits any longer. */
    public void clearPlayed() {
        played = Optional.empty();
        layOutPlayed();
    }

    private void layOutPlayed() {
        playedOf = Optional.ofNullable(answer).map(AnalyzedExercise::exercise);
        if (answer != null) {
            makeRoom();
            refit();
        }
    }

    /** Makes room for everything below the ground line. */
    private void makeRoom() {
        below = LayerLanes.of(answer.exercise(), played.isPresent());
        slate.setMinHeight(RoadLayout.heightFor(below));
    }

    private void recount() {
        counts = new CountCache(counting.get(), subdivision.get());
        paint();
    }

    /** Returns what is drawn now; empty while nothing is. */
    private Optional<RoadSurface.Content> content() {
        return Optional.ofNullable(answer)
                .filter(shown -> slate.getWidth() > RoadLayout.GUTTER)
                .map(shown -> new RoadSurface.Content(
                        shown.analysis(), viewport.rows(), counts, stage.get(), below, palette.get(), played, lit));
    }

    /** The colors. */
    public ObjectProperty<Palette> paletteProperty() {
        return palette;
    }

    /** How many layers are shown and heard, from the first on, while an exercise is built up. */
    public IntegerProperty stageProperty() {
        return stage;
    }

    /** How finely the Road is counted. */
    public ObjectProperty<Subdivision> subdivisionProperty() {
        return subdivision;
    }

    /** The counting system of the Road. */
    public ObjectProperty<Counting> countingSystemProperty() {
        return counting;
    }

    /** The minimum height at which all lanes are visible, in pixels. */
    public DoubleExpression lanesHeightProperty() {
        return lanesHeight;
    }

    /** Whether a moving line replaces the hopping marker. */
    public BooleanProperty reducedMotionProperty() {
        return reducedMotion;
    }

    /** Shows an exercise; when the length of its phrase is new, fits the phrase. */
    public void show(AnalyzedExercise newAnswer) {
        answer = newAnswer;
        if (!playedOf.map(this::isSameMusic).orElse(true)) {
            played = Optional.empty();
        }
        journey.show(answer.analysis(), length());
        makeRoom();
        setAccessibleText(describe());
        refit();
    }

    private boolean isSameMusic(Exercise other) {
        return other.phrase().equals(answer.exercise().phrase())
                && other.layers().equals(answer.exercise().layers());
    }

    private String describe() {
        String layers =
                answer.analysis().layers().stream().map(Analysis.OfLayer::name).collect(Collectors.joining(", "));
        String lands = answer.findings().stream()
                .filter(finding -> !finding.isBehindMore())
                .map(finding -> finding.sentence())
                .collect(Collectors.joining(" "));
        return "The Road. For the same bars as text, open Cross, then Bar by bar. "
                + (layers.isEmpty() ? "No layers. " : "Layers: " + layers + ". ") + lands;
    }

    private void refit() {
        if (answer == null || slate.getWidth() <= RoadLayout.GUTTER) {
            return;
        }
        NoteValue length = answer.exercise().phrase().length();
        boolean otherRows = viewport.makeRows(mostRows(), this::startOfBarAt);
        if (!length.equals(fittedLength) || (otherRows && viewport.isFitted())) {
            fitPhrase();
        }
        paint();
    }

    /** Returns how many rows there is room for. */
    private int mostRows() {
        return (int) Math.max(1, Math.floor(slate.getHeight() / RoadLayout.rowHeightFor(below)));
    }

    private double startOfBarAt(double moment) {
        Phrase phrase = answer.exercise().phrase();
        double rounds = Math.floor(moment / phrase.length().toDouble());
        if (rounds > MAX_ROUNDS_EXACT) {
            return moment;
        }
        NoteValue at = NoteValue.of((long) Math.floor(moment * FINE_FOR_BARS), FINE_FOR_BARS);
        return phrase.startOf(phrase.barAt(at)).toDouble();
    }

    /** Zooms so that the phrase fits, but keeps its eighths readable. */
    public void fitPhrase() {
        fittedLength = answer.exercise().phrase().length();
        viewport.fit(fittedLength.toDouble());
    }

    private double viewWidth() {
        return Math.max(1, slate.getWidth() - RoadLayout.GUTTER);
    }

    /** Returns the length shown: up to the realignment, or some rounds if it never comes or is too far. */
    private double length() {
        double round = answer.exercise().phrase().length().toDouble();
        return answer.analysis()
                .together()
                .result()
                .map(together -> together.length().toDouble())
                .filter(length -> length <= MAX_LENGTH)
                .orElse(round * ROUNDS_WITHOUT_HOME);
    }

    @Override
    public void light(LitStride stride) {
        lit = Optional.of(stride);
        bringIntoView(stride.start());
        paint();
    }

    @Override
    public void unlight() {
        lit = Optional.empty();
        paint();
    }

    /** Returns the number of the bar that is being written; else of the first bar in view; from 0. */
    public long numberOfBarHere() {
        return answer == null ? 0 : answer.exercise().phrase().barAt(barHere());
    }

    /** Returns the start of the bar that is being written; else that of the first bar in view. */
    public NoteValue barHere() {
        if (answer == null || lit.isEmpty()) {
            return firstBarInView();
        }
        Phrase phrase = answer.exercise().phrase();
        return phrase.startOf(phrase.barAt(lit.get().start()));
    }

    /** Returns the start of the first bar that is wholly in view; else of the bar at the left edge. */
    public NoteValue firstBarInView() {
        if (answer == null) {
            return NoteValue.ZERO;
        }
        VisibleRange now = viewport.stretch();
        Phrase phrase = answer.exercise().phrase();
        long bar = phrase.barAt(NoteValue.of((long) Math.floor(now.start() * FINE), FINE));
        boolean cutOff = phrase.startOf(bar).toDouble() < now.start() - 0.02 * (now.end() - now.start());
        boolean nextIsSeen = phrase.startOf(bar + 1).toDouble() < now.end();
        return phrase.startOf(cutOff && nextIsSeen ? bar + 1 : bar);
    }

    /** Brings a moment into view, by a page, unless it is in view. */
    public void bringIntoView(NoteValue moment) {
        if (answer != null) {
            viewport.bringIntoView(moment.toDouble());
        }
    }

    private void center(double moment) {
        if (answer != null) {
            viewport.center(moment);
        }
    }

    /** Shows the marker at the moment heard, or hides it. */
    public void follow(Playhead playhead) {
        if (!playhead.isShown() && heard.isEmpty()) {
            return;
        }
        heard = answer == null
                ? OptionalDouble.empty()
                : playhead.wrappedAt(length()).moment();
        heard.ifPresent(viewport::bringIntoView);
        moving.setVisible(heard.isPresent());
        moving.redraw();
    }

    /** Returns where a moment, in whole notes, stands on the screen, on the ground line. */
    public Point2D screenPlace(double moment) {
        return slate.localToScreen(surface.place(moment));
    }

    /** Returns how many rows the Road is drawn in. */
    public int rows() {
        return surface.rows();
    }

    /** Returns the moment of the marker, in whole notes; empty while nothing plays. */
    public OptionalDouble heard() {
        return heard;
    }

    /** Zooms in around the center. */
    public void zoomIn() {
        viewport.zoomIn();
    }

    /** Zooms out around the center. */
    public void zoomOut() {
        viewport.zoomOut();
    }

    private void scroll(ScrollEvent event) {
        if (answer == null) {
            return;
        }
        if (event.isControlDown()) {
            viewport.zoom(event.getDeltaY() > 0 ? 1.15 : 1 / 1.15, Math.max(0, event.getX() - RoadLayout.GUTTER));
        } else {
            viewport.move(-event.getDeltaY() - event.getDeltaX());
        }
        event.consume();
    }

    private void press(KeyEvent event) {
        if (answer == null) {
            return;
        }
        if (event.getCode() == KeyCode.DIGIT0 || event.getCode() == KeyCode.NUMPAD0) {
            fitPhrase();
            event.consume();
        } else if (viewport.press(event.getCode())) {
            event.consume();
        }
    }

    private void paint() {
        if (answer == null || slate.getWidth() <= RoadLayout.GUTTER) {
            return;
        }
        viewport.measure();
        journey.show(viewport.stretch(), palette.get());
        slate.redraw();
    }

    private void draw(GraphicsContext g, double height) {
        content().ifPresent(content -> {
            surface.draw(g, content, height);
            moving.redraw();
        });
    }

    private void drawMarker(GraphicsContext g) {
        heard.ifPresent(moment -> surface.drawMarker(g, moment, reducedMotion.get()));
    }
}
