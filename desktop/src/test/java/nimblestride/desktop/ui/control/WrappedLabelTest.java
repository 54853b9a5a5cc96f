package nimblestride.desktop.ui.control;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import javafx.geometry.Insets;
import javafx.scene.Parent;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;
import nimblestride.desktop.OnStage;
import org.junit.jupiter.api.Test;

/** A wrapped label beside the toolkit's own, which lays its words out each time it is asked. */
class WrappedLabelTest extends OnStage {
    private final WrappedLabel label = new WrappedLabel("Kick: every 5 sixteenths");
    private final Label plain = new Label("Kick: every 5 sixteenths");

    @Override
    protected Parent content() {
        plain.setWrapText(true);
        return new VBox(label, plain);
    }

    private void assertSameHeights() {
        for (double width : List.of(-1.0, 60.0, 90.0, 60.0, 300.0, 90.0)) {
            assertThat(label.prefHeight(width)).as("%s wide", width).isEqualTo(plain.prefHeight(width));
        }
    }

    @Test
    void isAsHighAsTheToolkitsLabelWhateverChanges() {
        interact(this::assertSameHeights);
        assertThat(label.prefHeight(60)).isGreaterThan(label.prefHeight(300));
        String longer = "Kick: every 5 sixteenths, and back on the 1 in bar 15";
        double before = label.prefHeight(60);
        interact(() -> {
            label.setText(longer);
            plain.setText(longer);
            assertSameHeights();
        });
        assertThat(label.prefHeight(60)).isGreaterThan(before);
        interact(() -> {
            label.setStyle("-fx-font-size: 22px;");
            plain.setStyle("-fx-font-size: 22px;");
        });
        frames(1);
        interact(this::assertSameHeights);
        interact(() -> {
            label.setPadding(new Insets(7));
            plain.setPadding(new Insets(7));
            assertSameHeights();
            label.setText("Kick");
            plain.setText("Kick");
            assertSameHeights();
        });
    }
}
