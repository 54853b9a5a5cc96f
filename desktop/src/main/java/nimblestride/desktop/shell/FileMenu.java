package nimblestride.desktop.shell;

import javafx.scene.control.Menu;
import javafx.scene.control.SeparatorMenuItem;
import nimblestride.desktop.service.PageId;
import nimblestride.desktop.service.WindowServices;
import nimblestride.desktop.service.WorkspaceId;
import nimblestride.desktop.workspace.share.ShareWorkspace;

/** The File menu: new, open, save, export, backups, quit. */
final class FileMenu extends Menu {
    FileMenu(
            FileActions files,
            BookLibrary library,
            BookBackups backups,
            WindowServices services,
            ShareWorkspace share,
            Runnable quit) {
        super("File");
        getItems()
                .setAll(
                        MenuItems.item("New", "Shortcut+N", library::newExercise),
                        MenuItems.item("Open…", "Shortcut+O", files::open),
                        MenuItems.item("Import a score or MIDI…", "Shortcut+I", files::importFile),
                        new SeparatorMenuItem(),
                        MenuItems.item("Save", "Shortcut+S", library::saveWhereItCameFrom),
                        MenuItems.item("Save as…", "Shortcut+Shift+S", library::saveAs),
                        MenuItems.item("Keep in the Book", "Shortcut+K", library::save),
                        MenuItems.item("Export the original…", "Shortcut+Shift+O", files::saveOriginal),
                        MenuItems.item("Export MIDI…", "Shortcut+M", files::exportMidi),
                        MenuItems.item("Export WAV…", "Shortcut+W", () -> {
                            services.navigation().open(PageId.SOUND_FILE);
                            share.writeSound();
                        }),
                        MenuItems.item("Print the sheet…", "Shortcut+P", () -> {
                            services.navigation().open(WorkspaceId.SHARE);
                            share.print();
                        }),
                        new SeparatorMenuItem(),
                        MenuItems.item("Export the whole Book…", "Shortcut+Shift+W", services.export()::book),
                        MenuItems.item("Back up the Book…", "Shortcut+Shift+B", backups::backUp),
                        MenuItems.item("Restore a backup…", "Shortcut+Shift+R", backups::restore),
                        new SeparatorMenuItem(),
                        MenuItems.item("Quit", "Shortcut+Q", quit));
    }
}
