package nimblestride.desktop.window;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import nimblestride.desktop.sounding.Asking;

/** Asks for recordings in the window's own way. */
record AskingForSounds(Questions questions) implements Asking {
    @Override
    public Optional<Path> recording() {
        return questions.fileToOpen(List.of("wav"));
    }

    @Override
    public void tell(String title, String text) {
        questions.tell(title, text);
    }
}
