package nimblestride.desktop.workspace.place;

import java.util.ArrayList;
import java.util.List;
import javafx.application.Platform;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.Scene;
import javafx.scene.control.TextArea;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Line;
import javafx.scene.shape.LineTo;
import javafx.scene.shape.MoveTo;
import javafx.scene.shape.PathElement;
import javafx.scene.shape.Rectangle;
import javafx.scene.text.Text;
import nimblestride.core.language.text.PartRemark;

/** Underlines places of a text area: what is wrong with a firm line, what may not be meant with a dotted one. */
final class PartMarks extends Pane {
    /** The most lines drawn, and the most characters looked at in one place. */
    private static final int MOST = 200;

    private final TextArea area;
    private List<PartRemark> remarks = List.of();
    private boolean waiting;

    PartMarks(TextArea area) {
        this.area = area;
        setMouseTransparent(true);
        Rectangle clip = new Rectangle();
        clip.widthProperty().bind(widthProperty());
        clip.heightProperty().bind(heightProperty());
        setClip(clip);
        area.scrollTopProperty().addListener(change -> drawLater());
        area.layoutBoundsProperty().addListener(change -> drawLater());
        area.skinProperty().addListener(change -> drawLater());
    }

    void show(List<PartRemark> newRemarks) {
        remarks = List.copyOf(newRemarks);
        drawLater();
    }

    /** Draws when the area has laid out its text. */
    private void drawLater() {
        Scene scene = area.getScene();
        if (scene == null || waiting) {
            return;
        }
        waiting = true;
        scene.addPostLayoutPulseListener(new Runnable() {
            @Override
            public void run() {
                scene.removePostLayoutPulseListener(this);
                waiting = false;
                draw();
            }
        });
        Platform.requestNextPulse();
    }

    private void draw() {
        List<Node> lines = new ArrayList<>();
        if (area.lookup(".text") instanceof Text text) {
            remarks.stream()
                    .filter(remark -> remark.from() < text.getText().length())
                    .limit(MOST)
                    .forEach(remark -> lines.addAll(lines(remark, text)));
        }
        getChildren().setAll(lines);
    }

    /** Returns a line below each row of text that a remark is about. */
    private List<Line> lines(PartRemark remark, Text text) {
        int to = Math.min(
                Math.min(remark.to(), remark.from() + MOST), text.getText().length());
        Point2D origin = sceneToLocal(text.localToScene(0, 0));
        List<Line> lines = new ArrayList<>();
        for (PathElement element : text.rangeShape(remark.from(), to)) {
            // Each row is a rectangle, drawn from its upper left corner.
            if (element instanceof MoveTo corner) {
                double x = origin.getX() + corner.getX();
                lines.add(new Line(x, origin.getY() + corner.getY(), x, origin.getY() + corner.getY()));
            } else if (element instanceof LineTo side) {
                Line line = lines.get(lines.size() - 1);
                double y = Math.max(line.getStartY(), origin.getY() + side.getY());
                line.setStartY(y);
                line.setEndY(y);
                line.setEndX(Math.max(line.getEndX(), origin.getX() + side.getX()));
            }
        }
        lines.forEach(line -> line.getStyleClass().add(remark.wrong() ? "part-wrong" : "part-question"));
        return lines;
    }
}
