package nimblestride.desktop.shell;

import java.nio.file.Path;
import java.util.function.Consumer;
import javafx.scene.input.Clipboard;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.desktop.async.Lazy;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.workspace.importing.DrumMap;
import nimblestride.desktop.workspace.importing.ImportPane;
import nimblestride.desktop.workspace.importing.ImportSession;
import nimblestride.desktop.workspace.importing.ImportedOriginal;

/** What a file of another program holds takes the window's room for as long as it is looked at. */
final class ImportView implements ImportSession.Takes {
    private final CenterPane middle;
    private final FileMenu files;
    private final Dialogs questions;
    private final Consumer<String> tell;
    private final ImportSession bringing;
    private final Lazy<ImportPane> pane;
    private Palette palette = Palette.DAY;

    ImportView(CenterPane middle, Path home, FileMenu files, Dialogs questions, Consumer<String> tell) {
        this.middle = middle;
        this.files = files;
        this.questions = questions;
        this.tell = tell;
        this.bringing = new ImportSession(this, new DrumMap(home.resolve("sounds.properties")));
        this.pane = new Lazy<>(() -> {
            ImportPane made = new ImportPane(bringing);
            made.setPalette(palette);
            return made;
        });
        files.setBringing(this::begin);
    }

    private void begin(ImportedOriginal original) {
        middle.show(pane.get());
        bringing.begin(original);
    }

    /** Brings in what has been copied: files, or a score as text. */
    void paste() {
        Clipboard clipboard = Clipboard.getSystemClipboard();
        if (clipboard.hasFiles() && !clipboard.getFiles().isEmpty()) {
            files.open(clipboard.getFiles().get(0).toPath());
        } else if (clipboard.hasString() && clipboard.getString().stripLeading().startsWith("<")) {
            files.paste(clipboard.getString());
        } else {
            tell.accept("There is neither a file nor a score to be pasted.");
        }
    }

    void setPalette(Palette palette) {
        this.palette = palette;
        pane.ifMade(made -> made.setPalette(palette));
    }

    @Override
    public boolean taken(Exercise exercise, String fileName, byte[] original) {
        return files.take(exercise, fileName, original);
    }

    @Override
    public void left() {
        middle.back();
    }

    @Override
    public void told(String message) {
        tell.accept(message);
    }

    @Override
    public void unreadable(String fileName, String why) {
        questions.showError("This file cannot be brought in", fileName + "\n\n" + why);
    }

    void close() {
        bringing.leave();
    }
}
