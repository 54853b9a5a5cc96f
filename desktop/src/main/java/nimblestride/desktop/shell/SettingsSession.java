package nimblestride.desktop.shell;

import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.Optional;
import javafx.beans.property.IntegerProperty;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.desktop.service.Dialogs;
import nimblestride.desktop.service.Status;
import nimblestride.desktop.view.road.RoadView;
import nimblestride.desktop.workspace.share.ShareWorkspace;

/** Applies the settings at the start, and writes them at the end. */
final class SettingsSession {
    private final Path home;
    private final WindowFrame frame;
    private final ViewOptions options;
    private final Dialogs dialogs;
    private final RoadView road;
    private final ShareWorkspace share;
    private final IntegerProperty breaks;
    private final WindowSound sound;

    /**
     * @param home folder of the settings
     * @param breaks minutes of playing after which a break is due
     */
    SettingsSession(
            Path home,
            WindowFrame frame,
            ViewOptions options,
            Dialogs dialogs,
            RoadView road,
            ShareWorkspace share,
            IntegerProperty breaks,
            WindowSound sound) {
        this.home = home;
        this.frame = frame;
        this.options = options;
        this.dialogs = dialogs;
        this.road = road;
        this.share = share;
        this.breaks = breaks;
        this.sound = sound;
    }

    void apply(Settings settings) {
        options.bookShownProperty().set(settings.bookShown());
        options.findingsShownProperty().set(settings.findingsShown());
        folder(settings.folder()).ifPresent(dialogs.folderProperty()::set);
        options.reducedMotionProperty().set(settings.reducedMotion());
        options.darkModeProperty().set(settings.night());
        road.countingSystemProperty().set(settings.counting());
        breaks.set(settings.rests());
    }

    /** Returns the folder remembered; empty where it is gone by now, or there is none. */
    private static Optional<Path> folder(String remembered) {
        try {
            return Optional.of(remembered)
                    .filter(text -> !text.isEmpty())
                    .map(Path::of)
                    .filter(Files::isDirectory);
        } catch (InvalidPathException e) {
            return Optional.empty();
        }
    }

    /** Writes the current settings; if that fails, shows why and still lets the user quit. */
    void write(Status status) {
        share.rememberSheet();
        Settings settings = new Settings(
                frame.scene().getWidth(),
                frame.scene().getHeight(),
                options.darkModeProperty().get(),
                options.reducedMotionProperty().get(),
                frame.percent(),
                options.bookShownProperty().get(),
                options.findingsShownProperty().get(),
                dialogs.folderProperty().get().toString(),
                road.countingSystemProperty().get(),
                share.sheet(),
                breaks.get(),
                SoundSettings.of(sound.transport().settings(), sound.devices()));
        try {
            settings.write(home);
        } catch (StrideException e) {
            status.show("I can't save the settings: " + e.getMessage());
        }
    }
}
