package nimblestride.desktop.shell;

import javafx.geometry.Orientation;
import javafx.scene.control.SplitPane;
import javafx.scene.layout.Region;
import nimblestride.desktop.view.road.RoadView;

/**
 * Shares the room between the Book, the Road with the workspace below it, and the findings; each edge can be dragged.
 */
final class PaneLayout extends SplitPane {
    /** The room that everything in the window needs across, in pixels. */
    static final double MIN_WIDTH = 1_000;

    /** Where the Book ends and where the findings begin, of the whole. */
    private static final double END_OF_BOOK = 0.15;

    private static final double BEGIN_OF_FINDINGS = 0.765;
    private static final double FOR_THE_ROAD = 0.59;
    private static final double FOR_THE_BENCH = 0.37;
    /** The Road keeps this much beside the bench where its lanes need it. */
    private static final double FOR_ALL_LANES = 0.45;

    /** How much room the edge itself takes, in pixels. */
    private static final double DIVIDER = 1;

    /** How near the edge is to where it was put, of the whole, if nobody has dragged it: it comes to lie on a whole pixel. */
    private static final double NEAR = 0.004;

    private final Region book;
    private final RoadView road;
    private final SplitPane middle;
    /** Where the edge between Road and bench was last put. */
    private double moved;

    PaneLayout(Region book, RoadView road, Region benches, Region findings) {
        this.book = book;
        this.road = road;
        middle = new SplitPane(road, benches);
        middle.setOrientation(Orientation.VERTICAL);
        moveTo(FOR_THE_ROAD);
        road.lanesHeightProperty().addListener(change -> roomForLanes());
        setResizableWithParent(benches, false);
        getItems().setAll(book, middle, findings);
        setDividerPositions(END_OF_BOOK, BEGIN_OF_FINDINGS);
        setMinWidth(MIN_WIDTH);
        setResizableWithParent(book, false);
        setResizableWithParent(findings, false);
        getStyleClass().add("across");
    }

    /** Shows the Book, or folds it away; the findings stay as wide as they are, and less room is needed without it. */
    void showBook(boolean shown) {
        if (shown == getItems().contains(book)) {
            return;
        }
        double[] edges = getDividerPositions();
        double findings = edges[edges.length - 1];
        if (shown) {
            getItems().add(0, book);
            setDividerPositions(Math.min(END_OF_BOOK, findings / 2), findings);
        } else {
            getItems().remove(book);
            setDividerPositions(findings);
        }
        setMinWidth(shown ? MIN_WIDTH : 0);
    }

    /** Gives the bench more room than the Road, but for lanes that would not be seen; or the Road more than the bench. */
    void roomForWorkspace(boolean more) {
        moveTo(more ? besideTheBench() : FOR_THE_ROAD);
    }

    /** Gives the Road beside a bench what new lanes need, unless somebody has dragged the edge. */
    private void roomForLanes() {
        boolean dragged = Math.abs(middle.getDividerPositions()[0] - moved) >= NEAR;
        if (!dragged && moved <= FOR_ALL_LANES) {
            moveTo(besideTheBench());
        }
    }

    private void moveTo(double edge) {
        moved = edge;
        middle.setDividerPositions(edge);
    }

    private double besideTheBench() {
        double allLanes = (road.lanesHeightProperty().get() + DIVIDER) / Math.max(1, middle.getHeight());
        return Math.max(FOR_THE_BENCH, Math.min(FOR_ALL_LANES, allLanes));
    }
}
