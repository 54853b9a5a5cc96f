package nimblestride.desktop.window;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.application.Platform;
import nimblestride.desktop.desk.Autosave;
import nimblestride.desktop.desk.DraftKeeper;
import nimblestride.formats.json.DraftJson.Draft;

/** What lies on the desk is kept on disk by itself, and found there again; where that cannot be, it says so. */
final class Keeping implements AutoCloseable {
    private final Consumer<String> tell;
    private Optional<DraftKeeper> keeper = Optional.empty();
    private Optional<Autosave> autosave = Optional.empty();

    /** @param tell is given what the user is to know */
    Keeping(Consumer<String> tell) {
        this.tell = tell;
    }

    /** What lay on the desk last, or a blank exercise; from now on what lies there can be kept. */
    Draft last(Path folder) {
        try {
            DraftKeeper taken = DraftKeeper.in(folder);
            keeper = Optional.of(taken);
            autosave = Optional.of(new Autosave(taken, problem -> Platform.runLater(() -> tell.accept(problem))));
            Optional<Draft> last = taken.last();
            if (last.isPresent() && !last.get().saved()) {
                tell.accept("Picked up where you left off. This is in no file yet.");
            }
            return last.orElseGet(FileMenu::blank);
        } catch (IOException e) {
            String problem =
                    keeper.isPresent() ? e.getMessage() : "Your work cannot be kept on disk: " + e.getMessage();
            tell.accept(problem);
            return FileMenu.blank();
        }
    }

    void keep(Draft draft) {
        autosave.ifPresent(saving -> saving.keep(draft));
    }

    @Override
    public void close() {
        autosave.ifPresent(Autosave::close);
        keeper.ifPresent(held -> {
            try {
                held.close();
            } catch (IOException e) {
                // The lock ends with the process at the latest.
                tell.accept(e.getMessage());
            }
        });
    }
}
