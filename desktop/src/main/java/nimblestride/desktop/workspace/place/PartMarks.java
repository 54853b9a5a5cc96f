package nimblestride.desktop.workspace.place;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.application.Platform;
import javafx.geometry.Point2D;
import javafx.geometry.Rectangle2D;
import javafx.scene.Node;
import javafx.scene.control.TextArea;
import javafx.scene.control.skin.TextAreaSkin;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Line;
import javafx.scene.shape.Rectangle;
import nimblestride.core.language.text.PartRemark;

/** Underlines places of a text area: what is wrong with a firm line, what may not be meant with a dotted one. */
final class PartMarks extends Pane {
    /** The most lines drawn, and the most characters looked at in one place. */
    private static final int MOST = 200;

    private final TextArea area;
    private List<PartRemark> remarks = List.of();

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
        Platform.runLater(this::draw);
    }

    private void draw() {
        List<Node> lines = new ArrayList<>();
        if (area.getSkin() instanceof TextAreaSkin skin && area.getScene() != null) {
            remarks.stream().limit(MOST).forEach(remark -> addLines(remark, skin, lines));
        }
        getChildren().setAll(lines);
    }

    private void addLines(PartRemark remark, TextAreaSkin skin, List<Node> into) {
        int to = Math.min(Math.min(remark.to(), remark.from() + MOST), area.getLength());
        Optional<Line> line = Optional.empty();
        for (int i = remark.from(); i < to; i++) {
            Rectangle2D at = skin.getCharacterBounds(i);
            if (at == null || area.getText().charAt(i) == '\n') {
                continue;
            }
            Point2D from = place(at.getMinX(), at.getMaxY());
            if (line.isEmpty() || line.get().getStartY() != from.getY()) {
                line = Optional.of(line(remark, from));
                into.add(line.get());
            }
            line.get().setEndX(place(at.getMaxX(), at.getMaxY()).getX());
        }
    }

    private Point2D place(double x, double y) {
        return sceneToLocal(area.localToScene(x, y));
    }

    private static Line line(PartRemark remark, Point2D from) {
        Line line = new Line(from.getX(), from.getY(), from.getX(), from.getY());
        line.getStyleClass().add(remark.wrong() ? "part-wrong" : "part-question");
        return line;
    }
}
