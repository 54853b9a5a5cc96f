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
import nimblestride.desktop.look.Marks;
import nimblestride.desktop.look.Palette;

/** Paints a picture of the Road. */
final class RoadPainter {
    /** From the top to the ground line, at the least and at the most. */
    private static final double LEAST_GROUND = 134;

    private static final double MOST_GROUND = 196;
    /** From the ground line to the middle of the first lane. */
    private static final double LANES = 52;
    /** From one lane to the next. */
    private static final double LANE = 30;
    /** Left of the first moment, where lanes are named. */
    static final double GUTTER = 106;

    /** How far the Road reaches to the left of its first moment. */
    static final double EDGE = 12;

    private static final double POST_TOP = 22;
    /** How high a stride rises for its width, at the most. */
    private static final double STEEPEST = 0.85;
    /** From the top to the highest stride. */
    private static final double ABOVE_STRIDES = 52;

    private static final double MARK = 5.5;
    /** The width of a sign of the count, and the least between two counts, in pixels; nearer units are not counted. */
    private static final double SIGN = 6.5;

    private static final double BETWEEN_COUNTS = 8;

    private final GraphicsContext g;
    private final Palette palette;
    private final RoadPicture picture;
    private final Stretch stretch;
    private final double height;
    private final double ground;
    private final double steepness;

    RoadPainter(GraphicsContext g, Palette palette, RoadPicture picture, Stretch stretch, double height) {
        this.g = g;
        this.palette = palette;
        this.picture = picture;
        this.stretch = stretch;
        this.height = height;
        double lanes = LANES + Math.max(1, picture.lanes().size()) * LANE;
        this.ground = Math.max(LEAST_GROUND, Math.min(MOST_GROUND, height - lanes));
        double widest = picture.strides().stream()
                        .mapToDouble(stride -> stride.to() - stride.from())
                        .max()
                        .orElse(1)
                * stretch.scale();
        this.steepness = Math.min(STEEPEST, (ground - ABOVE_STRIDES) / widest);
    }

    /** The least height at which so many lanes have room. */
    static double heightFor(int lanes) {
        return LEAST_GROUND + LANES + Math.max(1, lanes) * LANE;
    }

    /** How far below the top the ground line runs. */
    double ground() {
        return ground;
    }

    void paint() {
        double width = GUTTER + stretch.width();
        g.save();
        g.beginPath();
        g.rect(GUTTER - EDGE, 0, stretch.width() + EDGE, height);
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
        g.strokeLine(GUTTER - EDGE, ground, width, ground);
    }

    /** How high a stride of this width on the screen rises. */
    private double arcHeight(double pixels) {
        return pixels * steepness;
    }

    private void stride(RoadPicture.Stride stride) {
        double from = x(stride.from());
        double to = x(stride.to());
        double top = ground - 2 * arcHeight(to - from);
        g.setStroke(palette.ink());
        g.setLineWidth(1.8);
        g.beginPath();
        g.moveTo(from, ground);
        g.quadraticCurveTo((from + to) / 2, top, to, ground);
        g.stroke();
        if (to - from > 26) {
            text(Face.text(12), palette.quiet(), TextAlignment.CENTER);
            g.fillText(Integer.toString(stride.units()), (from + to) / 2, ground - arcHeight(to - from) + 13);
        }
    }

