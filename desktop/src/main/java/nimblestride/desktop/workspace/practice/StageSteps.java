package nimblestride.desktop.workspace.practice;

import java.util.List;
import java.util.function.IntConsumer;
import javafx.geometry.VPos;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.StackPane;
import javafx.scene.text.TextAlignment;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.plan.Stage;
import nimblestride.core.foundation.words.Capitalized;
import nimblestride.core.language.sentence.StageSentence;
import nimblestride.core.time.value.Tempo;
import nimblestride.desktop.ui.look.DrawingCanvas;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.ui.look.Typefaces;

/** Draws the way through the stages as steps: each is as high as its tempo. A click selects a stage. */
final class StageSteps extends StackPane {
    private static final double HEIGHT = 112;
    private static final double TOP = 18;
    private static final double GROUND = 22;
    private static final double GAP = 4;
    private static final double MAX_STEP = 150;
    private static final double MIN_TITLED = 74;
    private static final double MIN_TEMPO = 36;
    private static final double LETTER = 6.4;

    private final DrawingCanvas slate = new DrawingCanvas(this::draw);
    private Palette palette = Palette.DAY;
    private List<Step> steps = List.of();
    private String goal = "";
    private int marked = -1;

    /** A stage as it is drawn. */
    private record Step(String title, int percent, String tempo) {}

    /** @param select selects a stage, from 0 */
    StageSteps(IntConsumer select) {
        setId("stage-steps");
        setMinSize(0, HEIGHT);
        setPrefHeight(HEIGHT);
        setMaxHeight(HEIGHT);
        getChildren().setAll(slate);
        setAccessibleRole(AccessibleRole.IMAGE_VIEW);
        setManaged(false);
        setVisible(false);
        slate.setOnMouseClicked(event -> {
            int step = (int) (event.getX() / stepWidth(slate.getWidth()));
            if (step < steps.size()) {
                select.accept(step);
            }
        });
    }

    void setPalette(Palette newPalette) {
        palette = newPalette;
        slate.redraw();
    }

    /** Shows the stages of an exercise; with fewer than two there is no way to show. */
    void show(Exercise exercise) {
        steps = exercise.practice().stages().stream()
                .map(stage -> step(exercise, stage))
                .toList();
        goal = exercise.tempo().spoken();
        setManaged(steps.size() > 1);
        setVisible(steps.size() > 1);
        setAccessibleText(steps.size() + " stages on the way to " + goal);
        slate.redraw();
    }

    private static Step step(Exercise exercise, Stage stage) {
        return new Step(
                Capitalized.of(stage.task().title()),
                stage.percent(),
                Tempo.decimal(StageSentence.perMinute(exercise, stage)));
    }

    /** Marks the stage that plays; -1 for none. */
    void mark(int stage) {
        marked = stage;
        slate.redraw();
    }

    private double stepWidth(double width) {
        return Math.min(MAX_STEP, width / Math.max(1, steps.size()));
    }

    private void draw(GraphicsContext g, double width, double height) {
        double step = stepWidth(width);
        double ground = height - GROUND;
        int fastest = Math.max(100, steps.stream().mapToInt(Step::percent).max().orElse(100));
        double perPercent = (ground - TOP) / fastest;
        g.setFont(Typefaces.text(12));
        g.setTextBaseline(VPos.CENTER);
        for (int i = 0; i < steps.size(); i++) {
            draw(g, i, step, ground, perPercent);
        }
        double full = Math.round(ground - 100 * perPercent) + 0.5;
        g.setStroke(palette.landing());
        g.setLineWidth(1.5);
        g.setLineDashes(5, 4);
        g.strokeLine(0, full, steps.size() * step, full);
        g.setLineDashes();
        if (steps.size() * step + LETTER * goal.length() + 8 < width) {
            write(g, goal, steps.size() * step + 8, full, TextAlignment.LEFT);
        }
    }

    private void draw(GraphicsContext g, int index, double step, double ground, double perPercent) {
        Step one = steps.get(index);
        double x = index * step;
        double top = ground - one.percent * perPercent;
        g.setFill(index == marked ? palette.landing() : palette.landingGround());
        g.fillRect(x, top, step - GAP, ground - top);
        double middle = x + (step - GAP) / 2;
        g.setFill(index == marked ? palette.ground() : palette.ink());
        g.setTextAlign(TextAlignment.CENTER);
        if (step >= MIN_TITLED) {
            g.fillText(fitting(one.title, step - GAP - 6), middle, ground - 12);
        } else if (step >= MIN_TEMPO) {
            g.fillText(one.tempo, middle, ground - 12);
        }
        write(
                g,
                step >= MIN_TITLED ? (index + 1) + " · " + one.tempo : String.valueOf(index + 1),
                middle,
                ground + 11,
                TextAlignment.CENTER);
    }

    private static String fitting(String title, double width) {
        int most = (int) (width / LETTER);
        return title.length() <= most ? title : title.substring(0, Math.max(1, most - 1)) + "…";
    }

    private void write(GraphicsContext g, String text, double x, double y, TextAlignment alignment) {
        g.setFill(palette.ink());
        g.setTextAlign(alignment);
        g.fillText(text, x, y);
    }
}
