package nimblestride.desktop.workspace.sound;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import javafx.scene.control.ComboBox;
import javafx.scene.layout.VBox;
import nimblestride.desktop.playback.KitChoice;
import nimblestride.desktop.service.Dialogs;
import nimblestride.desktop.ui.control.Caption;
import nimblestride.desktop.ui.control.ControlTip;
import nimblestride.desktop.ui.control.FlowLine;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.sound.custom.CustomKit;

/** Chooses the kit of the exercise or of the Book, and adds kits. */
final class KitLine extends VBox {
    private final KitChoice kits;
    private final Dialogs dialogs;
    private final ComboBox<String> kit = new ComboBox<>();
    private final SmallButton forTheBook;
    private boolean showing;

    KitLine(KitChoice kits, Dialogs dialogs) {
        this.kits = kits;
        this.dialogs = dialogs;
        kit.setId("kit");
        kit.setAccessibleText("The kit this exercise plays on");
        kit.setPrefWidth(230);
        kit.setMinWidth(230);
        kit.valueProperty().addListener((property, was, name) -> {
            if (!showing && name != null) {
                choose(name);
            }
        });
        forTheBook = new SmallButton("Use in the whole Book", "kit-for-the-book", kits::chooseForTheBook);
        SmallButton folder = new SmallButton(
                "Add a folder…", "add-kit-folder", () -> dialogs.folderToOpen().ifPresent(this::add));
        ControlTip.on(folder, "WAV and FLAC files named like snare ghost.wav, kick.flac, tom 1 accent.wav");
        SmallButton font = new SmallButton(
                "Add a soundfont…", "add-soundfont", () -> dialogs.fileToOpen(List.of(CustomKit.SOUNDFONT))
                        .ifPresent(this::add));
        getChildren().setAll(new FlowLine(new Caption("Kit"), kit, folder, font, forTheBook));
        kits.onChange(this::show);
        show();
    }

    private void choose(String name) {
        if (kit.getItems().indexOf(name) == 0) {
            kits.chooseTheBooks();
        } else {
            kits.choose(name);
        }
    }

    private void add(Path place) {
        kits.add(place, (name, problems) -> {
            if (!problems.isEmpty()) {
                dialogs.showText(
                        "The kit " + name + " is added, but not all of its files",
                        String.join("\n", problems) + "\n\nThe recorded kit has what is missing.");
            }
        });
    }

    private void show() {
        showing = true;
        List<String> names = new ArrayList<>(List.of("as the Book: " + kits.ofTheBook()));
        names.addAll(kits.names());
        kits.ofTheExercise().filter(name -> !names.contains(name)).ifPresent(names::add);
        if (!kit.getItems().equals(names)) {
            kit.getItems().setAll(names);
        }
        kit.setValue(kits.ofTheExercise().orElse(names.get(0)));
        forTheBook.setVisible(kits.ofTheExercise().isPresent());
        forTheBook.setManaged(forTheBook.isVisible());
        showing = false;
    }
}