    private void post(RoadPicture.Post post) {
        double x = x(post.at());
        g.setStroke(post.phraseStart() ? palette.ink() : palette.quiet());
        g.setLineWidth(post.phraseStart() ? 2.4 : 1.2);
        g.strokeLine(x, POST_TOP, x, ground + 8);
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
                g.fillText(Face.signatureDigits("+"), x + 6, 44);
                x += 14;
            }
            g.fillText(above, x + width / 2, 36);
            g.fillText(below, x + width / 2, 51.5);
            x += width;
        }
    }

    private void ticks() {
        groupStarts();
        double lastText = Double.NEGATIVE_INFINITY;
        int longest = picture.ticks().stream()
                .filter(tick -> !tick.groupStart())
                .mapToInt(tick -> tick.count().length())
                .max()
                .orElse(0);
        double room = BETWEEN_COUNTS + SIGN * longest;
        for (RoadPicture.Tick tick : picture.ticks()) {
            double x = x(tick.at());
            boolean groupStart = tick.groupStart();
            g.setStroke(palette.ink());
            g.setLineWidth(groupStart ? 1.8 : 1);
            g.strokeLine(x, ground, x, ground + (groupStart ? 7 : 4));
            double half = 3.6 * tick.count().length();
            boolean readable = groupStart || tick.gap() * stretch.scale() > room;
            if (readable && x - half > lastText + 3) {
                text(
                        groupStart ? Face.bold(14) : Face.text(12.5),
                        groupStart ? palette.ink() : palette.quiet(),
                        TextAlignment.CENTER);
                g.fillText(tick.count(), x, ground + 19);
                lastText = x + half;
            }
        }
    }

    private void groupStarts() {
        g.beginPath();
        for (RoadPicture.Tick tick : picture.ticks()) {
            if (tick.groupStart()) {
                MarkShape.DISC.trace(g, x(tick.at()), ground, 3);
            }
        }
        g.setFill(palette.ink());
        g.fill();
    }

    private double laneY(int lane) {
        return ground + LANES + lane * LANE;
    }

    private void lane(RoadPicture.Lane lane) {
        double y = laneY(lane.layer());
        Color color = palette.layer(lane.layer());
        g.setStroke(palette.line());
        g.setLineWidth(1);
        g.strokeLine(GUTTER - EDGE, y, GUTTER + stretch.width(), y);
        if (!lane.problem().isEmpty()) {
            text(Face.text(13), palette.landing(), TextAlignment.LEFT);
            g.fillText("cannot be laid out: see Findings", GUTTER + 8, y - 9);
            return;
        }
        if (lane.dense()) {
            g.setFill(color);
            g.fillRect(GUTTER - EDGE, y - 3, stretch.width() + EDGE, 6);
        }
        landings(lane, y);
        Marks marks = new Marks();
        for (RoadPicture.Mark mark : lane.marks()) {
            marks.add(MarkShape.of(lane.layer()), x(mark.at()), y, MARK, mark.stroke(), color);
        }
        marks.draw(g);
        letters(lane, y);
    }

    /** The hands of a sticking, under its marks, where there is room for them. */
    private void letters(RoadPicture.Lane lane, double y) {
        double last = Double.NEGATIVE_INFINITY;
        text(Face.text(11), palette.ink(), TextAlignment.CENTER);
        for (RoadPicture.Mark mark : lane.marks()) {
            double x = x(mark.at());
            if (mark.stroke().limb().isPresent() && x - last > 9) {
                g.fillText(String.valueOf(mark.stroke().limb().get().letter()), x, y + 14);
                last = x;
            }
        }
    }

    /** A stem from the lane up to the ground, and a ring about the hit. */
    private void landings(RoadPicture.Lane lane, double y) {
        g.setStroke(palette.landing());
        g.setLineWidth(2);
        for (double landing : lane.landings()) {
            g.strokeLine(x(landing), ground + 27, x(landing), y - 10);
        }
        g.beginPath();
        for (double landing : lane.landings()) {
            MarkShape.DISC.trace(g, x(landing), y, 10);
        }
        g.setFill(palette.ground());
        g.fill();
        g.stroke();
    }

    private void laneName(RoadPicture.Lane lane) {
        double y = laneY(lane.layer());
        new Marks()
                .add(MarkShape.of(lane.layer()), 14, y, MARK, Stroke.NORMAL, palette.layer(lane.layer()))
                .draw(g);
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
        if (x < GUTTER - EDGE) {
            return;
        }
        syllableSaid(moment);
        g.setStroke(palette.landing());
        g.setLineWidth(1.6);
        if (reducedMotion) {
            g.strokeLine(x, POST_TOP, x, height - 6);
            return;
        }
        g.setGlobalAlpha(0.45);
        g.strokeLine(x, ground, x, height - 6);
        g.setGlobalAlpha(1);
        double y = ground - hop(moment).orElse(0) - 9;
        g.setFill(palette.landing());
        g.fillOval(x - 8, y - 8, 16, 16);
    }

    /** The syllable to say now stands out. */
    private void syllableSaid(double moment) {
        for (RoadPicture.Tick tick : picture.ticks()) {
            if (tick.at() <= moment && moment < tick.at() + tick.gap()) {
                double half = Math.max(9, 4.4 * tick.count().length() + 3);
                g.setFill(palette.landing());
                g.fillRoundRect(x(tick.at()) - half, ground + 9, 2 * half, 20, 8, 8);
                text(Face.bold(14), palette.ground(), TextAlignment.CENTER);
                g.fillText(tick.count(), x(tick.at()), ground + 19);
                return;
            }
        }
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
