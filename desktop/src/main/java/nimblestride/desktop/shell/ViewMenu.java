package nimblestride.desktop.shell;

import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Menu;
import javafx.scene.control.SeparatorMenuItem;
import nimblestride.desktop.service.Navigation;
import nimblestride.desktop.service.WorkspaceId;
import nimblestride.desktop.ui.look.DisplaySizes;
import nimblestride.desktop.view.road.RoadView;

/** The View menu: goes to a workspace, zooms, and changes how the window looks. */
final class ViewMenu extends Menu {
    /**
     * @param enter puts the focus into the page that is shown
     * @param find moves the focus to the Book's search field
     */
    ViewMenu(
            ViewOptions options,
            Navigation navigation,
            RoadView road,
            MusicStandWindow stand,
            Appearance appearance,
            Runnable enter,
            Runnable find) {
        super("View");
        CheckMenuItem book = MenuItems.check("Show the Book", "Shortcut+B");
        book.selectedProperty().bindBidirectional(options.bookShownProperty());
        CheckMenuItem findings = MenuItems.check("Show the findings", "Shortcut+G");
        findings.selectedProperty().bindBidirectional(options.findingsShownProperty());
        CheckMenuItem room = MenuItems.check("More room for the workspace", "Shortcut+E");
        room.selectedProperty().bindBidirectional(options.roomForWorkspaceProperty());
        CheckMenuItem dark = MenuItems.check("Dark mode", "Shortcut+D");
        dark.selectedProperty().bindBidirectional(options.darkModeProperty());
        CheckMenuItem still = new CheckMenuItem("Reduce motion");
        still.selectedProperty().bindBidirectional(options.reducedMotionProperty());
        int number = 1;
        for (WorkspaceId workspace : WorkspaceId.values()) {
            getItems().add(MenuItems.item(workspace.title(), "Shortcut+" + number, () -> {
                navigation.open(workspace);
                enter.run();
            }));
            number++;
        }
        getItems()
                .addAll(
                        MenuItems.item("Stand: this bar and the next, full screen", "Shortcut+R", stand::show),
                        new SeparatorMenuItem(),
                        MenuItems.item("Zoom in", "Shortcut+PLUS", road::zoomIn),
                        MenuItems.item("Zoom out", "Shortcut+MINUS", road::zoomOut),
                        MenuItems.item("Fit the phrase", "Shortcut+0", road::fitPhrase),
                        new SeparatorMenuItem(),
                        MenuItems.item(
                                "Larger display",
                                "Shortcut+Shift+PERIOD",
                                () -> appearance.resize(DisplaySizes::larger)),
                        MenuItems.item(
                                "Smaller display",
                                "Shortcut+Shift+COMMA",
                                () -> appearance.resize(DisplaySizes::smaller)),
                        new SeparatorMenuItem(),
                        MenuItems.item("Find in the Book", "Shortcut+F", () -> {
                            navigation.showBook();
                            find.run();
                        }),
                        book,
                        findings,
                        room,
                        dark,
                        still);
    }
}
