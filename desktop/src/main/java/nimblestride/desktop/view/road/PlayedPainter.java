package nimblestride.desktop.view.road;

import java.util.Map;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.TextAlignment;
import nimblestride.core.practice.timing.Expected;
import nimblestride.core.practice.timing.Spread;
import nimblestride.desktop.ui.look.Face;
import nimblestride.desktop.ui.look.Palette;

/**
 * Paints what somebody played under the counts of the Road: a mark at each place that leans to the left where it came early and
 * to the right where it came late, on a line as wide as it scattered.
 */
record PlayedPainter(GraphicsContext g, Palette palette, Stretch stretch, double ground) {
    /** From the ground line to what was played. */
    static final double BELOW = 36;

    /** How far a mark reaches above and below it. */
    static final double HALF = 7;

    private static final double PIXELS_A_MILLISECOND = 0.4;
    private static final double FARTHEST_LEAN = 24;

    /** @param phrase how long a round is, in whole notes */
    void paint(Map<Expected.Spot, Spread> played, double phrase) {
        double y = ground + BELOW;
        g.setFont(Face.text(12));
        g.setFill(palette.quiet());
        g.setTextAlign(TextAlignment.LEFT);
        g.setTextBaseline(VPos.CENTER);
        g.fillText("played", 27, y);
        g.save();
        g.beginPath();
        g.rect(Contour.GUTTER - Contour.EDGE, 0, stretch.width() + Contour.EDGE, y + BELOW);
        g.clip();
        for (long round = (long) Math.floor(stretch.start() / phrase); round * phrase <= stretch.end(); round++) {
            for (Map.Entry<Expected.Spot, Spread> one : played.entrySet()) {
                double moment = round * phrase + one.getKey().at().toDouble();
                leaning(Contour.GUTTER + stretch.x(moment), y, one.getValue());
            }
        }
        g.restore();
    }

    private void leaning(double x, double y, Spread spread) {
        double lean = Math.max(-FARTHEST_LEAN, Math.min(FARTHEST_LEAN, spread.mean() * PIXELS_A_MILLISECOND));
        double half = Math.min(FARTHEST_LEAN, spread.deviation() * PIXELS_A_MILLISECOND);
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
