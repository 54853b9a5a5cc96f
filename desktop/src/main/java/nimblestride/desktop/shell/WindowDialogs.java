package nimblestride.desktop.shell;

import java.io.File;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.scene.control.Alert;
import javafx.scene.control.ButtonBar;
import javafx.scene.control.ButtonType;
import javafx.scene.control.ChoiceDialog;
import javafx.scene.control.Dialog;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextInputDialog;
import javafx.stage.DirectoryChooser;
import javafx.stage.FileChooser;
import javafx.stage.Stage;
import nimblestride.desktop.service.Dialogs;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.formats.export.ExportFormat;

/** Asks the user in dialogs of the window. */
public final class WindowDialogs implements Dialogs {
    private final Stage stage;
    private final ObjectProperty<Path> folder;

    /** @param firstFolder where file dialogs start the first time */
    public WindowDialogs(Stage stage, Path firstFolder) {
        this.stage = stage;
        this.folder = new SimpleObjectProperty<>(firstFolder);
    }

    @Override
    public ObjectProperty<Path> folderProperty() {
        return folder;
    }

    @Override
    public Optional<Path> fileToOpen(List<String> endings) {
        FileChooser chooser = chooser("Open", endings);
        return chosen(() -> chooser.showOpenDialog(stage));
    }

    @Override
    public Optional<Path> folderToOpen() {
        DirectoryChooser chooser = new DirectoryChooser();
        chooser.setTitle("Choose a folder");
        if (Files.isDirectory(folder.get())) {
            chooser.setInitialDirectory(folder.get().toFile());
        }
        return chosen(() -> chooser.showDialog(stage));
    }

    @Override
    public Optional<Path> fileToSave(String suggested) {
        return fileToSave(saveChooser(suggested));
    }

    @Override
    public Optional<Path> fileToSave(String suggested, Path folder) {
        FileChooser chooser = saveChooser(suggested);
        if (Files.isDirectory(folder)) {
            chooser.setInitialDirectory(folder.toFile());
        }
        return fileToSave(chooser);
    }

    private FileChooser saveChooser(String suggested) {
        String ending = suggested.substring(suggested.lastIndexOf('.') + 1);
        FileChooser chooser = chooser("Save", List.of(ending));
        chooser.setInitialFileName(suggested);
        return chooser;
    }

    private Optional<Path> fileToSave(FileChooser chooser) {
        return chosen(() -> chooser.showSaveDialog(stage));
    }

    private FileChooser chooser(String title, List<String> endings) {
        FileChooser chooser = new FileChooser();
        chooser.setTitle(title);
        chooser.getExtensionFilters()
                .setAll(
                        new FileChooser.ExtensionFilter(
                                kind(endings.get(0)),
                                endings.stream().map(ending -> "*." + ending).toList()),
                        new FileChooser.ExtensionFilter("All files", "*.*"));
        if (Files.isDirectory(folder.get())) {
            chooser.setInitialDirectory(folder.get().toFile());
        }
        return chooser;
    }

    private static String kind(String ending) {
        return Arrays.stream(ExportFormat.values())
                .filter(form -> form.ending().equals(ending))
                .map(ExportFormat::title)
                .findFirst()
                .orElse(ending);
    }

    private Optional<Path> chosen(Supplier<File> choice) {
        Optional<Path> file = Optional.ofNullable(choice.get()).map(File::toPath);
        file.map(Path::getParent).ifPresent(folder::set);
        return file;
    }

    @Override
    public void showError(String title, String text) {
        Alert alert = new Alert(Alert.AlertType.INFORMATION);
        prepare(alert, title, text);
        alert.showAndWait();
    }

    @Override
    public void showText(String title, String text) {
        Alert alert = new Alert(Alert.AlertType.INFORMATION);
        dress(alert, title);
        TextArea content = new TextArea(text);
        content.setEditable(false);
        content.setPrefSize(760, 420);
        alert.getDialogPane().setContent(content);
        alert.setResizable(true);
        alert.showAndWait();
    }

    @Override
    public boolean confirm(String title, String text, String yes) {
        ButtonType doIt = new ButtonType(yes, ButtonBar.ButtonData.YES);
        Alert alert = new Alert(Alert.AlertType.CONFIRMATION, "", doIt, ButtonType.CANCEL);
        prepare(alert, title, text);
        return alert.showAndWait().filter(doIt::equals).isPresent();
    }

    @Override
    public Optional<String> askLine(String title, String what, String first) {
        TextInputDialog dialog = new TextInputDialog(first);
        dialog.setContentText(what);
        dress(dialog, title);
        return dialog.showAndWait();
    }

    @Override
    public Optional<Integer> choose(String title, String what, List<String> from) {
        if (from.isEmpty()) {
            return Optional.empty();
        }
        ChoiceDialog<String> dialog = new ChoiceDialog<>(from.get(0), from);
        dialog.setContentText(what);
        dress(dialog, title);
        return dialog.showAndWait().map(from::indexOf);
    }

    private void dress(Dialog<?> dialog, String title) {
        dialog.initOwner(stage);
        dialog.setTitle("Nimble Stride");
        dialog.setHeaderText(title);
        dialog.setGraphic(null);
        dialog.getDialogPane().setStyle(stage.getScene().getRoot().getStyle());
        dialog.getDialogPane().getStylesheets().setAll(stage.getScene().getStylesheets());
    }

    private void prepare(Alert alert, String title, String text) {
        dress(alert, title);
        Label content = new WrappedLabel(text);
        content.setPrefWidth(460);
        alert.getDialogPane().setContent(content);
    }
}
