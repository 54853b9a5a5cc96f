package nimblestride.desktop.window;

import java.nio.file.Path;
import java.util.function.Consumer;
import javafx.scene.Node;
import javafx.scene.input.Clipboard;
import javafx.scene.layout.BorderPane;
import nimblestride.core.exercise.Exercise;
import nimblestride.desktop.bringing.Bringing;
import nimblestride.desktop.bringing.BringingPane;
import nimblestride.desktop.bringing.Original;
import nimblestride.desktop.bringing.RememberedVoices;
import nimblestride.desktop.look.Palette;
import nimblestride.desktop.road.RoadView;

/** What a file of another program holds takes the window's room for as long as it is looked at. */
final class BringingIn implements Bringing.Takes {
    private final BorderPane root;
    private final Node heading;
    private final FileMenu files;
    private final Questions questions;
    private final Consumer<String> tell;
    private final RoadView road = new RoadView();
    private final Bringing bringing;
    private final BringingPane pane;
    private Node usual;

    /**
     * @param root its middle is taken while a file is looked at
     * @param heading of what lies on the desk, which is not seen meanwhile
     */
    BringingIn(BorderPane root, Node heading, Path home, FileMenu files, Questions questions, Consumer<String> tell) {
        this.root = root;
        this.heading = heading;
        this.files = files;
        this.questions = questions;
        this.tell = tell;
        this.bringing = new Bringing(this, new RememberedVoices(home.resolve("sounds.properties")));
        this.pane = new BringingPane(bringing, road);
        files.setBringing(this::begin);
    }

    private void begin(Original original) {
        if (root.getCenter() != pane) {
            usual = root.getCenter();
            root.setCenter(pane);
            heading.setVisible(false);
            heading.setManaged(false);
        }
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
        road.palette().set(palette);
    }

    @Override
    public boolean taken(Exercise exercise, String fileName, byte[] original) {
        return files.take(exercise, fileName, original);
    }

    @Override
    public void left() {
        if (usual != null) {
            root.setCenter(usual);
            heading.setVisible(true);
            heading.setManaged(true);
            usual = null;
        }
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
