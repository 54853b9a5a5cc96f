package nimblestride.desktop.window;

import javafx.geometry.Orientation;
import javafx.scene.control.SplitPane;
import javafx.scene.layout.Region;

/** How the room is shared: the Book, the Road with the bench below it, the findings; each edge can be dragged. */
final class Panes extends SplitPane {
    private static final double FOR_THE_ROAD = 0.62;
    private static final double FOR_THE_BENCH = 0.37;

    private final Region book;
    private final SplitPane middle;

    Panes(Region book, Region road, Region benches, Region findings) {
        this.book = book;
        middle = new SplitPane(road, benches);
        middle.setOrientation(Orientation.VERTICAL);
        middle.setDividerPositions(FOR_THE_ROAD);
        setResizableWithParent(benches, false);
        getItems().setAll(book, middle, findings);
        setDividerPositions(0.15, 0.765);
        setResizableWithParent(book, false);
        setResizableWithParent(findings, false);
        getStyleClass().add("across");
    }

    /** Shows the Book, or folds it away. */
    void showBook(boolean shown) {
        if (shown && !getItems().contains(book)) {
            getItems().add(0, book);
            setDividerPositions(0.15, 0.765);
        } else if (!shown) {
            getItems().remove(book);
        }
    }

    /** Gives the bench more room than the Road, or the Road more than the bench. */
    void roomForBench(boolean more) {
        middle.setDividerPositions(more ? FOR_THE_BENCH : FOR_THE_ROAD);
    }
}
