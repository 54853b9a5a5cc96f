package nimblestride.desktop.view.road;

import java.util.Comparator;
import java.util.Optional;
import java.util.function.DoubleFunction;
import javafx.scene.Cursor;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;
import nimblestride.core.time.meter.Phrase;

/**
 * Handles the mouse on the Road: drags a stride's foot along the ground, sets one down with a double click on a unit,
 * and places a voice with a click on a count.
 */
final class RoadMouse {
    private static final double REACH = 28;

    /** How far below the ground line the counts begin. */
    private static final double COUNTS_FROM = 9;

    private static final double COUNT_REACH = 14;

    private final Region surface;
    private final DoubleFunction<Optional<Ground>> inView;
    private final Runnable focus;
    private Optional<RegroupAction> regrouping = Optional.empty();
    private CountClickAction placing = CountClickAction.NONE;
    private Optional<StrideDrag> held = Optional.empty();

    /**
     * The ground line as painted now.
     *
     * @param y distance below the top, in pixels
     */
    record Ground(RoadPicture picture, VisibleRange stretch, double y, Phrase phrase) {
        double moment(MouseEvent event) {
            return stretch.moment(event.getX() - RoadLayout.GUTTER);
        }

        boolean isNear(MouseEvent event) {
            return Math.abs(event.getY() - y) < REACH;
        }

        /** Returns the count under the mouse. */
        Optional<RoadPicture.Tick> countAt(MouseEvent event) {
            double below = event.getY() - y;
            if (below < COUNTS_FROM || below > REACH) {
                return Optional.empty();
            }
            double x = event.getX() - RoadLayout.GUTTER;
            return picture.ticks().stream()
                    .min(Comparator.comparingDouble(tick -> Math.abs(stretch.x(tick.at()) - x)))
                    .filter(tick -> Math.abs(stretch.x(tick.at()) - x) <= COUNT_REACH);
        }
    }

    /**
     * @param inView returns the ground of the row at a distance below the top, in pixels
     * @param focus moves the focus to the Road after a click
     */
    RoadMouse(Region surface, DoubleFunction<Optional<Ground>> inView, Runnable focus) {
        this.surface = surface;
        this.focus = focus;
        this.inView = inView;
        surface.setOnMouseMoved(this::point);
        surface.setOnMousePressed(this::takeHold);
        surface.setOnMouseDragged(this::drag);
        surface.setOnMouseReleased(event -> letGo());
    }

    void setRegrouping(RegroupAction newRegrouping) {
        regrouping = Optional.of(newRegrouping);
    }

    /** Sets what a click on a count does. */
    void setPlacing(CountClickAction newPlacing) {
        placing = newPlacing;
    }

    private Optional<Ground> groundAt(MouseEvent event) {
        return inView.apply(event.getY());
    }

    private Optional<RoadPicture.Tick> countAt(MouseEvent event) {
        return placing.equals(CountClickAction.NONE)
                ? Optional.empty()
                : groundAt(event).flatMap(ground -> ground.countAt(event));
    }

    private Optional<StrideDrag> footAt(MouseEvent event) {
        return groundAt(event)
                .filter(ground -> ground.isNear(event))
                .flatMap(ground ->
                        StrideDrag.at(event.getX() - RoadLayout.GUTTER, ground.picture, ground.stretch, ground.phrase));
    }

    private void point(MouseEvent event) {
        surface.setCursor(
                countAt(event).isPresent()
                        ? Cursor.HAND
                        : footAt(event).isPresent() ? Cursor.H_RESIZE : Cursor.DEFAULT);
    }

    private void takeHold(MouseEvent event) {
        Optional<RoadPicture.Tick> count = countAt(event);
        if (count.isPresent()) {
            int bars = groundAt(event).orElseThrow().phrase.bars().size();
            int bar = (int) (count.get().bar() % bars);
            placing.place(bar, count.get().position());
            // The focus stays with the note that can be moved, not with the Road.
            event.consume();
            return;
        }
        // The scroll pane keeps clicks from the Road, so the Road takes the focus itself.
        focus.run();
        held = footAt(event);
        if (held.isEmpty() && event.getClickCount() == 2) {
            groundAt(event)
                    .filter(ground -> ground.isNear(event))
                    .ifPresent(ground -> setFoot(ground, ground.moment(event)));
        }
    }

    private void setFoot(Ground ground, double moment) {
        ground.picture.strides().stream()
                .filter(stride -> stride.from() <= moment && moment < stride.to())
                .findFirst()
                .ifPresent(stride -> StrideDrag.split(stride, moment, ground.phrase)
                        .ifPresent(grouping -> {
                            int bar = (int) (stride.bar() % ground.phrase.bars().size());
                            regrouping.ifPresent(listener -> {
                                listener.regroup(bar, grouping);
                                listener.done();
                            });
                        }));
    }

    private void drag(MouseEvent event) {
        held.ifPresent(drag -> groundAt(event)
                .ifPresent(ground -> regrouping.ifPresent(
                        listener -> listener.regroup(drag.bar(), drag.movedTo(ground.moment(event))))));
    }

    private void letGo() {
        if (held.isPresent()) {
            held = Optional.empty();
            regrouping.ifPresent(RegroupAction::done);
        }
    }
}
