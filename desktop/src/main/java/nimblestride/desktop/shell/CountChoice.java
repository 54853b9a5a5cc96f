package nimblestride.desktop.shell;

import javafx.beans.property.ObjectProperty;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.layout.HBox;
import nimblestride.core.language.text.CountText;
import nimblestride.core.time.counting.Counting;
import nimblestride.core.time.counting.CountingSystem;
import nimblestride.core.time.counting.Subdivision;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.ui.control.ControlTip;
import nimblestride.desktop.ui.control.TitleConverter;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** Chooses the counting system of the Road, and copies the count as text. */
final class CountChoice extends HBox {
    CountChoice(
            ExerciseDocument document,
            ObjectProperty<Counting> counting,
            ObjectProperty<Subdivision> subdivision,
            Runnable stand) {
        getStyleClass().add("add-line");
        ComboBox<CountingSystem> countingSystems = new ComboBox<>();
        countingSystems.setId("counting");
        countingSystems.getItems().setAll(CountingSystem.values());
        countingSystems.setPrefWidth(172);
        countingSystems.setMinWidth(172);
        countingSystems.setConverter(new TitleConverter<>(CountingSystem::title));
        countingSystems.setAccessibleText("Counting system");
        countingSystems.setValue(counting.get().system());
        countingSystems
                .valueProperty()
                .addListener(
                        (property, old, system) -> counting.set(counting.get().in(system)));
        counting.addListener((property, old, now) -> countingSystems.setValue(now.system()));
        Button copy = new Button("", new FontIcon(Feather.COPY));
        copy.setId("copy-count");
        copy.setMinWidth(USE_PREF_SIZE);
        copy.getStyleClass().add("flat");
        copy.setAccessibleText("Copy the count");
        ControlTip.on(countingSystems, "How to count aloud");
        ControlTip.on(copy, "Copy the count as text, one line per bar");
        copy.setOnAction(event -> {
            ClipboardContent content = new ClipboardContent();
            content.putString(CountText.write(
                    document.exerciseProperty().get().phrase().bars(), counting.get(), subdivision.get()));
            Clipboard.getSystemClipboard().setContent(content);
        });
        Button large = new Button("", new FontIcon(Feather.BOOK_OPEN));
        large.setId("count-stand");
        large.setMinWidth(USE_PREF_SIZE);
        large.getStyleClass().add("flat");
        large.setAccessibleText("Stand: the count in large type, to read from the kit");
        ControlTip.on(large, "Stand: the count in large type, to read from the kit");
        large.setOnAction(event -> stand.run());
        setMinWidth(USE_PREF_SIZE);
        getChildren().setAll(countingSystems, copy, large);
    }
}
