package nimblestride.desktop.workspace.importing;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import javafx.collections.FXCollections;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.GridPane;
import nimblestride.core.foundation.words.Counted;
import nimblestride.core.kit.voice.NamedVoices;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.transcription.proposal.ImportChoice;
import nimblestride.core.transcription.source.ImportedPart;
import nimblestride.core.transcription.source.ImportedSound;
import nimblestride.desktop.ui.control.Caption;
import nimblestride.desktop.ui.control.TitleConverter;

/** Maps each sound of a part to a voice. */
final class SoundMapping extends GridPane {
    private static final String LEFT_OUT = "skip";

    private final BiConsumer<ImportedSound, Optional<Voice>> chosen;
    private final List<ComboBox<Optional<Voice>>> boxes = new ArrayList<>();
    private Optional<ImportedPart> shown = Optional.empty();
    private boolean showing;

    /** @param chosen receives the sound and its new voice; no voice leaves the sound out */
    SoundMapping(BiConsumer<ImportedSound, Optional<Voice>> chosen) {
        this.chosen = chosen;
        getStyleClass().addAll("ways", "compact");
    }

    void show(ImportedPart part, ImportChoice choice) {
        List<ImportedSound> sounds = part.sounds();
        List<Optional<Voice>> stand = sounds.stream().map(choice::voiceOf).toList();
        if (shown.filter(part::equals).isPresent()
                && stand.equals(boxes.stream().map(ComboBox::getValue).toList())) {
            // Keeps the boxes the user is choosing from.
            return;
        }
        shown = Optional.of(part);
        boxes.clear();
        showing = true;
        getChildren().clear();
        for (int row = 0; row < sounds.size(); row++) {
            ImportedSound sound = sounds.get(row);
            long strokes = part.strokes().stream()
                    .filter(struck -> struck.sound().equals(sound))
                    .count();
            ComboBox<Optional<Voice>> voices = new ComboBox<>(FXCollections.observableArrayList(voices()));
            voices.setConverter(
                    new TitleConverter<>(voice -> voice.map(Voice::name).orElse(LEFT_OUT)));
            voices.setValue(choice.voiceOf(sound));
            boxes.add(voices);
            voices.setId("sound-" + row);
            voices.setAccessibleText("Voice for " + sound.name());
            voices.setOnAction(event -> {
                if (!showing) {
                    chosen.accept(sound, voices.getValue());
                }
            });
            addRow(row, new Label(sound.name()), voices, new Caption(Counted.count(strokes, "hit")));
        }
        showing = false;
    }

    private static List<Optional<Voice>> voices() {
        List<Optional<Voice>> all = new ArrayList<>();
        NamedVoices.KIT.all().forEach(voice -> all.add(Optional.of(voice)));
        all.add(Optional.empty());
        return all;
    }
}
