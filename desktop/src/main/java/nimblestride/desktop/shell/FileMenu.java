package nimblestride.desktop.shell;

import java.util.Optional;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.input.KeyCombination;
import nimblestride.desktop.service.PageId;
import nimblestride.desktop.service.WindowServices;
import nimblestride.desktop.service.WorkspaceId;
import nimblestride.desktop.workspace.share.ShareWorkspace;
import nimblestride.formats.export.ExportFormat;

/** The File menu: new, import, export, print, backups, quit. */
final class FileMenu extends Menu {
    FileMenu(
            FileActions files,
            BookLibrary library,
            BookBackups backups,
            WindowServices services,
            ShareWorkspace share,
            Runnable quit) {
        super("File");
        Menu export = new Menu("Export");
        for (ExportFormat format : ExportFormat.values()) {
            MenuItem item = MenuItems.item(
                    format.title() + "…", () -> services.export().exercise(files.exercise(), format, share.sheet()));
            shortcut(format).map(KeyCombination::valueOf).ifPresent(item::setAccelerator);
            export.getItems().add(item);
        }
        export.getItems()
                .addAll(
                        MenuItems.item("Audio (WAV)…", "Shortcut+W", () -> {
                            services.navigation().open(PageId.SOUND_FILE);
                            share.writeSound();
                        }),
                        MenuItems.item("Web page…", () -> {
                            services.navigation().open(PageId.WEB_PAGE);
                            share.writeWebPage();
                        }),
                        MenuItems.item("The file it was imported from…", "Shortcut+Shift+O", files::saveOriginal),
                        new SeparatorMenuItem(),
                        MenuItems.item("The whole Book…", "Shortcut+Shift+W", services.export()::book));
        getItems()
                .setAll(
                        MenuItems.item("New", "Shortcut+N", library::newExercise),
                        MenuItems.item("Import…", "Shortcut+O", files::open),
                        export,
                        MenuItems.item("Print the sheet…", "Shortcut+P", () -> {
                            services.navigation().open(WorkspaceId.SHARE);
                            share.print();
                        }),
                        new SeparatorMenuItem(),
                        MenuItems.item("Back up the Book…", "Shortcut+Shift+B", backups::backUp),
                        MenuItems.item("Restore a backup…", "Shortcut+Shift+R", backups::restore),
                        new SeparatorMenuItem(),
                        MenuItems.item("Quit", "Shortcut+Q", quit));
    }

    private static Optional<String> shortcut(ExportFormat format) {
        return switch (format) {
            case JSON -> Optional.of("Shortcut+Shift+S");
            case MIDI -> Optional.of("Shortcut+M");
            default -> Optional.empty();
        };
    }
}
