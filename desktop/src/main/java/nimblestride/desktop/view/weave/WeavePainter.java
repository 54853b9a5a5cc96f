package nimblestride.desktop.view.weave;

import java.util.Locale;
import java.util.Map;
import java.util.TreeMap;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.TextAlignment;
import nimblestride.desktop.ui.look.MarkBatch;
import nimblestride.desktop.ui.look.MarkShape;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.ui.look.Typefaces;
import nimblestride.desktop.view.weave.WeavePicture.Mark;
import nimblestride.desktop.view.weave.WeavePicture.Row;

/** Paints rows of the Weave. */
final class WeavePainter {
    private static final double SMALL = 12;

    private final GraphicsContext g;
    private final Palette palette;
    private final WeavePicture picture;
    private final WeaveLayout loom;
    private final int layers;

    WeavePainter(GraphicsContext g, Palette palette, WeavePicture picture, WeaveLayout loom, int layers) {
        this.g = g;
        this.palette = palette;
        this.picture = picture;
        this.loom = loom;
        this.layers = layers;
    }

    /**
     * @param inHand the layer that is drawn strongest; -1 for none
     * @param chosen the place that is told, if any
     */
    void paint(int inHand, WeaveHit chosen) {
        for (int row = 0; row < picture.rows().size(); row++) {
            paintGround(row, picture.rows().get(row));
        }
        for (WeavePicture.Strand thread : picture.strands()) {
            paintThread(thread, thread.layer() == inHand);
        }
        for (int row = 0; row < picture.rows().size(); row++) {
            paintMarks(row, picture.rows().get(row), layers > 2 ? inHand : -1);
        }
        if (chosen != null) {
            paintChosen(chosen);
        }
    }

    private void paintGround(int index, Row row) {
        double top = loom.top(index);
        double base = top + loom.pitch() - 1;
        double end = loom.x(row.length());
        if (row.home()) {
            g.setFill(palette.landingGround());
            g.fillRect(0, top, loom.width(), loom.pitch());
        }
        g.setStroke(palette.line());
        g.setLineWidth(row.phraseStart() ? 2 : 1);
        if (row.phraseStart() && row.bar() > 0) {
            g.strokeLine(loom.x(0), top + 0.5, end, top + 0.5);
        }
        g.setLineWidth(1);
        g.strokeLine(loom.x(0), base, end, base);
        for (double group : row.groups()) {
            g.strokeLine(loom.x(group), base - 4, loom.x(group), base);
        }
        g.setStroke(palette.quiet());
        g.strokeLine(loom.x(0), top + 2, loom.x(0), base);
        g.strokeLine(end, top + 2, end, base);
        paintName(row, top);
    }

    private void paintName(Row row, double top) {
        double middle = top + loom.pitch() / 2;
        boolean lands = !row.landing().isEmpty();
        boolean bold = row.home() || row.bar() == 0;
        g.setTextBaseline(VPos.CENTER);
        g.setTextAlign(TextAlignment.RIGHT);
        g.setFont(bold ? Typefaces.bold(SMALL) : Typefaces.text(SMALL));
        g.setFill(lands ? palette.landing() : palette.quiet());
        boolean roomForEach = loom.pitch() >= 13 || row.bar() % 5 == 0;
        if (roomForEach) {
            g.fillText(String.format(Locale.ROOT, "%,d", row.bar() + 1), loom.numbers(), middle);
        }
        if (row.signature() && loom.pitch() >= 13) {
            g.setFill(palette.ink());
            g.setFont(Typefaces.text(SMALL));
            g.fillText(row.written().meter().toString(), loom.x(0) - 13, middle, loom.x(0) - loom.numbers() - 18);
        }
        if (row.home()) {
            g.setFill(palette.landing());
            g.setFont(Typefaces.bold(SMALL));
            g.setTextAlign(TextAlignment.LEFT);
            g.fillText("home", loom.x(row.length()) + 8, middle);
        }
    }

    private void paintThread(WeavePicture.Strand thread, boolean strong) {
        Color tone = palette.layer(thread.layer());
        g.setStroke(strong ? tone : tone.deriveColor(0, 1, 1, 0.45));
        g.setLineWidth(strong ? 1.8 : 1);
        boolean comesHome = thread.to() == 0;
        if (comesHome) {
            g.setStroke(palette.landing());
            g.setLineWidth(strong ? 2.4 : 1.6);
        }
        double lane = loom.lane(thread.layer(), layers);
        g.strokeLine(
                loom.x(thread.from()),
                loom.top(thread.row()) + lane,
                loom.x(thread.to()),
                loom.top(thread.row() + 1) + lane);
    }

    /** @param alone the layer beside which all others are drawn paler and smaller; -1 for none */
    private void paintMarks(int index, Row row, int alone) {
        for (int layer : row.dense()) {
            double y = loom.top(index) + loom.lane(layer, layers);
            g.setFill(palette.layer(layer).deriveColor(0, 1, 1, 0.35));
            g.fillRect(loom.x(0), y - loom.mark() / 2, loom.x(row.length()) - loom.x(0), loom.mark());
        }
        if (layers > 1 && loom.pitch() >= 13) {
            paintMeetings(index, row);
        }
        MarkBatch marks = new MarkBatch();
        for (Mark mark : row.marks()) {
            boolean pale = alone >= 0 && mark.layer() != alone;
            Color tone = mark.lands() ? palette.landing() : palette.layer(mark.layer());
            double size = loom.mark() * (mark.lands() ? 1.25 : 1) * (pale ? 0.8 : 1);
            marks.add(
                    MarkShape.of(mark.layer()),
                    loom.x(mark.x()),
                    loom.top(index) + loom.lane(mark.layer(), layers),
                    size,
                    mark.stroke(),
                    pale ? tone.deriveColor(0, 1, 1, 0.6) : tone);
        }
        marks.draw(g);
    }

    /** A line ties the marks that are struck at once. */
    private void paintMeetings(int index, Row row) {
        Map<Double, double[]> reach = new TreeMap<>();
        row.marks().stream().filter(Mark::together).forEach(mark -> {
            double lane = loom.lane(mark.layer(), layers);
            double[] both = reach.computeIfAbsent(mark.x(), at -> new double[] {lane, lane});
            both[0] = Math.min(both[0], lane);
            both[1] = Math.max(both[1], lane);
        });
        g.setStroke(palette.quiet());
        g.setLineWidth(1);
        reach.forEach((at, both) ->
                g.strokeLine(loom.x(at), loom.top(index) + both[0], loom.x(at), loom.top(index) + both[1]));
    }

    private void paintChosen(WeaveHit chosen) {
        int index = (int) (chosen.bar() - loom.first());
        if (index < 0 || index >= picture.rows().size()) {
            return;
        }
        double x = loom.x(chosen.at().toDouble());
        double y = loom.top(index) + loom.lane(chosen.layer(), layers);
        double r = loom.mark() + 4;
        g.setStroke(palette.ink());
        g.setLineWidth(1.6);
        g.strokeOval(x - r, y - r, 2 * r, 2 * r);
    }

    /** A line through the moment that is heard. */
    void marker(long bar, double within) {
        int index = (int) (bar - loom.first());
        if (index >= 0 && index < picture.rows().size()) {
            g.setStroke(palette.landing());
            g.setLineWidth(2);
            double x = loom.x(within);
            g.strokeLine(x, loom.top(index) + 1, x, loom.top(index) + loom.pitch() - 1);
        }
    }
}
