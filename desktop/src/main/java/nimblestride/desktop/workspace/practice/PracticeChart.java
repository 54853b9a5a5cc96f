package nimblestride.desktop.workspace.practice;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.Collectors;
import javafx.geometry.VPos;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.StackPane;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.text.TextAlignment;
import nimblestride.core.exercise.plan.RepRating;
import nimblestride.core.foundation.words.SpokenDate;
import nimblestride.core.time.value.Tempo;
import nimblestride.desktop.ui.look.DrawingCanvas;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.ui.look.Typefaces;
import org.apache.commons.numbers.fraction.BigFraction;

/** Draws a small chart of the log: minutes per week as posts, or tempos as they climb toward a goal. */
final class PracticeChart extends StackPane {
    private static final double LEFT = 40;
    private static final double RIGHT = 8;
    private static final double TOP = 22;
    private static final double BOTTOM = 20;
    /** The minimum distance between numbers, in pixels. */
    private static final double BETWEEN_NUMBERS = 23;

    private final DrawingCanvas slate = new DrawingCanvas((g, width, height) -> draw(g, width, height));
    private Palette palette = Palette.DAY;
    private Optional<DrawingCanvas.Picture> picture = Optional.empty();

    /** A tempo played on a day. */
    record Played(LocalDate day, BigFraction perMinute, Optional<RepRating> rating) {}

    PracticeChart(String id) {
        setId(id);
        setMinSize(220, 130);
        setPrefSize(300, 150);
        getChildren().setAll(slate);
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
    }

    void setPalette(Palette newPalette) {
        palette = newPalette;
        slate.redraw();
    }

    private void draw(GraphicsContext g, double width, double height) {
        picture.ifPresent(one -> one.draw(g, width, height));
    }

    /**
     * Shows minutes.
     *
     * @param minutes by the Monday of each week
     */
    void showWeeks(SortedMap<LocalDate, Integer> minutes) {
        setAccessibleText("Minutes per week: "
                + minutes.entrySet().stream()
                        .map(week -> SpokenDate.brief(week.getKey()) + " " + week.getValue())
                        .collect(Collectors.joining(", ")));
        SortedMap<LocalDate, Integer> weeks = new TreeMap<>(minutes);
        picture = Optional.of((g, width, height) -> weeks(g, width, height, weeks));
        slate.redraw();
    }

    private void weeks(GraphicsContext g, double width, double height, SortedMap<LocalDate, Integer> minutes) {
        int most = Math.max(
                10, minutes.values().stream().mapToInt(Integer::intValue).max().orElse(0));
        double step = (width - LEFT - RIGHT) / Math.max(1, minutes.size());
        double ground = height - BOTTOM;
        title(g, "Minutes per week");
        line(g, LEFT, ground, width, ground);
        int number = 0;
        double labeled = Double.NEGATIVE_INFINITY;
        for (Map.Entry<LocalDate, Integer> week : minutes.entrySet()) {
            double x = LEFT + (number + 0.5) * step;
            double top = ground - (ground - TOP - 14) * week.getValue() / most;
            g.setStroke(palette.layer(0));
            g.setLineCap(StrokeLineCap.BUTT);
            g.setLineWidth(Math.min(10, step * 0.5));
            if (week.getValue() > 0) {
                g.strokeLine(x, ground - 1, x, top);
                if (x - labeled >= BETWEEN_NUMBERS) {
                    text(g, String.valueOf(week.getValue()), x, top - 8, TextAlignment.CENTER);
                    labeled = x;
                }
            }
            if (number % 3 == 0) {
                text(g, SpokenDate.brief(week.getKey()), x, ground + 11, TextAlignment.CENTER);
            }
            number++;
        }
    }

    /**
     * Shows tempos in the order in which they were played.
     *
     * @param goal the tempo to reach
     */
    void showTempos(List<Played> played, BigFraction goal) {
        setAccessibleText("Tempos toward " + Tempo.decimal(goal) + ": "
                + played.stream()
                        .map(one -> SpokenDate.brief(one.day) + " " + Tempo.decimal(one.perMinute)
                                + one.rating.map(clean -> " " + clean.title()).orElse(""))
                        .collect(Collectors.joining(", ")));
        List<Played> all = List.copyOf(played);
        picture = Optional.of((g, width, height) -> tempos(g, width, height, all, goal.doubleValue()));
        slate.redraw();
    }

    private void tempos(GraphicsContext g, double width, double height, List<Played> played, double goal) {
        title(g, "Tempo (filled dots are clean)");
        double least = played.stream()
                        .mapToDouble(one -> one.perMinute.doubleValue())
                        .min()
                        .orElse(goal * 0.6)
                * 0.95;
        double most = Math.max(
                        goal,
                        played.stream()
                                .mapToDouble(one -> one.perMinute.doubleValue())
                                .max()
                                .orElse(goal))
                * 1.03;
        double ground = height - BOTTOM;
        double scale = (ground - TOP - 6) / (most - least);
        double goalY = ground - (goal - least) * scale;
        g.setStroke(palette.landing());
        g.setLineWidth(1.5);
        g.setLineDashes(5, 4);
        g.strokeLine(LEFT, goalY, width, goalY);
        g.setLineDashes();
        text(g, String.format(Locale.ROOT, "%.0f", goal), LEFT - 6, goalY, TextAlignment.RIGHT);
        text(g, String.format(Locale.ROOT, "%.0f", least), LEFT - 6, ground - 4, TextAlignment.RIGHT);
        line(g, LEFT, ground, width, ground);
        if (played.isEmpty()) {
            text(g, "no runs yet", (LEFT + width) / 2, (TOP + ground) / 2, TextAlignment.CENTER);
            return;
        }
        double step = (width - LEFT - 10) / Math.max(1, played.size() - 1);
        for (int i = 0; i < played.size(); i++) {
            Played one = played.get(i);
            double x = LEFT + 5 + i * step;
            double y = ground - (one.perMinute.doubleValue() - least) * scale;
            g.setStroke(palette.layer(0));
            g.setFill(palette.layer(0));
            g.setLineWidth(1.4);
            if (one.rating.filter(clean -> clean == RepRating.CLEAN).isPresent()) {
                g.fillOval(x - 3.5, y - 3.5, 7, 7);
            } else {
                g.strokeOval(x - 3.5, y - 3.5, 7, 7);
            }
        }
        text(g, SpokenDate.brief(played.get(0).day), LEFT, ground + 11, TextAlignment.LEFT);
        text(g, SpokenDate.brief(played.get(played.size() - 1).day), width - 4, ground + 11, TextAlignment.RIGHT);
    }

    private void title(GraphicsContext g, String title) {
        text(g, title, 4, 9, TextAlignment.LEFT);
    }

    private void line(GraphicsContext g, double x, double y, double toX, double toY) {
        g.setStroke(palette.ink());
        g.setLineWidth(1.2);
        g.strokeLine(x, y, toX, toY);
    }

    private void text(GraphicsContext g, String text, double x, double y, TextAlignment align) {
        g.setFont(Typefaces.text(11.5));
        g.setFill(palette.quiet());
        g.setTextAlign(align);
        g.setTextBaseline(VPos.CENTER);
        g.fillText(text, x, y);
    }
}
