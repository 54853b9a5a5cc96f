package nimblestride.desktop.view.recording;

import java.util.Optional;
import javafx.scene.Cursor;
import javafx.scene.input.MouseButton;
import javafx.scene.input.MouseEvent;
import nimblestride.core.transcription.recording.HeardHit;
import nimblestride.sound.render.Loop;

/**
 * Handles the mouse on the strip: a drag over the loudness loops bars, one in the lanes moves a hit, one on a bar line moves
 * the line. A double click in the lanes adds a hit, or removes the one that is there.
 */
final class StripMouse {
    private static final double REACH = 7;

    private final RecordingStrip strip;
    private final StripActions actions;
    private Held held = Held.NOTHING;
    private double pressedAt;
    private double heldHit;
    private long heldBar;

    /** What is dragged. */
    private enum Held {
        NOTHING,
        OVERVIEW,
        HIT,
        BAR_LINE,
        BARS
    }

    StripMouse(RecordingStrip strip, StripActions actions) {
        this.strip = strip;
        this.actions = actions;
    }

    void listen() {
        strip.setOnMouseMoved(
                event -> strip.setCursor(barLineAt(event).isPresent() ? Cursor.H_RESIZE : Cursor.DEFAULT));
        strip.setOnMousePressed(this::press);
        strip.setOnMouseDragged(this::drag);
        strip.setOnMouseReleased(this::release);
    }

    private static boolean isInLanes(MouseEvent event) {
        double top = StripPainter.OVERVIEW + StripPainter.NUMBERS;
        return event.getY() >= top && event.getY() < top + StripPainter.LANES;
    }

    private double seconds(double x) {
        return strip.content()
                .map(one -> one.beats().secondsAt(strip.view().wholes(x)))
                .orElse(0.0);
    }

    /** Returns the bar whose line is at the mouse, above the lanes. */
    private Optional<Long> barLineAt(MouseEvent event) {
        boolean above =
                event.getY() >= StripPainter.OVERVIEW && event.getY() < StripPainter.OVERVIEW + StripPainter.NUMBERS;
        return strip.content().filter(one -> above).flatMap(one -> {
            StripScale view = strip.view();
            long bar = one.barAt(Math.max(0, view.wholes(event.getX() + REACH)));
            return Math.abs(view.x(one.startOf(bar)) - event.getX()) <= REACH ? Optional.of(bar) : Optional.empty();
        });
    }

    private Optional<HeardHit> hitAt(MouseEvent event) {
        double near = Math.abs(seconds(event.getX() + REACH) - seconds(event.getX()));
        return strip.content().flatMap(one -> one.nearest(seconds(event.getX()), near));
    }

    private void press(MouseEvent event) {
        strip.requestFocus();
        pressedAt = event.getX();
        held = Held.NOTHING;
        if (event.getButton() != MouseButton.PRIMARY || strip.content().isEmpty()) {
            return;
        }
        Optional<Long> line = barLineAt(event);
        if (event.getY() < StripPainter.OVERVIEW) {
            held = Held.OVERVIEW;
            strip.centerAt(event.getX());
        } else if (line.isPresent()) {
            held = Held.BAR_LINE;
            heldBar = line.get();
        } else if (isInLanes(event)) {
            pressLane(event);
        } else {
            held = Held.BARS;
        }
    }

    private void pressLane(MouseEvent event) {
        Optional<HeardHit> hit = hitAt(event);
        if (event.getClickCount() == 2) {
            hit.ifPresentOrElse(there -> actions.remove(there.at()), () -> actions.add(seconds(event.getX())));
            return;
        }
        strip.selectNone();
        hit.ifPresent(there -> {
            strip.select(there.at());
            held = Held.HIT;
            heldHit = there.at();
        });
    }

    private void drag(MouseEvent event) {
        if (held == Held.OVERVIEW) {
            strip.centerAt(event.getX());
        } else if (held == Held.BARS && Math.abs(event.getX() - pressedAt) > REACH) {
            bars(event.getX()).ifPresent(actions::loop);
        }
    }

    private Optional<Loop> bars(double x) {
        StripScale view = strip.view();
        return strip.content().map(one -> {
            long from = one.barAt(Math.max(0, view.wholes(Math.min(x, pressedAt))));
            long to = one.barAt(Math.max(0, view.wholes(Math.max(x, pressedAt)))) + 1;
            int last = Math.max(1, one.bars());
            return new Loop((int) Math.min(from, last - 1L), (int) Math.min(to, last));
        });
    }

    private void release(MouseEvent event) {
        boolean moved = Math.abs(event.getX() - pressedAt) > 1;
        Held now = held;
        held = Held.NOTHING;
        if (now == Held.HIT && moved) {
            double to = Math.max(0, seconds(event.getX()));
            actions.move(heldHit, to);
            strip.select(to);
        } else if (now == Held.BAR_LINE && moved) {
            strip.content().ifPresent(one -> actions.putBar(one.phrase().startOf(heldBar), seconds(event.getX())));
        } else if (now == Held.BARS && Math.abs(event.getX() - pressedAt) <= REACH) {
            strip.content()
                    .ifPresent(one -> actions.playFrom(one.barAt(strip.view().wholes(event.getX()))));
        }
    }
}
