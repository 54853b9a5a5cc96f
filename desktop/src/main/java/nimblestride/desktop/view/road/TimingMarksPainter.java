package nimblestride.desktop.view.road;

import java.util.Map;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.TextAlignment;
import nimblestride.core.practice.timing.ExpectedHit;
import nimblestride.core.practice.timing.TimingSpread;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.ui.look.Typefaces;

/**
 * Paints a timing under the Road's counts: a mark at each place, which leans left if early and right if late, on a
 * line as wide as its spread.
 */
record TimingMarksPainter(GraphicsContext g, Palette palette, VisibleRange stretch, double ground) {
    /** From the ground line to the marks, in pixels. */
    static final double BELOW = 36;

    /** How far a mark reaches above and below, in pixels. */
    static final double HALF = 7;

    private static final double PIXELS_PER_MILLISECOND = 0.4;
    private static final double MAX_LEAN = 24;

    /**
     * Paints the marks.
     *
     * @param phrase the length of a round, in whole notes
     */
    void paint(Map<ExpectedHit.Spot, TimingSpread> played, double phrase) {
        double y = ground + BELOW;
        g.setFont(Typefaces.text(12));
        g.setFill(palette.quiet());
        g.setTextAlign(TextAlignment.LEFT);
        g.setTextBaseline(VPos.CENTER);
        g.fillText("played", 27, y);
        g.save();
        g.beginPath();
        g.rect(RoadLayout.GUTTER - RoadLayout.EDGE, 0, stretch.width() + RoadLayout.EDGE, y + BELOW);
        g.clip();
        for (long round = (long) Math.floor(stretch.start() / phrase); round * phrase <= stretch.end(); round++) {
            for (Map.Entry<ExpectedHit.Spot, TimingSpread> one : played.entrySet()) {
                double moment = round * phrase + one.getKey().at().toDouble();
                leaning(RoadLayout.GUTTER + stretch.x(moment), y, one.getValue());
            }
        }
        g.restore();
    }

    private void leaning(double x, double y, TimingSpread spread) {
        double lean = Math.max(-MAX_LEAN, Math.min(MAX_LEAN, spread.mean() * PIXELS_PER_MILLISECOND));
        double half = Math.min(MAX_LEAN, spread.deviation() * PIXELS_PER_MILLISECOND);
        g.setStroke(palette.quiet());
        g.setLineWidth(1);
        g.strokeLine(x, y - HALF, x, y + HALF);
        g.setStroke(palette.ink());
        g.setLineWidth(2);
        g.strokeLine(x + lean - half, y, x + lean + half, y);
        g.setFill(palette.ink());
        g.fillPolygon(new double[] {x, x + lean, x}, new double[] {y - 6, y, y + 6}, 3);
    }
}
