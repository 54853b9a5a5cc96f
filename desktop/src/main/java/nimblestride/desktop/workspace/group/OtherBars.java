package nimblestride.desktop.workspace.group;

import java.util.List;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.scene.control.Button;
import javafx.scene.layout.FlowPane;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Phrase;
import nimblestride.desktop.ui.control.Caption;
import nimblestride.desktop.ui.control.ControlTip;
import nimblestride.desktop.ui.control.SmallButton;

/** A line of other bars that last as long: each button writes them. */
final class OtherBars extends FlowPane {
    private final String caption;
    private final String id;
    private final Consumer<List<Bar>> write;

    /**
     * @param caption what is written otherwise
     * @param id begins the ids of the buttons
     */
    OtherBars(String caption, String id, Consumer<List<Bar>> write) {
        this.caption = caption;
        this.id = id;
        this.write = write;
        getStyleClass().add("wishes");
        show(List.of());
    }

    /** Shows lists of bars; hides the line where there is none. */
    void show(List<List<Bar>> found) {
        getChildren().clear();
        setVisible(!found.isEmpty());
        setManaged(!found.isEmpty());
        getChildren().add(new Caption(caption));
        int number = 0;
        for (List<Bar> bars : found) {
            String text = Phrase.folded(bars).parts().stream()
                    .map(part -> BarsText.write(Phrase.of(part)))
                    .collect(Collectors.joining(", "));
            Button button = new SmallButton(text, id + "-" + number++, () -> write.accept(bars));
            ControlTip.on(button, "Rewrite as " + text);
            getChildren().add(button);
        }
    }
}
