package nimblestride.desktop.window;

import java.io.File;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.scene.control.Alert;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.scene.control.Label;
import javafx.stage.FileChooser;
import javafx.stage.Stage;
import nimblestride.formats.form.Form;

/** Asks in dialogs of the window. */
final class WindowQuestions implements Questions {
    private final Stage stage;
    private final Path firstFolder;

    WindowQuestions(Stage stage, Path firstFolder) {
        this.stage = stage;
        this.firstFolder = firstFolder;
    }

    @Override
    public Optional<Path> fileToOpen() {
        FileChooser chooser = chooser("Open an exercise", "json");
        return chosen(() -> chooser.showOpenDialog(stage));
    }

    @Override
    public Optional<Path> fileToSave(String suggested) {
        String ending = suggested.substring(suggested.lastIndexOf('.') + 1);
        FileChooser chooser = chooser("Save", ending);
        chooser.setInitialFileName(suggested);
        return chosen(() -> chooser.showSaveDialog(stage));
    }

    private FileChooser chooser(String title, String ending) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(title);
        chooser.getExtensionFilters()
                .setAll(
                        new FileChooser.ExtensionFilter(kind(ending), "*." + ending),
                        new FileChooser.ExtensionFilter("All files", "*.*"));
        if (Files.isDirectory(firstFolder)) {
            chooser.setInitialDirectory(firstFolder.toFile());
        }
        return chooser;
    }

    private static String kind(String ending) {
        return Arrays.stream(Form.values())
                .filter(form -> form.ending().equals(ending))
                .map(Form::title)
                .findFirst()
                .orElse(ending);
    }

    private static Optional<Path> chosen(Supplier<File> choice) {
        return Optional.ofNullable(choice.get()).map(File::toPath);
    }

    @Override
    public Keep keepChanges(String exerciseName) {
        ButtonType save = new ButtonType("Save", ButtonBar.ButtonData.YES);
        ButtonType letGo = new ButtonType("Don't save", ButtonBar.ButtonData.NO);
        Alert alert = new Alert(Alert.AlertType.CONFIRMATION, "", save, letGo, ButtonType.CANCEL);
        prepare(alert, "Save the changes?", "\"" + exerciseName + "\" has changes that are in no file yet.");
        ButtonType answer = alert.showAndWait().orElse(ButtonType.CANCEL);
        return answer == save ? Keep.SAVE : answer == letGo ? Keep.LET_GO : Keep.CANCEL;
    }

    @Override
    public void tell(String title, String text) {
        Alert alert = new Alert(Alert.AlertType.INFORMATION);
        prepare(alert, title, text);
        alert.showAndWait();
    }

    private void prepare(Alert alert, String title, String text) {
        alert.initOwner(stage);
        alert.setTitle("Nimble Stride");
        alert.setHeaderText(title);
        alert.setGraphic(null);
        Label content = new Label(text);
        content.setWrapText(true);
        content.setPrefWidth(460);
        alert.getDialogPane().setContent(content);
        alert.getDialogPane().setStyle(stage.getScene().getRoot().getStyle());
        alert.getDialogPane().getStylesheets().setAll(stage.getScene().getStylesheets());
    }
}
