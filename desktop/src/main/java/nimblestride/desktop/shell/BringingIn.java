package nimblestride.desktop.shell;

import java.nio.file.Path;
import java.util.function.Consumer;
import javafx.scene.input.Clipboard;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.desktop.async.Late;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.workspace.importing.Bringing;
import nimblestride.desktop.workspace.importing.BringingPane;
import nimblestride.desktop.workspace.importing.Original;
import nimblestride.desktop.workspace.importing.RememberedVoices;

/** What a file of another program holds takes the window's room for as long as it is looked at. */
final class BringingIn implements Bringing.Takes {
    private final Middle middle;
    private final FileMenu files;
    private final Questions questions;
    private final Consumer<String> tell;
    private final Bringing bringing;
    private final Late<BringingPane> pane;
    private Palette palette = Palette.DAY;

    BringingIn(Middle middle, Path home, FileMenu files, Questions questions, Consumer<String> tell) {
        this.middle = middle;
        this.files = files;
        this.questions = questions;
        this.tell = tell;
        this.bringing = new Bringing(this, new RememberedVoices(home.resolve("sounds.properties")));
        this.pane = new Late<>(() -> {
            BringingPane made = new BringingPane(bringing);
            made.setPalette(palette);
            return made;
        });
        files.setBringing(this::begin);
    }

    private void begin(Original original) {
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
        questions.tell("This file cannot be brought in", fileName + "\n\n" + why);
    }

    void close() {
        bringing.leave();
    }
}
