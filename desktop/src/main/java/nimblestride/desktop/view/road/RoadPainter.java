package nimblestride.desktop.view.road;

import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.stream.Collectors;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.desktop.ui.look.MarkBatch;
import nimblestride.desktop.ui.look.MarkShape;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.ui.look.TextWidths;
import nimblestride.desktop.ui.look.Typefaces;
import nimblestride.desktop.ui.page.LitStride;
import nimblestride.desktop.view.road.RoadLabels.Kind;

/** Paints the Road. */
final class RoadPainter {
    private static final double BEAT = 3;
    private static final double LONG_BEAT = 4.6;
    private static final double MARK = 5.5;

    private final GraphicsContext g;
    private final Palette palette;
    private final RoadPicture picture;
    private final VisibleRange stretch;
    private final double height;
    private final RoadLayout layout;
    private final double ground;

    RoadPainter(
            GraphicsContext g,
            Palette palette,
            RoadPicture picture,
            VisibleRange stretch,
            LayerLanes lanes,
            double height) {
        this.g = g;
        this.palette = palette;
        this.picture = picture;
        this.stretch = stretch;
        this.height = height;
        this.layout = RoadLayout.of(picture, stretch, lanes, height);
        this.ground = layout.ground();
    }

    /** Returns the height of the ground line below the top. */
    double ground() {
        return ground;
    }

    void paint(TextWidths widths) {
        double width = RoadLayout.GUTTER + stretch.width();
        g.save();
        g.beginPath();
        g.rect(RoadLayout.GUTTER - RoadLayout.EDGE, 0, stretch.width() + RoadLayout.EDGE, height);
        g.clip();
        ground(width);
        picture.strides().forEach(this::stride);
        picture.posts().forEach(this::post);
        innerBarLines();
        ticks();
        write(RoadLabels.of(picture, stretch, layout, widths));
        picture.lanes().forEach(this::lane);
        letters();
        picture.home().ifPresent(this::home);
        g.restore();
        picture.lanes().forEach(this::laneName);
    }

    /** Paints the ground of the stride that is being written. */
    void light(LitStride lit) {
        double from = Math.max(RoadLayout.GUTTER, x(lit.start().toDouble()));
        double to = x(lit.end().toDouble());
        if (to > from) {
            g.setFill(palette.landingGround());
            g.fillRect(from, RoadLayout.POST_TOP, to - from, height - RoadLayout.POST_TOP);
        }
    }

    private double x(double moment) {
        return RoadLayout.GUTTER + stretch.x(moment);
    }

    private void ground(double width) {
        g.setStroke(palette.ink());
        g.setLineWidth(1.6);
        g.strokeLine(RoadLayout.GUTTER - RoadLayout.EDGE, ground, width, ground);
    }

    private void stride(RoadPicture.Stride stride) {
        double from = x(stride.from());
        double to = x(stride.to());
        double top = ground - 2 * layout.rise(to - from);
        g.setStroke(palette.ink());
        g.setLineWidth(1.8);
        g.beginPath();
        g.moveTo(from, ground);
        g.quadraticCurveTo((from + to) / 2, top, to, ground);
        g.stroke();
    }

    private void post(RoadPicture.Post post) {
        double x = x(post.at());
        g.setStroke(post.phraseStart() ? palette.ink() : palette.quiet());
        g.setLineWidth(post.phraseStart() ? 2.4 : 1.2);
        g.strokeLine(x, RoadLayout.POST_TOP, x, ground + 8);
    }

    /** Paints a dashed line at the start of each inner bar. */
    private void innerBarLines() {
        g.setStroke(palette.ink());
        g.setLineWidth(1.2);
        g.setLineDashes(4, 4);
        for (double at : picture.innerBarLines()) {
            g.strokeLine(x(at), RoadLayout.POST_TOP, x(at), ground + 8);
        }
        g.setLineDashes();
    }

    private void write(List<RoadLabels.Words> all) {
        RoadLabels.Words before = null;
        for (RoadLabels.Words words : all) {
            if (before == null || !words.looksLike(before)) {
                boolean strong = words.kind() == Kind.SIGNATURE || words.kind() == Kind.GROUP_COUNT;
                text(words.font(), strong ? palette.ink() : palette.quiet(), TextAlignment.CENTER);
                g.setTextBaseline(words.kind() == Kind.SIGNATURE ? VPos.BASELINE : VPos.CENTER);
            }
            g.fillText(words.text(), words.x(), words.y());
            before = words;
        }
    }

    private void ticks() {
        beats();
        g.setStroke(palette.ink());
        for (RoadPicture.Tick tick : picture.ticks()) {
            double x = x(tick.at());
            g.setLineWidth(tick.groupStart() ? 1.8 : 1);
            g.strokeLine(x, ground, x, ground + (tick.groupStart() ? 7 : 4));
        }
    }

    /** Marks each beat on the ground, a long one larger. */
    private void beats() {
        g.beginPath();
        for (RoadPicture.BeatMark beat : picture.beats()) {
            MarkShape.DISC.trace(g, x(beat.at()), ground, beat.isLong() ? LONG_BEAT : BEAT);
        }
        g.setFill(palette.ink());
        g.fill();
    }

