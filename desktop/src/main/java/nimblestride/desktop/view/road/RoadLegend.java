package nimblestride.desktop.view.road;

import java.util.List;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javafx.geometry.Point2D;
import javafx.geometry.VPos;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.StackPane;
import javafx.scene.text.TextAlignment;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.language.text.LayerText;
import nimblestride.core.time.value.Tempo;
import nimblestride.desktop.ui.look.DrawingCanvas;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.ui.look.Typefaces;

/** A small Road with a number on each kind of mark, to be explained beside it. Drawn as the Road itself is. */
public final class RoadLegend extends StackPane {
    private static final double WIDTH = 700;
    private static final double HEIGHT = 236;
    private static final double BADGE = 9;

    /** Five eighths against quarters: home after two bars. */
    private static final Exercise EXAMPLE = new Exercise(
            "Example",
            BarsText.read("5/8(3+2)"),
            List.of(LayerText.read("kick every 1/4"), LayerText.read("hi-hat every 1/8")),
            Tempo.ofQuarters(84));

    private static final double HOME = 1.25;
    private static final double WHOLE_NOTES = 1.415;

    /** A kind of mark, where the picture has one: a moment in whole notes, and a height. */
    private enum Sign {
        BAR_LINE("Bar line. The time signature stands at its top.", 0.625),
        STRIDE("Stride: one group of the bar. The longer the group, the wider and higher its arc.", 0.1875),
        BEAT("Beat: what your foot taps. A long beat has the bigger dot.", 0.375),
        COUNT("Count: what you say.", 0.25),
        LAYER("Layer: each mark is one hit. Every layer has its own shape.", 0.5),
        LANDING("Landing, a ring: the layer is on the 1.", 0),
        HOME_FLAG("Home: everything lines up again, and bar 1 starts over.", HOME);

        private final String meaning;
        private final double at;

        Sign(String meaning, double at) {
            this.meaning = meaning;
            this.at = at;
        }
    }

    private final SmallRoad road = new SmallRoad(EXAMPLE, WIDTH, HEIGHT, WHOLE_NOTES, 1);
    private final DrawingCanvas numbers = new DrawingCanvas((g, width, height) -> number(g));

    public RoadLegend() {
        setMinSize(WIDTH, HEIGHT);
        setMaxSize(WIDTH, HEIGHT);
        getChildren().setAll(road, numbers);
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        setAccessibleText("The Road of two bars of 5/8, its marks numbered. "
                + IntStream.range(0, meanings().size())
                        .mapToObj(i -> (i + 1) + ": " + meanings().get(i))
                        .collect(Collectors.joining(" ")));
    }

    /** Returns what each numbered mark means, in the order of the numbers, from 1. */
    public static List<String> meanings() {
        return List.of(Sign.values()).stream().map(sign -> sign.meaning).toList();
    }

    /** Sets the colors. */
    public void setPalette(Palette palette) {
        road.setPalette(palette);
        numbers.redraw();
    }

    private void number(GraphicsContext g) {
        int number = 1;
        for (Sign sign : Sign.values()) {
            badge(g, number++, place(sign));
        }
    }

    /** Returns where the number of a mark stands: beside the mark, where nothing else is drawn. */
    private Point2D place(Sign sign) {
        double x = road.x(sign.at);
        RoadLayout layout = road.marks();
        double ground = layout.ground();
        return switch (sign) {
            case BAR_LINE -> new Point2D(x - 15, RoadLayout.POST_TOP + 14);
            case STRIDE -> new Point2D(x, ground - layout.rise(road.width(0.375)) - 12);
            case BEAT -> new Point2D(x + 13, ground - 12);
            case COUNT -> new Point2D(x + 20, ground + RoadLabels.COUNTS);
            case LAYER -> new Point2D(x + 20, layout.lane(0));
            case LANDING -> new Point2D(x + 22, layout.lane(0));
            case HOME_FLAG -> new Point2D(x + 14, 11);
        };
    }

    private void badge(GraphicsContext g, int number, Point2D at) {
        double x = at.getX();
        double y = at.getY();
        g.setFill(road.palette().ink());
        g.fillOval(x - BADGE, y - BADGE, 2 * BADGE, 2 * BADGE);
        g.setFill(road.palette().ground());
        g.setFont(Typefaces.bold(12));
        g.setTextAlign(TextAlignment.CENTER);
        g.setTextBaseline(VPos.CENTER);
        g.fillText(String.valueOf(number), x, y);
    }
}
