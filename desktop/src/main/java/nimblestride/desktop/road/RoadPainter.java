package nimblestride.desktop.road;

import java.util.OptionalDouble;
import java.util.stream.Collectors;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import nimblestride.core.groove.Stroke;
import nimblestride.core.meter.Meter;
import nimblestride.desktop.look.Face;
import nimblestride.desktop.look.MarkShape;
import nimblestride.desktop.look.Palette;

/** Paints a picture of the Road. */
final class RoadPainter {
    /** From the top to the ground line. */
    static final double GROUND = 134;
    /** From the ground line to the middle of the first lane. */
    static final double LANES = 52;
    /** From one lane to the next. */
    static final double LANE = 30;
    /** Left of the first moment, where lanes are named. */
    static final double GUTTER = 104;

    private static final double POST_TOP = 22;
    private static final double HIGHEST_ARC = 82;
    private static final double MARK = 5.5;

    private final GraphicsContext g;
    private final Palette palette;
    private final RoadPicture picture;
    private final Stretch stretch;
    private final double height;

    RoadPainter(GraphicsContext g, Palette palette, RoadPicture picture, Stretch stretch, double height) {
        this.g = g;
        this.palette = palette;
        this.picture = picture;
        this.stretch = stretch;
        this.height = height;
    }

    static double heightFor(int lanes) {
        return GROUND + LANES + Math.max(1, lanes) * LANE;
    }

    void paint() {
        double width = GUTTER + stretch.width();
        g.setFill(palette.ground());
        g.fillRect(0, 0, width, height);
        g.save();
        g.beginPath();
        g.rect(GUTTER - 8, 0, stretch.width() + 8, height);
        g.clip();
        ground(width);
        picture.strides().forEach(this::stride);
        picture.posts().forEach(this::post);
        ticks();
        picture.lanes().forEach(this::lane);
        picture.home().ifPresent(this::home);
        g.restore();
        picture.lanes().forEach(this::laneName);
    }

    private double x(double moment) {
        return GUTTER + stretch.x(moment);
    }

    private void ground(double width) {
        g.setStroke(palette.ink());
        g.setLineWidth(1.6);
        g.strokeLine(GUTTER - 8, GROUND, width, GROUND);
    }

    /** How high a stride of this width on the screen rises. */
    static double arcHeight(double pixels) {
        return Math.min(HIGHEST_ARC, 10 + pixels * 0.48);
    }

    private void stride(RoadPicture.Stride stride) {
        double from = x(stride.from());
        double to = x(stride.to());
        double top = GROUND - 2 * arcHeight(to - from);
        g.setStroke(palette.ink());
        g.setLineWidth(1.8);
        g.beginPath();
        g.moveTo(from, GROUND);
        g.quadraticCurveTo((from + to) / 2, top, to, GROUND);
        g.stroke();
        if (to - from > 26) {
            text(Face.text(12), palette.quiet(), TextAlignment.CENTER);
            g.fillText(Integer.toString(stride.units()), (from + to) / 2, GROUND - arcHeight(to - from) + 13);
        }
    }

    private void post(RoadPicture.Post post) {
        double x = x(post.at());
        g.setStroke(post.phraseStart() ? palette.ink() : palette.quiet());
        g.setLineWidth(post.phraseStart() ? 2.4 : 1.2);
        g.strokeLine(x, POST_TOP, x, GROUND + 8);
        boolean room = barWidth(post) > 30;
        if (room || post.phraseStart()) {
            text(Face.text(12), palette.quiet(), TextAlignment.LEFT);
            g.fillText(String.format("%,d", post.bar() + 1), x + 5, 12);
        }
        if (post.signature() && barWidth(post) > 44) {
            signature(post.meter(), x + 8);
        }
    }

    private double barWidth(RoadPicture.Post post) {
        return post.meter().length().toDouble() * stretch.scale();
    }

    private void signature(Meter meter, double left) {
        g.setTextBaseline(VPos.BASELINE);
        g.setFont(Face.music(26));
        g.setFill(palette.ink());
        g.setTextAlign(TextAlignment.CENTER);
        double x = left;
        for (Meter.Term term : meter.terms()) {
            String above = Face.signatureDigits(
                    term.numerators().stream().map(String::valueOf).collect(Collectors.joining("+")));
            String below = Face.signatureDigits(Integer.toString(term.denominator()));
            double width = 11.5 * Math.max(above.length(), below.length());
            if (x > left) {
                g.fillText(Face.signatureDigits("+"), x + 6, 42);
                x += 14;
            }
            g.fillText(above, x + width / 2, 35.5);
            g.fillText(below, x + width / 2, 48.5);
            x += width;
        }
    }

