package nimblestride.desktop.view.recording;

import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.StackPane;
import nimblestride.core.transcription.recording.HeardHit;
import nimblestride.desktop.playback.Playhead;
import nimblestride.desktop.ui.look.DrawingCanvas;
import nimblestride.desktop.ui.look.Palette;

/**
 * Shows a recording on the time of its bars: how loud it is, where its hits are, and which bars repeat. Bars have the
 * width they have on the Road, and the recording is warped to them.
 */
public final class RecordingStrip extends StackPane {
    /** The height it needs, in pixels. */
    public static final double HEIGHT = 176;

    private static final double BARS_IN_VIEW = 6;
    private static final double ZOOM = 1.25;
    private static final double FEWEST = 0.5;

    private final DrawingCanvas canvas = new DrawingCanvas(this::draw);
    private Optional<StripContent> content = Optional.empty();
    private OptionalDouble selected = OptionalDouble.empty();
    private OptionalDouble playhead = OptionalDouble.empty();
    private Palette palette = Palette.DAY;
    private double start;
    private double length = 1;

    /** @param actions does what the user wants */
    public RecordingStrip(StripActions actions) {
        getStyleClass().add("recording-strip");
        setId("recording-strip");
        getChildren().add(canvas);
        setMinHeight(HEIGHT);
        setPrefHeight(HEIGHT);
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        setAccessibleText("The recording");
        new StripMouse(this, actions).listen();
        new StripKeys(this, actions).listen();
        addEventHandler(ScrollEvent.SCROLL, this::scroll);
    }

    /** Shows a recording. */
    public void show(StripContent now) {
        boolean same = content.filter(
                        one -> one.recording().content().equals(now.recording().content()))
                .isPresent();
        content = Optional.of(now);
        if (!same) {
            selected = OptionalDouble.empty();
            start = now.start();
            int bars = now.phrase().bars().size();
            length = BARS_IN_VIEW * now.startOf(bars) / bars;
        }
        keepWithin();
        describe();
        canvas.redraw();
    }

    /** Shows no recording. */
    public void clear() {
        content = Optional.empty();
        selected = OptionalDouble.empty();
        describe();
        canvas.redraw();
    }

    /** Draws in other colors. */
    public void setPalette(Palette colors) {
        palette = colors;
        canvas.redraw();
    }

    /** Shows what is heard now, and brings it into view. */
    public void follow(Playhead heard) {
        OptionalDouble before = playhead;
        playhead = heard.moment();
        playhead.ifPresent(moment -> {
            if (moment < start || moment > start + length) {
                start = moment - length / 8;
                keepWithin();
            }
        });
        if (!before.equals(playhead)) {
            canvas.redraw();
        }
    }

    Optional<StripContent> content() {
        return content;
    }

    OptionalDouble selected() {
        return selected;
    }

    /** Selects a hit by its time in seconds, and brings it into view. */
    void select(double hit) {
        selected = OptionalDouble.of(hit);
        content.ifPresent(one -> {
            double moment = one.beats().wholesAt(hit);
            if (moment < start || moment > start + length) {
                start = moment - length / 2;
                keepWithin();
            }
        });
        describe();
        canvas.redraw();
    }

    void selectNone() {
        selected = OptionalDouble.empty();
        describe();
        canvas.redraw();
    }

    StripScale view() {
        return new StripScale(start, length, getWidth());
    }

    private static StripScale all(StripContent one, double width) {
        return new StripScale(one.start(), Math.max(1e-6, one.end() - one.start()), width);
    }

    /** Brings what the thin line shows at a place into the middle. */
    void centerAt(double x) {
        content.ifPresent(one -> {
            start = all(one, getWidth()).wholes(x) - length / 2;
            keepWithin();
            canvas.redraw();
        });
    }

    /** Shows fewer bars, or more. */
    void zoom(boolean closer, double x) {
        content.ifPresent(one -> {
            double fixed = view().wholes(x);
            double bar = one.startOf(1);
            double most = Math.max(bar, one.end() - one.start());
            double zoomed = Math.max(FEWEST * bar, Math.min(most, closer ? length / ZOOM : length * ZOOM));
            start = fixed - (fixed - start) * zoomed / length;
            length = zoomed;
            keepWithin();
            canvas.redraw();
        });
    }

    private void scroll(ScrollEvent event) {
        if (event.isControlDown()) {
            zoom(event.getDeltaY() > 0, event.getX());
        } else {
            double by = event.getDeltaX() == 0 ? event.getDeltaY() : event.getDeltaX();
            start -= by / Math.max(1, getWidth()) * length;
            keepWithin();
            canvas.redraw();
        }
        event.consume();
    }

    private void keepWithin() {
        content.ifPresent(
                one -> start = Math.max(one.start(), Math.min(start, Math.max(one.start(), one.end() - length))));
    }

    private void describe() {
        String hit = selected.isPresent()
                ? content.flatMap(one -> one.nearest(selected.getAsDouble(), 1e-6))
                        .map(RecordingStrip::said)
                        .orElse("")
                : "";
        setAccessibleText(content.map(one ->
                        "The recording, " + one.bars() + " bars, " + one.hits().size() + " hits. " + hit)
                .orElse("No recording"));
    }

    private static String said(HeardHit hit) {
        String where =
                switch (hit.band()) {
                    case LOW -> "low";
                    case MIDDLE -> "middle";
                    case HIGH -> "high";
                };
        return String.format(Locale.ROOT, "The %s hit at %.3f seconds is selected.", where, hit.at());
    }

    private void draw(GraphicsContext g, double width, double height) {
        content.ifPresent(one -> {
            StripPainter painter = new StripPainter(g, one, palette, width, height);
            StripScale view = view();
            painter.overview(all(one, width), view);
            painter.bars(view);
            selected.ifPresent(hit -> painter.selection(view.x(one.beats().wholesAt(hit))));
            playhead.ifPresent(moment -> painter.playhead(view.x(moment)));
        });
    }
}
