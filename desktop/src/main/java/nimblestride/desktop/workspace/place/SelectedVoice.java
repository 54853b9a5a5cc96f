package nimblestride.desktop.workspace.place;

import java.util.Optional;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.stroke.Ornament;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.kit.voice.NamedVoices;
import nimblestride.core.kit.voice.Voice;
import nimblestride.desktop.ui.control.TitleConverter;

/** Chooses what a click on a count places: a voice, its dynamic, and its ornament. */
final class SelectedVoice extends HBox {
    private final ComboBox<Voice> voice = new ComboBox<>();
    private final ComboBox<Dynamic> level = new ComboBox<>();
    private final ComboBox<Ornament> ornament = new ComboBox<>();

    SelectedVoice() {
        getStyleClass().add("add-line");
        voice.setId("hand-voice");
        voice.getItems().setAll(Kit.voices());
        voice.setValue(Kit.SNARE);
        voice.setVisibleRowCount(12);
        voice.setAccessibleText("The voice a click adds");
        width(voice, 116);
        level.setId("hand-level");
        level.getItems().setAll(Dynamic.values());
        level.setValue(Dynamic.NORMAL);
        level.setConverter(new TitleConverter<>(Dynamic::title));
        level.setAccessibleText("Dynamic");
        width(level, 124);
        ornament.setId("hand-ornament");
        ornament.getItems().setAll(Ornament.values());
        ornament.setValue(Ornament.NONE);
        ornament.setConverter(new TitleConverter<>(one -> one == Ornament.NONE ? "plain" : one.title()));
        ornament.setAccessibleText("Ornament");
        width(ornament, 100);
        Label caption = new Label("Click to add");
        caption.getStyleClass().add("quiet");
        caption.setMinWidth(USE_PREF_SIZE);
        getChildren().setAll(caption, voice, level, ornament);
    }

    private static void width(Region region, double width) {
        region.setPrefWidth(width);
        region.setMinWidth(width);
    }

    /** Offers these voices. */
    void show(NamedVoices voices) {
        if (!voice.getItems().equals(voices.all())) {
            Voice chosen = voice.getValue();
            voice.getItems().setAll(voices.all());
            voice.setValue(voices.all().contains(chosen) ? chosen : Kit.SNARE);
        }
    }

    Voice voice() {
        return voice.getValue();
    }

    Stroke stroke() {
        return new Stroke(level.getValue(), ornament.getValue(), Optional.empty());
    }
}
