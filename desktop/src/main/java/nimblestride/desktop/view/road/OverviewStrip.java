package nimblestride.desktop.view.road;

import java.util.List;
import java.util.Optional;
import java.util.function.DoubleConsumer;
import java.util.stream.IntStream;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.StackPane;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.layer.alignment.Alignment;
import nimblestride.core.layer.alignment.Landings;
import nimblestride.core.time.meter.Phrase;
import nimblestride.desktop.ui.look.DrawingCanvas;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.ui.look.Typefaces;

/**
 * Shows the whole cycle in one line: every bar, every landing, the realignment, and the range in view. A click goes
 * there.
 */
final class OverviewStrip extends StackPane {
    static final double HEIGHT = 40;

    private static final double LINE = 25;
    private static final int MAX_BARS = 1_000;
    private static final int MAX_LANDINGS = 2_000;

    /** @param goTo receives the moment to bring into view, in whole notes */
    OverviewStrip(DoubleConsumer goTo) {
        getStyleClass().add("journey");
        getChildren().add(slate);
        setMinHeight(HEIGHT);
        setPrefHeight(HEIGHT);
        setMaxHeight(HEIGHT);
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        setOnMousePressed(event -> goTo.accept(moment(event.getX())));
        setOnMouseDragged(event -> goTo.accept(moment(event.getX())));
    }

    private final DrawingCanvas slate = new DrawingCanvas((g, width, height) -> draw(g));
    private double total = 1;
    private Optional<Analysis> shown = Optional.empty();
    /** Where the bars of the phrase begin, in whole notes. */
    private double[] starts = {};

    private Optional<Landings> landings = Optional.empty();
    private VisibleRange inView = new VisibleRange(0, 1, 1);
    private Palette palette = Palette.DAY;

    private double moment(double x) {
        return (x - RoadLayout.GUTTER) / (getWidth() - RoadLayout.GUTTER - 16) * total;
    }

    private double x(double moment) {
        return RoadLayout.GUTTER + moment / total * (getWidth() - RoadLayout.GUTTER - 16);
    }

    /** @param length of the cycle, in whole notes */
    void show(Analysis analysis, double length) {
        total = length;
        shown = Optional.of(analysis);
        Phrase phrase = analysis.exercise().phrase();
        double unit = phrase.grid().unit().toDouble();
        starts = IntStream.range(0, phrase.bars().size())
                .mapToDouble(bar -> phrase.startOnGrid(bar) * unit)
                .toArray();
        List<Alignment> alignments = analysis.layers().stream()
                .flatMap(layer -> layer.alignment().result().stream())
                .toList();
        landings = Optional.of(Landings.before(barsOf(phrase), alignments, MAX_LANDINGS));
    }

    /** Returns how many bars the cycle has. */
    private long barsOf(Phrase phrase) {
        return Math.round(total / phrase.length().toDouble()) * starts.length;
    }

    private double startOf(long bar, double phraseLength) {
        long round = bar / starts.length;
        return round * phraseLength + starts[(int) (bar - round * starts.length)];
    }

    /** Shows which range is in view. */
    void show(VisibleRange newInView, Palette newPalette) {
        inView = newInView;
        palette = newPalette;
        slate.redraw();
    }

    private void draw(GraphicsContext g) {
        shown.ifPresent(analysis -> draw(g, analysis));
    }

    private void draw(GraphicsContext g, Analysis analysis) {
        Phrase phrase = analysis.exercise().phrase();
        g.setFill(palette.panel());
        g.setStroke(palette.quiet());
        g.setLineWidth(1);
        double from = Math.max(x(0), x(Math.max(0, inView.start())));
        double to = Math.min(x(total), x(inView.end()));
        g.fillRoundRect(from, 4, Math.max(4, to - from), HEIGHT - 8, 6, 6);
        g.strokeRoundRect(from, 4, Math.max(4, to - from), HEIGHT - 8, 6, 6);
        g.setStroke(palette.quiet());
        g.strokeLine(x(0), LINE, x(total), LINE);
        bars(g, phrase);
        List<Analysis.OfLayer> layers = analysis.layers();
        landings(g, analysis);
        g.setFill(palette.quiet());
        g.setFont(Typefaces.text(12));
        g.fillText("the whole cycle", 6, LINE + 4);
        if (!layers.isEmpty() && analysis.together().result().isPresent()) {
            g.setStroke(palette.landing());
            g.setLineWidth(4);
            g.strokeLine(x(total), 8, x(total), HEIGHT - 8);
        }
    }

    private void bars(GraphicsContext g, Phrase phrase) {
        long bars = barsOf(phrase);
        if (bars > MAX_BARS) {
            return;
        }
        double phraseLength = phrase.length().toDouble();
        g.setLineWidth(1);
        double lastNumber = Double.NEGATIVE_INFINITY;
        for (long bar = 0; bar < bars; bar++) {
            double x = x(startOf(bar, phraseLength));
            boolean phraseStart = bar % starts.length == 0;
            g.setStroke(phraseStart ? palette.ink() : palette.quiet());
            g.strokeLine(x, LINE - (phraseStart ? 7 : 4), x, LINE + 4);
            if (x - lastNumber > 24) {
                g.setFill(palette.quiet());
                g.setFont(Typefaces.text(11));
                g.fillText(Long.toString(bar + 1), x + 3, 15);
                lastNumber = x;
            }
        }
    }

    /** Paints a dot on every bar line a layer lands on, larger where more layers land. */
    private void landings(GraphicsContext g, Analysis analysis) {
        int all = analysis.layers().size();
        double[] radii = IntStream.rangeClosed(1, all)
                .mapToDouble(layers -> 2.5 + 4.0 * layers / all)
                .toArray();
        DotRow dots = new DotRow(LINE, getWidth(), radii);
        double phraseLength = analysis.exercise().phrase().length().toDouble();
        double first = x(0);
        double scale = (x(total) - first) / total;
        landings.ifPresent(
                found -> found.forEach((bar, layers) -> dots.add(first + startOf(bar, phraseLength) * scale, layers)));
        g.setFill(palette.landing());
        dots.fill(g);
    }
}
