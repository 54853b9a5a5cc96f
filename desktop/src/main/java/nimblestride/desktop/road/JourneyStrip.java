package nimblestride.desktop.road;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.function.DoubleConsumer;
import java.util.stream.IntStream;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.StackPane;
import nimblestride.core.exercise.Reckoning;
import nimblestride.core.meter.Phrase;
import nimblestride.desktop.look.Face;
import nimblestride.desktop.look.Palette;
import nimblestride.desktop.look.Slate;

/** The whole way home in one line: every bar, every landing, the return, and the stretch in view. A click goes there. */
final class JourneyStrip extends StackPane {
    static final double HEIGHT = 40;

    private static final double LINE = 25;
    private static final int MOST_BARS = 1_000;
    private static final int MOST_LANDINGS = 2_000;

    /** @param goTo is told the moment, in whole notes, to bring into view */
    JourneyStrip(DoubleConsumer goTo) {
        getChildren().add(slate);
        setMinHeight(HEIGHT);
        setPrefHeight(HEIGHT);
        setMaxHeight(HEIGHT);
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        setOnMousePressed(event -> goTo.accept(moment(event.getX())));
        setOnMouseDragged(event -> goTo.accept(moment(event.getX())));
    }

    private final Slate slate = new Slate((g, width, height) -> draw(g));
    private double total = 1;
    private Optional<Reckoning> shown = Optional.empty();
    private Map<Double, Integer> layersAt = Map.of();
    private Stretch inView = new Stretch(0, 1, 1);
    private Palette palette = Palette.DAY;

    private double moment(double x) {
        return (x - RoadPainter.GUTTER) / (getWidth() - RoadPainter.GUTTER - 16) * total;
    }

    private double x(double moment) {
        return RoadPainter.GUTTER + moment / total * (getWidth() - RoadPainter.GUTTER - 16);
    }

    /** @param length of the way home, in whole notes */
    void show(Reckoning reckoning, double length) {
        total = length;
        shown = Optional.of(reckoning);
        layersAt = layersAt(reckoning);
    }

    /** Shows which stretch is in view. */
    void show(Stretch newInView, Palette newPalette) {
        inView = newInView;
        palette = newPalette;
        slate.redraw();
    }

    private void draw(GraphicsContext g) {
        shown.ifPresent(reckoning -> draw(g, reckoning));
    }

    private void draw(GraphicsContext g, Reckoning reckoning) {
        Phrase phrase = reckoning.exercise().phrase();
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
        List<Reckoning.OfLayer> layers = reckoning.layers();
        landings(g, reckoning);
        g.setFill(palette.quiet());
        g.setFont(Face.text(12));
        g.fillText("the whole way", 6, LINE + 4);
        if (!layers.isEmpty() && reckoning.together().result().isPresent()) {
            g.setStroke(palette.landing());
            g.setLineWidth(4);
            g.strokeLine(x(total), 8, x(total), HEIGHT - 8);
        }
    }

    private void bars(GraphicsContext g, Phrase phrase) {
        long bars =
                Math.round(total / phrase.length().toDouble()) * phrase.bars().size();
        if (bars > MOST_BARS) {
            return;
        }
        g.setLineWidth(1);
        double lastNumber = Double.NEGATIVE_INFINITY;
        for (long bar = 0; bar < bars; bar++) {
            double x = x(phrase.startOf(bar).toDouble());
            boolean phraseStart = bar % phrase.bars().size() == 0;
            g.setStroke(phraseStart ? palette.ink() : palette.quiet());
            g.strokeLine(x, LINE - (phraseStart ? 7 : 4), x, LINE + 4);
            if (x - lastNumber > 24) {
                g.setFill(palette.quiet());
                g.setFont(Face.text(11));
                g.fillText(Long.toString(bar + 1), x + 3, 15);
                lastNumber = x;
            }
        }
    }

    /** A dot on every bar line that is landed on, the larger the more layers land there. */
    private void landings(GraphicsContext g, Reckoning reckoning) {
        Dots dots = new Dots(LINE, getWidth());
        layersAt.forEach((at, count) ->
                dots.add(x(at), 2.5 + 4.0 * count / reckoning.layers().size()));
        g.setFill(palette.landing());
        dots.fill(g);
    }

    /** How many layers land on each bar line on the way home. */
    private Map<Double, Integer> layersAt(Reckoning reckoning) {
        Map<Double, Integer> found = new TreeMap<>();
        Phrase phrase = reckoning.exercise().phrase();
        int bars = phrase.bars().size();
        double round = phrase.length().toDouble();
        double[] starts = IntStream.range(0, bars)
                .mapToDouble(bar -> phrase.startOf(bar).toDouble())
                .toArray();
        for (Reckoning.OfLayer layer : reckoning.layers()) {
            layer.alignment().result().ifPresent(alignment -> {
                double returns = alignment.returnsAfter().length().toDouble();
                boolean lands = !alignment.landings().isEmpty();
                for (double base = 0; lands && base < total && found.size() < MOST_LANDINGS; base += returns) {
                    for (long bar : alignment.landings()) {
                        double at = base + Math.floorDiv(bar, bars) * round + starts[(int) (bar % bars)];
                        if (at < total && found.size() < MOST_LANDINGS) {
                            found.merge(at, 1, Integer::sum);
                        }
                    }
                }
            });
        }
        return found;
    }
}
