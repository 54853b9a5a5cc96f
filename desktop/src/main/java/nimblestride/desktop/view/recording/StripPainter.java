package nimblestride.desktop.view.recording;

import javafx.scene.canvas.GraphicsContext;
import nimblestride.core.exercise.recording.BeatMap.Beat;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.transcription.recording.Band;
import nimblestride.core.transcription.recording.HeardHit;
import nimblestride.desktop.ui.look.MarkShape;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.ui.look.Typefaces;

/** Paints the strip: all of the recording in a thin line, and below it the bars in view with their hits. */
final class StripPainter {
    static final double OVERVIEW = 26;
    static final double NUMBERS = 20;
    static final double LANES = 54;
    private static final double LANE = LANES / 3;
    private static final double SMALLEST = 2.5;
    private static final double GROWS = 3;
    private static final double MIN_TEXT_GAP = 26;

    private final GraphicsContext g;
    private final StripContent content;
    private final Palette palette;
    private final double width;
    private final double height;

    StripPainter(GraphicsContext g, StripContent content, Palette palette, double width, double height) {
        this.g = g;
        this.content = content;
        this.palette = palette;
        this.width = width;
        this.height = height;
    }

    /** Returns where a lane is: high hits above, low ones below. */
    private static double lane(Band band) {
        double top = OVERVIEW + NUMBERS;
        return switch (band) {
            case HIGH -> top + LANE / 2;
            case MIDDLE -> top + 1.5 * LANE;
            case LOW -> top + 2.5 * LANE;
        };
    }

    static MarkShape shape(Band band) {
        return switch (band) {
            case LOW -> MarkShape.DISC;
            case MIDDLE -> MarkShape.DIAMOND;
            case HIGH -> MarkShape.VALLEY;
        };
    }

    /** Paints all of it; the part in view has a frame. */
    void overview(StripScale all, StripScale view) {
        double left = Math.max(all.x(view.start()), 0);
        double right = Math.min(all.x(view.end()), width);
        g.setFill(palette.panel());
        g.fillRoundRect(left, 2, Math.max(6, right - left), OVERVIEW - 6, 5, 5);
        content.loop().ifPresent(bars -> {
            g.setFill(palette.landingGround());
            double from = all.x(content.startOf(bars.from()));
            g.fillRect(from, 2, Math.max(2, all.x(content.startOf(bars.to())) - from), OVERVIEW - 6);
        });
        loudness(all, 2, OVERVIEW - 6);
        g.setStroke(palette.quiet());
        g.setLineWidth(1);
        g.strokeRoundRect(left, 2, Math.max(6, right - left), OVERVIEW - 6, 5, 5);
    }

    private void loudness(StripScale scale, double top, double tall) {
        g.setFill(palette.line());
        double middle = top + tall / 2;
        double last = content.recording().seconds();
        for (int x = (int) StripScale.MARGIN; x < scale.width() - StripScale.MARGIN; x++) {
            double from = content.beats().secondsAt(scale.wholes(x));
            double to = content.beats().secondsAt(scale.wholes(x + 1.0));
            if (to > 0 && from < last) {
                double half = Math.sqrt(content.heard().loudness(from, to)) * tall / 2;
                g.fillRect(x, middle - half, 1, 2 * half);
            }
        }
    }

    /** Paints the bars in view. */
    void bars(StripScale view) {
        double top = OVERVIEW + NUMBERS;
        content.loop().ifPresent(bars -> {
            g.setFill(palette.landingGround());
            double from = Math.max(0, view.x(content.startOf(bars.from())));
            double to = Math.min(width, view.x(content.startOf(bars.to())));
            g.fillRect(from, OVERVIEW, Math.max(0, to - from), height - OVERVIEW);
        });
        loudness(view, top + LANES, height - top - LANES - 2);
        posts(view);
        for (HeardHit hit : content.hits()) {
            double x = view.x(content.beats().wholesAt(hit.at()));
            if (x > -10 && x < width + 10) {
                hit(hit, x);
            }
        }
    }

    /** Paints where it plays. */
    void playhead(double x) {
        g.setStroke(palette.landing());
        g.setLineWidth(2);
        g.strokeLine(x, OVERVIEW, x, height);
    }

    /** Paints a frame around the selected hit. */
    void selection(double x) {
        g.setStroke(palette.landing());
        g.setLineWidth(2);
        g.strokeRoundRect(x - 9, OVERVIEW + NUMBERS + 1, 18, LANES - 2, 8, 8);
    }

    private void posts(StripScale view) {
        double lastNumber = Double.NEGATIVE_INFINITY;
        g.setFont(Typefaces.text(12));
        for (long bar = content.barAt(view.start()); bar <= content.bars(); bar++) {
            double x = view.x(content.startOf(bar));
            if (x > width) {
                return;
            }
            NoteValue moment = content.phrase().startOf(bar);
            boolean set = content.beats().set().stream().map(Beat::moment).anyMatch(moment::equals);
            g.setStroke(set ? palette.landing() : palette.ink());
            g.setLineWidth(set ? 2.5 : 1.2);
            g.strokeLine(x, OVERVIEW + 3, x, height - 2);
            if (x - lastNumber > MIN_TEXT_GAP && bar < content.bars()) {
                g.setFill(palette.ink());
                g.fillText(Long.toString(bar + 1), x + 4, OVERVIEW + 15);
                lastNumber = x;
            }
            beats(view, bar);
        }
    }

    /** Paints where each group of a bar starts. */
    private void beats(StripScale view, long bar) {
        g.setStroke(palette.line());
        g.setLineWidth(1);
        double start = content.startOf(bar);
        for (NoteValue group : content.phrase().bar(bar).groupStarts()) {
            if (!group.isZero()) {
                double x = view.x(start + group.toDouble());
                g.strokeLine(x, OVERVIEW + NUMBERS, x, height - 2);
            }
        }
    }

    private void hit(HeardHit hit, double x) {
        for (Band band : Band.values()) {
            double heard = hit.in(band);
            boolean main = band == hit.band();
            if (main || heard >= 0.3) {
                g.setFill(palette.layer(2 - rank(band)));
                g.beginPath();
                shape(band).trace(g, x, lane(band), SMALLEST + GROWS * heard);
                g.fill();
            }
        }
    }

    private static int rank(Band band) {
        return switch (band) {
            case LOW -> 0;
            case MIDDLE -> 1;
            case HIGH -> 2;
        };
    }
}
