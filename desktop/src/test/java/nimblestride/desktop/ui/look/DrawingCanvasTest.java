package nimblestride.desktop.ui.look;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import javafx.scene.Parent;
import javafx.scene.canvas.Canvas;
import javafx.scene.layout.Pane;
import javafx.scene.layout.StackPane;
import javafx.scene.transform.Scale;
import nimblestride.desktop.OnStage;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.testfx.api.FxToolkit;

/** A surface in a real window. */
class DrawingCanvasTest extends OnStage {
    private final List<String> drawn = new ArrayList<>();
    private final DrawingCanvas slate =
            new DrawingCanvas((g, width, height) -> drawn.add((int) width + "x" + (int) height));
    private final StackPane holder = new StackPane(slate);

    @Override
    protected Parent content() {
        holder.setMinSize(300, 200);
        holder.setMaxSize(300, 200);
        return new Pane(holder);
    }

    @BeforeEach
    void firstFrames() {
        settled();
    }

    private void settled() {
        frames(6);
    }

    private Canvas canvas() {
        return (Canvas) slate.getChildrenUnmodifiable().get(0);
    }

    @Test
    void isDrawnOnceHoweverOftenThatIsAskedFor() throws Exception {
        assertThat(drawn).last().isEqualTo("300x200");
        drawn.clear();
        FxToolkit.setupFixture(() -> {
            for (int i = 0; i < 10; i++) {
                slate.redraw();
            }
        });
        settled();
        assertThat(drawn).containsExactly("300x200");
        settled();
        assertThat(drawn).hasSize(1);
    }

    @Test
    void isDrawnAsFinelyAsItIsEnlarged() throws Exception {
        assertThat(canvas().getWidth()).isEqualTo(300);
        drawn.clear();
        FxToolkit.setupFixture(() -> holder.getTransforms().setAll(new Scale(2, 2)));
        settled();
        assertThat(canvas().getWidth()).isEqualTo(600);
        assertThat(canvas().getHeight()).isEqualTo(400);
        assertThat(drawn).isNotEmpty().containsOnly("300x200");
    }

    @Test
    void followsItsRoom() throws Exception {
        drawn.clear();
        FxToolkit.setupFixture(() -> {
            holder.setMinWidth(120);
            holder.setMaxWidth(120);
        });
        settled();
        assertThat(drawn).last().isEqualTo("120x200");
        drawn.clear();
        FxToolkit.setupFixture(() -> {
            holder.setMinHeight(0);
            holder.setMaxHeight(0);
        });
        settled();
        assertThat(drawn).as("nothing is drawn where there is no room").isEmpty();
    }
}
