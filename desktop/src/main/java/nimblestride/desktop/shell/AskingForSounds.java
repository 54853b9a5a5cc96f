package nimblestride.desktop.shell;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import nimblestride.desktop.workspace.sound.Asking;

/** Asks for recordings in the window's own way. */
record AskingForSounds(Dialogs questions) implements Asking {
    @Override
    public Optional<Path> recording() {
        return questions.fileToOpen(List.of("wav"));
    }

    @Override
    public void tell(String title, String text) {
        questions.showError(title, text);
    }
}
