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
    private final WeaveLayout layout;
    private final int layers;

    WeavePainter(GraphicsContext g, Palette palette, WeavePicture picture, WeaveLayout layout, int layers) {
        this.g = g;
        this.palette = palette;
        this.picture = picture;
        this.layout = layout;
        this.layers = layers;
    }

    /**
     * Paints everything.
     *
     * @param selected the layer drawn strongest; -1 for none
     * @param chosen the place being described, if any
     */
    void paint(int selected, WeaveHit chosen) {
        for (int row = 0; row < picture.rows().size(); row++) {
            paintGround(row, picture.rows().get(row));
        }
        for (WeavePicture.Strand thread : picture.strands()) {
            paintThread(thread, thread.layer() == selected);
        }
        for (int row = 0; row < picture.rows().size(); row++) {
            paintMarks(row, picture.rows().get(row), layers > 2 ? selected : -1);
        }
        if (chosen != null) {
            paintChosen(chosen);
        }
    }

    private void paintGround(int index, Row row) {
        double top = layout.top(index);
        double base = top + layout.pitch() - 1;
        double end = layout.x(row.length());
        if (row.home()) {
            g.setFill(palette.landingGround());
            g.fillRect(0, top, layout.width(), layout.pitch());
        }
        g.setStroke(palette.line());
        g.setLineWidth(row.phraseStart() ? 2 : 1);
        if (row.phraseStart() && row.bar() > 0) {
            g.strokeLine(layout.x(0), top + 0.5, end, top + 0.5);
        }
        g.setLineWidth(1);
        g.strokeLine(layout.x(0), base, end, base);
        for (double group : row.groups()) {
            g.strokeLine(layout.x(group), base - 4, layout.x(group), base);
        }
        g.setStroke(palette.quiet());
        g.strokeLine(layout.x(0), top + 2, layout.x(0), base);
        g.strokeLine(end, top + 2, end, base);
        paintName(row, top);
    }

    private void paintName(Row row, double top) {
        double middle = top + layout.pitch() / 2;
        boolean lands = !row.landing().isEmpty();
        boolean bold = row.home() || row.bar() == 0;
        g.setTextBaseline(VPos.CENTER);
        g.setTextAlign(TextAlignment.RIGHT);
        g.setFont(bold ? Typefaces.bold(SMALL) : Typefaces.text(SMALL));
        g.setFill(lands ? palette.landing() : palette.quiet());
        boolean roomForEach = layout.pitch() >= 13 || row.bar() % 5 == 0;
        if (roomForEach) {
            g.fillText(String.format(Locale.ROOT, "%,d", row.bar() + 1), layout.numbers(), middle);
        }
        if (row.signature() && layout.pitch() >= 13) {
            g.setFill(palette.ink());
            g.setFont(Typefaces.text(SMALL));
            g.fillText(row.written().meter().toString(), layout.x(0) - 13, middle, layout.x(0) - layout.numbers() - 18);
        }
        if (row.home()) {
            g.setFill(palette.landing());
            g.setFont(Typefaces.bold(SMALL));
            g.setTextAlign(TextAlignment.LEFT);
            g.fillText("home", layout.x(row.length()) + 8, middle);
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
        double lane = layout.lane(thread.layer(), layers);
        g.strokeLine(
                layout.x(thread.from()),
                layout.top(thread.row()) + lane,
                layout.x(thread.to()),
                layout.top(thread.row() + 1) + lane);
    }

    /**
     * Paints the marks of a row.
     *
     * @param alone the layer beside which the others are paler and smaller; -1 for none
     */
    private void paintMarks(int index, Row row, int alone) {
        for (int layer : row.dense()) {
            double y = layout.top(index) + layout.lane(layer, layers);
            g.setFill(palette.layer(layer).deriveColor(0, 1, 1, 0.35));
            g.fillRect(layout.x(0), y - layout.mark() / 2, layout.x(row.length()) - layout.x(0), layout.mark());
        }
        if (layers > 1 && layout.pitch() >= 13) {
            paintMeetings(index, row);
        }
        MarkBatch marks = new MarkBatch();
        for (Mark mark : row.marks()) {
            boolean pale = alone >= 0 && mark.layer() != alone;
            Color tone = mark.lands() ? palette.landing() : palette.layer(mark.layer());
            double size = layout.mark() * (mark.lands() ? 1.25 : 1) * (pale ? 0.8 : 1);
            marks.add(
                    MarkShape.of(mark.layer()),
                    layout.x(mark.x()),
                    layout.top(index) + layout.lane(mark.layer(), layers),
                    size,
                    mark.stroke(),
                    pale ? tone.deriveColor(0, 1, 1, 0.6) : tone);
        }
        marks.draw(g);
    }

    /** Connects marks that sound together with a line. */
    private void paintMeetings(int index, Row row) {
        Map<Double, double[]> reach = new TreeMap<>();
        row.marks().stream().filter(Mark::together).forEach(mark -> {
            double lane = layout.lane(mark.layer(), layers);
            double[] both = reach.computeIfAbsent(mark.x(), at -> new double[] {lane, lane});
            both[0] = Math.min(both[0], lane);
            both[1] = Math.max(both[1], lane);
        });
        g.setStroke(palette.quiet());
        g.setLineWidth(1);
        reach.forEach((at, both) ->
                g.strokeLine(layout.x(at), layout.top(index) + both[0], layout.x(at), layout.top(index) + both[1]));
    }

    private void paintChosen(WeaveHit chosen) {
        int index = (int) (chosen.bar() - layout.first());
        if (index < 0 || index >= picture.rows().size()) {
            return;
        }
        double x = layout.x(chosen.at().toDouble());
        double y = layout.top(index) + layout.lane(chosen.layer(), layers);
        double r = layout.mark() + 4;
        g.setStroke(palette.ink());
        g.setLineWidth(1.6);
        g.strokeOval(x - r, y - r, 2 * r, 2 * r);
    }

    /** Paints a line through the moment heard. */
    void marker(long bar, double within) {
        int index = (int) (bar - layout.first());
        if (index >= 0 && index < picture.rows().size()) {
            g.setStroke(palette.landing());
            g.setLineWidth(2);
            double x = layout.x(within);
            g.strokeLine(x, layout.top(index) + 1, x, layout.top(index) + layout.pitch() - 1);
        }
    }
}
