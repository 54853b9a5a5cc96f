package nimblestride.desktop.view.road;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Point2D;
import javafx.scene.canvas.GraphicsContext;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.practice.timing.Timing;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.ui.look.TextWidths;
import nimblestride.desktop.ui.page.LitStride;

/** Draws the Road in rows, one below the other, and knows what stands where. */
final class RoadSurface {
    private final TextWidths widths = new TextWidths();
    /** The rows as drawn last, from the top. */
    private List<DrawnRow> drawn = List.of();

    /**
     * What to draw.
     *
     * @param stage how many layers are shown, from the first on
     * @param played the timing shown below the counts; empty for none
     * @param lit the stride being written; empty for none
     */
    record Content(
            Analysis analysis,
            RoadRows rows,
            CountCache counts,
            int stage,
            LayerLanes lanes,
            Palette palette,
            Optional<Timing> played,
            Optional<LitStride> lit) {}

    /**
     * A row.
     *
     * @param top its distance below the top, in pixels
     * @param ground height of its ground line, below its own top
     */
    private record DrawnRow(
            Content content, VisibleRange range, RoadPicture picture, double top, double height, double ground) {}

    void draw(GraphicsContext g, Content content, double height) {
        List<VisibleRange> ranges = content.rows.ranges();
        double rowHeight = height / ranges.size();
        List<DrawnRow> rows = new ArrayList<>();
        for (VisibleRange range : ranges) {
            rows.add(draw(g, content, range, rows.size() * rowHeight, rowHeight));
        }
        drawn = List.copyOf(rows);
    }

    private DrawnRow draw(GraphicsContext g, Content content, VisibleRange range, double top, double height) {
        RoadPicture picture = RoadPicture.of(content.analysis, range, content.counts, content.stage);
        RoadPainter painter = new RoadPainter(g, content.palette, picture, range, content.lanes, height);
        g.save();
        g.translate(0, top);
        content.lit.ifPresent(painter::light);
        painter.paint(widths);
        content.played.ifPresent(timing -> new TimingMarksPainter(g, content.palette, range, painter.ground())
                .paint(
                        timing.bySpot(),
                        content.analysis.exercise().phrase().length().toDouble()));
        g.restore();
        return new DrawnRow(content, range, picture, top, height, painter.ground());
    }

    /** Draws the marker of playback, in the row where it is. */
    void drawMarker(GraphicsContext g, double moment, boolean reducedMotion) {
        if (drawn.isEmpty()) {
            return;
        }
        DrawnRow row = rowAt(moment);
        g.save();
        g.translate(0, row.top);
        new RoadPainter(g, row.content.palette, row.picture, row.range, row.content.lanes, row.height)
                .marker(moment, reducedMotion);
        g.restore();
    }

    private DrawnRow rowAt(double moment) {
        return drawn.get(drawn.get(0).content.rows.rowOf(moment));
    }

    /** Returns how many rows are drawn. */
    int rows() {
        return drawn.size();
    }

    /** Returns where a moment stands on the ground line, in pixels. */
    Point2D place(double moment) {
        DrawnRow row = rowAt(moment);
        return new Point2D(RoadLayout.GUTTER + row.range.x(moment), row.top + row.ground);
    }

    /** Returns the ground of the row at a distance below the top; empty while nothing is drawn. */
    Optional<RoadMouse.Ground> groundAt(double y) {
        if (drawn.isEmpty()) {
            return Optional.empty();
        }
        int number = (int) Math.floor(y / drawn.get(0).height);
        DrawnRow row = drawn.get(Math.max(0, Math.min(drawn.size() - 1, number)));
        return Optional.of(new RoadMouse.Ground(
                row.picture,
                row.range,
                row.top + row.ground,
                row.content.analysis.exercise().phrase()));
    }
}
