package nimblestride.desktop.shell;

import java.util.function.IntUnaryOperator;
import javafx.application.Platform;
import javafx.geometry.Rectangle2D;
import javafx.scene.Scene;
import javafx.scene.layout.Region;
import javafx.stage.Screen;
import javafx.stage.Stage;
import nimblestride.desktop.ui.look.DisplaySizes;
import nimblestride.desktop.ui.look.Palette;

/** The frame of a window: its size, the scale of its content, and its colors. */
final class WindowFrame {
    private static final double MIN_WIDTH = 640;
    private static final double MIN_HEIGHT = 480;

    private final Stage stage;
    private final double width;
    private final double height;
    private final ScaledRoot enlarged;
    private final Scene scene;

    WindowFrame(Stage stage, Region content, Settings remembered) {
        this.stage = stage;
        this.enlarged = new ScaledRoot(content);
        Rectangle2D room = Screen.getPrimary().getVisualBounds();
        this.width = within(MIN_WIDTH, remembered.width(), room.getWidth());
        this.height = within(MIN_HEIGHT, remembered.height(), room.getHeight());
        this.scene = new Scene(new Region(), width, height);
        enlarged.percentProperty().set(remembered.percent());
        enlarged.percentProperty().addListener(change -> dress());
        dress();
        stage.setScene(scene);
    }

    /** Returns a remembered size, limited to the screens there are now. */
    private static double within(double least, double remembered, double room) {
        return Math.max(least, Math.min(remembered, room));
    }

    private void dress() {
        scene.getStylesheets()
                .setAll(
                        WindowFrame.class
                                .getResource("/nimblestride/desktop/ui/look/stride.css")
                                .toExternalForm(),
                        DisplaySizes.stylesheet(percent()));
    }

    Scene scene() {
        return scene;
    }

    /** Returns the scale of everything, in percent. */
    int percent() {
        return enlarged.percentProperty().get();
    }

    void resize(IntUnaryOperator next) {
        enlarged.percentProperty().set(next.applyAsInt(percent()));
    }

    void wear(Palette palette) {
        enlarged.setStyle(palette.asStyle());
    }

    /** Returns the colors, as a style. */
    String style() {
        return enlarged.getStyle();
    }

    /**
     * Shows the window. Until then, its content has no scene: otherwise each added part would be styled once more.
     */
    void show() {
        scene.setRoot(enlarged);
        stage.show();
        stage.setMinWidth(MIN_WIDTH);
        stage.setMinHeight(MIN_HEIGHT);
        Platform.runLater(this::asLargeAsRemembered);
    }

    /** Restores the remembered size, because some window managers open a window at its minimum size. */
    private void asLargeAsRemembered() {
        if (scene.getWidth() < width && scene.getHeight() < height) {
            Rectangle2D room = Screen.getPrimary().getVisualBounds();
            stage.setWidth(Math.min(room.getWidth(), width + stage.getWidth() - scene.getWidth()));
            stage.setHeight(Math.min(room.getHeight(), height + stage.getHeight() - scene.getHeight()));
            stage.centerOnScreen();
        }
    }
}
