package nimblestride.desktop.road;

import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.Cursor;
import javafx.scene.canvas.Canvas;
import javafx.scene.input.MouseEvent;
import nimblestride.core.meter.Phrase;

/** Regroups on the ground line with the mouse: drags a stride's foot, and sets one down with a double click on a unit. */
final class Hand {
    private static final double REACH = 28;

    private final Canvas canvas;
    private final Supplier<Optional<Ground>> inView;
    private Optional<Regrouping> regrouping = Optional.empty();
    private Optional<FootDrag> held = Optional.empty();

    /**
     * The ground line as it is painted now.
     *
     * @param y how far below the top it runs
     */
    record Ground(RoadPicture picture, Stretch stretch, double y, Phrase phrase) {
        double moment(MouseEvent event) {
            return stretch.moment(event.getX() - RoadPainter.GUTTER);
        }

        boolean isNear(MouseEvent event) {
            return Math.abs(event.getY() - y) < REACH;
        }
    }

    Hand(Canvas canvas, Supplier<Optional<Ground>> inView) {
        this.canvas = canvas;
        this.inView = inView;
        canvas.setOnMouseMoved(this::point);
        canvas.setOnMousePressed(this::takeHold);
        canvas.setOnMouseDragged(this::drag);
        canvas.setOnMouseReleased(event -> letGo());
    }

    void setRegrouping(Regrouping newRegrouping) {
        regrouping = Optional.of(newRegrouping);
    }

    private Optional<FootDrag> footAt(MouseEvent event) {
        return inView.get()
                .filter(ground -> ground.isNear(event))
                .flatMap(ground ->
                        FootDrag.at(event.getX() - RoadPainter.GUTTER, ground.picture, ground.stretch, ground.phrase));
    }

    private void point(MouseEvent event) {
        canvas.setCursor(footAt(event).isPresent() ? Cursor.H_RESIZE : Cursor.DEFAULT);
    }

    private void takeHold(MouseEvent event) {
        held = footAt(event);
        if (held.isEmpty() && event.getClickCount() == 2) {
            inView.get()
                    .filter(ground -> ground.isNear(event))
                    .ifPresent(ground -> setFoot(ground, ground.moment(event)));
        }
    }

    private void setFoot(Ground ground, double moment) {
        ground.picture.strides().stream()
                .filter(stride -> stride.from() <= moment && moment < stride.to())
                .findFirst()
                .ifPresent(
                        stride -> FootDrag.split(stride, moment, ground.phrase).ifPresent(grouping -> {
                            int bar = (int) (stride.bar() % ground.phrase.bars().size());
                            regrouping.ifPresent(listener -> {
                                listener.regroup(bar, grouping);
                                listener.done();
                            });
                        }));
    }

    private void drag(MouseEvent event) {
        held.ifPresent(foot -> inView.get()
                .ifPresent(ground -> regrouping.ifPresent(
                        listener -> listener.regroup(foot.bar(), foot.movedTo(ground.moment(event))))));
    }

    private void letGo() {
        if (held.isPresent()) {
            held = Optional.empty();
            regrouping.ifPresent(Regrouping::done);
        }
    }
}
