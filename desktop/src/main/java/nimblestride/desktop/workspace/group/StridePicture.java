package nimblestride.desktop.workspace.group;

import javafx.scene.layout.Region;
import javafx.scene.shape.ArcTo;
import javafx.scene.shape.Line;
import javafx.scene.shape.MoveTo;
import javafx.scene.shape.Path;
import nimblestride.core.time.meter.Grouping;

/** Draws the strides of a grouping small, as the Road does: an arc from each group's first unit to the next. */
final class StridePicture extends Region {
    /** Strides past this many are too narrow to see. */
    private static final int MAX_STRIDES = 48;

    private static final double HEIGHT = 24;
    private static final double FLATNESS = 1.5;

    private final Grouping grouping;
    private final Path arcs = new Path();
    private final Line ground = new Line();

    StridePicture(Grouping grouping) {
        this.grouping = grouping;
        arcs.getStyleClass().add("stride-arcs");
        ground.getStyleClass().add("stride-ground");
        getChildren().setAll(ground, arcs);
        setMinSize(0, HEIGHT);
        setPrefHeight(HEIGHT);
        setMaxWidth(Double.MAX_VALUE);
        setMouseTransparent(true);
    }

    @Override
    protected void layoutChildren() {
        double base = HEIGHT - 2;
        ground.setStartX(0);
        ground.setEndX(getWidth());
        ground.setStartY(base);
        ground.setEndY(base);
        arcs.getElements().clear();
        double unit = getWidth() / grouping.units();
        double from = 0;
        for (int size : grouping.sizes()
                .subList(0, Math.min(MAX_STRIDES, grouping.sizes().size()))) {
            double to = from + size * unit;
            double radius = (to - from) / 2;
            double height = Math.min(radius / FLATNESS, base - 1);
            arcs.getElements().addAll(new MoveTo(from, base), new ArcTo(radius, height, 0, to, base, false, true));
            from = to;
        }
    }
}