    private void ticks() {
        boolean wide = picture.ticks().size() < 2 || smallestGap() > 13;
        double lastText = Double.NEGATIVE_INFINITY;
        for (RoadPicture.Tick tick : picture.ticks()) {
            double x = x(tick.at());
            g.setStroke(palette.ink());
            g.setLineWidth(tick.groupStart() ? 1.8 : 1);
            g.strokeLine(x, GROUND, x, GROUND + (tick.groupStart() ? 7 : 4));
            if (tick.groupStart()) {
                g.setFill(palette.ink());
                g.fillOval(x - 3, GROUND - 3, 6, 6);
            }
            boolean fits = x - lastText > 7 + 6.5 * tick.count().length();
            if (fits && (wide || tick.groupStart())) {
                text(
                        tick.groupStart() ? Face.bold(14) : Face.text(13),
                        tick.groupStart() ? palette.ink() : palette.quiet(),
                        TextAlignment.CENTER);
                g.fillText(tick.count(), x, GROUND + 19);
                lastText = x;
            }
        }
    }

    private double smallestGap() {
        double smallest = Double.MAX_VALUE;
        for (int i = 1; i < picture.ticks().size(); i++) {
            double gap =
                    picture.ticks().get(i).at() - picture.ticks().get(i - 1).at();
            smallest = Math.min(smallest, gap * stretch.scale());
        }
        return smallest;
    }

    private static double laneY(int lane) {
        return GROUND + LANES + lane * LANE;
    }

    private void lane(RoadPicture.Lane lane) {
        double y = laneY(lane.layer());
        Color color = palette.layer(lane.layer());
        g.setStroke(palette.line());
        g.setLineWidth(1);
        g.strokeLine(GUTTER - 8, y, GUTTER + stretch.width(), y);
        if (!lane.problem().isEmpty()) {
            text(Face.text(13), palette.landing(), TextAlignment.LEFT);
            g.fillText("cannot be laid out: see Findings", GUTTER + 8, y - 9);
            return;
        }
        if (lane.dense()) {
            g.setFill(color);
            g.fillRect(GUTTER - 8, y - 3, stretch.width() + 8, 6);
        }
        for (double landing : lane.landings()) {
            landing(x(landing), y);
        }
        for (RoadPicture.Mark mark : lane.marks()) {
            MarkShape.of(lane.layer()).draw(g, x(mark.at()), y, MARK, mark.stroke(), color);
        }
    }

    /** A stem from the lane up to the ground, and a ring about the hit. */
    private void landing(double x, double y) {
        g.setStroke(palette.landing());
        g.setLineWidth(2);
        g.strokeLine(x, GROUND + 27, x, y - 10);
        g.setFill(palette.ground());
        g.fillOval(x - 10, y - 10, 20, 20);
        g.strokeOval(x - 10, y - 10, 20, 20);
    }

    private void laneName(RoadPicture.Lane lane) {
        double y = laneY(lane.layer());
        MarkShape.of(lane.layer()).draw(g, 14, y, MARK, Stroke.NORMAL, palette.layer(lane.layer()));
        text(Face.text(13), palette.ink(), TextAlignment.LEFT);
        g.fillText(lane.name(), 27, y + 0.5, GUTTER - 40);
    }

    /** A gate over the whole Road: everything is as it was in the beginning. */
    private void home(double moment) {
        double x = x(moment);
        g.setStroke(palette.landing());
        g.setLineWidth(4);
        g.strokeLine(x, POST_TOP - 4, x, height - 8);
        g.setFill(palette.landing());
        g.fillPolygon(new double[] {x, x - 58, x - 58, x}, new double[] {2, 2, 20, 20}, 4);
        text(Face.bold(13), palette.ground(), TextAlignment.CENTER);
        g.fillText("home", x - 29, 11.5);
    }

    /** The marker that hops along the strides, or a moving line where motion is to be reduced. */
    void marker(double moment, boolean reducedMotion) {
        double x = x(moment);
        if (x < GUTTER - 8) {
            return;
        }
        g.setStroke(palette.landing());
        g.setLineWidth(1.6);
        if (reducedMotion) {
            g.strokeLine(x, POST_TOP, x, height - 6);
            return;
        }
        g.setGlobalAlpha(0.45);
        g.strokeLine(x, GROUND, x, height - 6);
        g.setGlobalAlpha(1);
        double y = GROUND - hop(moment).orElse(0) - 9;
        g.setFill(palette.landing());
        g.fillOval(x - 8, y - 8, 16, 16);
    }

    private OptionalDouble hop(double moment) {
        return picture.strides().stream()
                .filter(stride -> stride.from() <= moment && moment < stride.to())
                .mapToDouble(stride -> {
                    double part = (moment - stride.from()) / (stride.to() - stride.from());
                    return 4 * part * (1 - part) * arcHeight((stride.to() - stride.from()) * stretch.scale());
                })
                .findFirst();
    }

    private void text(Font font, Color color, TextAlignment align) {
        g.setFont(font);
        g.setFill(color);
        g.setTextAlign(align);
        g.setTextBaseline(VPos.CENTER);
    }
}
