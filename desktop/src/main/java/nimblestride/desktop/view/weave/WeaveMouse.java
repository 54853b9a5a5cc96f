package nimblestride.desktop.view.weave;

import java.util.Comparator;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.scene.Cursor;
import javafx.scene.Node;
import javafx.scene.input.MouseEvent;
import nimblestride.core.layer.crossing.Displacement;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.time.meter.Phrase;
import nimblestride.desktop.document.exercise.AnalyzedExercise;
import nimblestride.desktop.view.weave.WeavePicture.Mark;
import nimblestride.desktop.view.weave.WeavePicture.Row;

/** Handles the mouse on the Weave: points at a mark, and drags its layer along the bar. */
final class WeaveMouse {
    /** How close to a mark the mouse must be, in pixels. */
    private static final double REACH = 9;

    private final Node slate;
    private final Supplier<Optional<Seen>> seen;
    private final DisplaceAction displacing;
    private Optional<Grip> grip = Optional.empty();

    /** What the canvas shows. */
    record Seen(AnalyzedExercise answer, WeavePicture picture, WeaveLayout layout) {
        Optional<WeaveHit> markAt(double x, double y) {
            int index = layout.row(y);
            if (index < 0 || index >= picture.rows().size()) {
                return Optional.empty();
            }
            Row row = picture.rows().get(index);
            return row.marks().stream()
                    .min(Comparator.comparingDouble(mark -> distance(mark, index, x, y)))
                    .filter(mark -> distance(mark, index, x, y) <= REACH)
                    .map(mark -> new WeaveHit(mark.layer(), row.bar(), mark.at()));
        }

        private double distance(Mark mark, int row, double x, double y) {
            int layers = answer.analysis().layers().size();
            return Math.hypot(layout.x(mark.x()) - x, layout.top(row) + layout.lane(mark.layer(), layers) - y);
        }
    }

    /** A mark that is being dragged. */
    private record Grip(int index, Layer layer, double x) {}

    private WeaveMouse(Node slate, Supplier<Optional<Seen>> seen, DisplaceAction displacing) {
        this.slate = slate;
        this.seen = seen;
        this.displacing = displacing;
    }

    /**
     * Installs the handlers.
     *
     * @param slate the canvas
     * @param pointed receives the mark under the mouse, or none
     * @param taken receives the mark whose drag begins
     */
    static void on(
            Node slate,
            Supplier<Optional<Seen>> seen,
            DisplaceAction displacing,
            Consumer<Optional<WeaveHit>> pointed,
            Consumer<WeaveHit> taken) {
        WeaveMouse pointing = new WeaveMouse(slate, seen, displacing);
        slate.setOnMouseMoved(event -> pointing.point(event, pointed));
        slate.setOnMouseExited(event -> pointing.leave(pointed));
        slate.setOnMousePressed(event -> pointing.takeHold(event, taken));
        slate.setOnMouseDragged(pointing::drag);
        slate.setOnMouseReleased(event -> pointing.letGo());
    }

    private Optional<WeaveHit> markAt(MouseEvent event) {
        return seen.get().flatMap(drawn -> drawn.markAt(event.getX(), event.getY()));
    }

    private void leave(Consumer<Optional<WeaveHit>> pointed) {
        slate.setCursor(Cursor.DEFAULT);
        pointed.accept(Optional.empty());
    }

    private void point(MouseEvent event, Consumer<Optional<WeaveHit>> pointed) {
        Optional<WeaveHit> place = markAt(event);
        slate.setCursor(place.isPresent() ? Cursor.H_RESIZE : Cursor.DEFAULT);
        pointed.accept(place);
    }

    private void takeHold(MouseEvent event, Consumer<WeaveHit> taken) {
        markAt(event).ifPresent(place -> {
            taken.accept(place);
            seen.get()
                    .map(drawn -> drawn.answer().exercise().layers().get(place.layer()))
                    .ifPresent(layer -> grip = Optional.of(new Grip(place.layer(), layer, event.getX())));
        });
    }

    private void drag(MouseEvent event) {
        grip.ifPresent(held -> seen.get().ifPresent(drawn -> {
            Phrase phrase = drawn.answer().exercise().phrase();
            double unit = Displacement.unit(held.layer, phrase).toDouble();
            long units = Math.round((event.getX() - held.x) / drawn.layout().scale() / unit);
            displacing.displace(held.index, Displacement.by(held.layer, phrase, units));
        }));
    }

    private void letGo() {
        if (grip.isPresent()) {
            grip = Optional.empty();
            displacing.done();
        }
    }
}
