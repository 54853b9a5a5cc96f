package nimblestride.desktop.ui.look;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.stroke.Stroke;

/** Draws marks together: many filled as one path take less time than each on its own, where software does it. */
public final class MarkBatch {
    private record Look(MarkShape shape, Color color, boolean hollow) {
        boolean is(MarkShape otherShape, Color otherColor, boolean otherHollow) {
            return shape == otherShape && hollow == otherHollow && color.equals(otherColor);
        }
    }

    private record Place(double x, double y, double size) {}

    private final Map<Look, List<Place>> places = new LinkedHashMap<>();
    /** The look of the last mark, which most often is that of the next. */
    private Look last;

    private List<Place> alike = List.of();

    /** Adds a mark at a place: an accent is larger, a ghost note small and hollow. */
    public MarkBatch add(MarkShape shape, double x, double y, double radius, Stroke stroke, Color color) {
        double size =
                switch (stroke.level()) {
                    case GHOST -> radius * 0.7;
                    case SOFT -> radius * 0.85;
                    case NORMAL -> radius;
                    case ACCENT -> radius * 1.35;
                    case STRONG -> radius * 1.5;
                };
        boolean hollow = stroke.level() == Dynamic.GHOST;
        if (last == null || !last.is(shape, color, hollow)) {
            last = new Look(shape, color, hollow);
            alike = places.computeIfAbsent(last, look -> new ArrayList<>());
        }
        alike.add(new Place(x, y, size));
        return this;
    }

    /** Draws all marks. */
    public void draw(GraphicsContext g) {
        places.forEach((look, all) -> {
            g.beginPath();
            all.forEach(place -> look.shape().trace(g, place.x(), place.y(), place.size()));
            if (look.hollow()) {
                g.setStroke(look.color());
                g.setLineWidth(1.4);
                g.stroke();
            } else {
                g.setFill(look.color());
                g.fill();
            }
        });
    }
}