    private void lane(RoadPicture.Lane lane) {
        double y = layout.lane(lane.layer());
        Color color = palette.layer(lane.layer());
        g.setStroke(palette.line());
        g.setLineWidth(1);
        g.strokeLine(RoadLayout.GUTTER - RoadLayout.EDGE, y, RoadLayout.GUTTER + stretch.width(), y);
        if (!lane.problem().isEmpty()) {
            text(Typefaces.text(13), palette.landing(), TextAlignment.LEFT);
            g.fillText("too long to draw: see Findings", RoadLayout.GUTTER + 8, y - 9);
            return;
        }
        if (lane.dense()) {
            g.setFill(color);
            g.fillRect(RoadLayout.GUTTER - RoadLayout.EDGE, y - 3, stretch.width() + RoadLayout.EDGE, 6);
        }
        landings(lane, y);
        MarkBatch marks = new MarkBatch();
        for (RoadPicture.Mark mark : lane.marks()) {
            marks.add(MarkShape.of(lane.layer()), x(mark.at()), y, MARK, mark.stroke(), color);
        }
        marks.draw(g);
    }

    /**
     * Paints the hands under a sticking's marks, where they fit; a landing's stem from a lower lane ends around them.
     */
    private void letters() {
        Set<Double> stems = picture.lanes().stream()
                .flatMap(lane -> lane.landings().stream())
                .collect(Collectors.toSet());
        text(Typefaces.text(11), palette.ink(), TextAlignment.CENTER);
        for (RoadPicture.Lane lane : picture.lanes()) {
            double y = layout.lane(lane.layer()) + 14;
            double last = Double.NEGATIVE_INFINITY;
            for (RoadPicture.Mark mark : lane.marks()) {
                double x = x(mark.at());
                if (mark.stroke().limb().isPresent() && x - last > 9) {
                    if (stems.contains(mark.at())) {
                        g.setFill(palette.ground());
                        g.fillRect(x - 5, y - 4, 10, 9);
                        g.setFill(palette.ink());
                    }
                    g.fillText(String.valueOf(mark.stroke().limb().get().letter()), x, y);
                    last = x;
                }
            }
        }
    }

    /** Paints each landing: a stem from the lane up to the ground line, and a ring around the hit. */
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
        double y = layout.lane(lane.layer());
        new MarkBatch()
                .add(MarkShape.of(lane.layer()), 14, y, MARK, Stroke.NORMAL, palette.layer(lane.layer()))
                .draw(g);
        text(Typefaces.text(13), palette.ink(), TextAlignment.LEFT);
        g.fillText(lane.name(), 27, y + 0.5, RoadLayout.GUTTER - 40);
    }

    /** Paints the gate over the whole Road at the realignment. */
    private void home(double moment) {
        double x = x(moment);
        g.setStroke(palette.landing());
        g.setLineWidth(4);
        g.strokeLine(x, RoadLayout.POST_TOP - 4, x, height - 8);
        g.setFill(palette.landing());
        g.fillPolygon(new double[] {x, x - RoadLabels.FLAG, x - RoadLabels.FLAG, x}, new double[] {2, 2, 20, 20}, 4);
        text(Typefaces.bold(13), palette.ground(), TextAlignment.CENTER);
        g.fillText("home", x - RoadLabels.FLAG / 2, 11.5);
    }

    /** Paints the marker that hops along the strides; with reduced motion, a moving line. */
    void marker(double moment, boolean reducedMotion) {
        double x = x(moment);
        if (x < RoadLayout.GUTTER - RoadLayout.EDGE) {
            return;
        }
        syllableSaid(moment);
        g.setStroke(palette.landing());
        g.setLineWidth(1.6);
        if (reducedMotion) {
            g.strokeLine(x, RoadLayout.POST_TOP, x, height - 6);
            return;
        }
        g.setGlobalAlpha(0.45);
        g.strokeLine(x, ground, x, height - 6);
        g.setGlobalAlpha(1);
        double y = ground - hop(moment).orElse(0) - 9;
        g.setFill(palette.landing());
        g.fillOval(x - 8, y - 8, 16, 16);
    }

    /** Highlights the syllable to say now. */
    private void syllableSaid(double moment) {
        for (RoadPicture.Tick tick : picture.ticks()) {
            if (tick.at() <= moment && moment < tick.at() + tick.gap()) {
                double half = Math.max(9, 4.4 * tick.count().length() + 3);
                g.setFill(palette.landing());
                g.fillRoundRect(x(tick.at()) - half, ground + 9, 2 * half, 20, 8, 8);
                text(Typefaces.bold(14), palette.ground(), TextAlignment.CENTER);
                g.fillText(tick.count(), x(tick.at()), ground + RoadLabels.COUNTS);
                return;
            }
        }
    }

    private OptionalDouble hop(double moment) {
        return picture.strides().stream()
                .filter(stride -> stride.from() <= moment && moment < stride.to())
                .mapToDouble(stride -> {
                    double part = (moment - stride.from()) / (stride.to() - stride.from());
                    return 4 * part * (1 - part) * layout.rise((stride.to() - stride.from()) * stretch.scale());
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
