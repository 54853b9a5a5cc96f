package nimblestride.desktop.shell;

import javafx.geometry.Orientation;
import javafx.scene.control.SplitPane;
import javafx.scene.layout.Region;
import nimblestride.desktop.view.road.RoadView;

/**
 * Divides the window between the Book, the Road with the workspace below it, and the findings; each divider can be
 * dragged.
 */
final class PaneLayout extends SplitPane {
    /** The minimum width of the window's content, in pixels. */
    static final double MIN_WIDTH = 1_000;

    /** Where the Book ends and where the findings begin, as a share of the width. */
    private static final double END_OF_BOOK = 0.15;

    private static final double BEGIN_OF_FINDINGS = 0.765;
    private static final double FOR_THE_ROAD = 0.59;
    private static final double ROAD_BESIDE_WORKSPACE = 0.37;
    /** The most of the height the Road takes for its lanes. */
    private static final double MAX_FOR_LANES = 0.45;

    /** The height of the divider, in pixels. */
    private static final double DIVIDER = 1;

    /**
     * How far from its set position a divider may be without having been dragged, as a share: it snaps to whole
     * pixels.
     */
    private static final double NEAR = 0.004;

    private final Region book;
    private final Region findings;
    private final PaneRail bookRail;
    private final PaneRail findingsRail;
    private final RoadView road;
    private final SplitPane middle;
    /** The last position this class gave the divider between Road and workspace. */
    private double moved;

    private double endOfBook = END_OF_BOOK;
    private double beginOfFindings = BEGIN_OF_FINDINGS;

    PaneLayout(Region book, RoadView road, Region workspaces, Region findings, ViewOptions options) {
        this.book = book;
        this.findings = findings;
        bookRail = new PaneRail("The Book", "Ctrl+B", "unfold-book", () -> options.bookShownProperty()
                .set(true));
        findingsRail = new PaneRail("Findings", "Ctrl+G", "unfold-findings", () -> options.findingsShownProperty()
                .set(true));
        this.road = road;
        middle = new SplitPane(road, workspaces);
        middle.setOrientation(Orientation.VERTICAL);
        moveTo(FOR_THE_ROAD);
        road.lanesHeightProperty().addListener(change -> roomForLanes());
        setResizableWithParent(workspaces, false);
        getItems().setAll(book, middle, findings);
        setDividerPositions(END_OF_BOOK, BEGIN_OF_FINDINGS);
        setMinWidth(MIN_WIDTH);
        setResizableWithParent(book, false);
        setResizableWithParent(findings, false);
        getStyleClass().add("across");
        options.bookShownProperty().subscribe(this::showBook);
        options.findingsShownProperty().subscribe(this::showFindings);
    }

    /** Shows the Book, or folds it to a rail; the findings keep their width. */
    private void showBook(boolean shown) {
        double[] edges = getDividerPositions();
        if (!shown) {
            endOfBook = edges[0];
        }
        getItems().set(0, shown ? book : bookRail);
        setDividerPositions(shown ? Math.min(endOfBook, edges[1] / 2) : 0, edges[1]);
        fitWindow();
    }

    /** Shows the findings, or folds them to a rail; the Book keeps its width. */
    private void showFindings(boolean shown) {
        double[] edges = getDividerPositions();
        if (!shown) {
            beginOfFindings = edges[1];
        }
        getItems().set(2, shown ? findings : findingsRail);
        setDividerPositions(edges[0], shown ? beginOfFindings : 1);
        fitWindow();
    }

    /** The window needs less room without one of them. */
    private void fitWindow() {
        setMinWidth(getItems().contains(book) && getItems().contains(findings) ? MIN_WIDTH : 0);
    }

    /**
     * Gives the workspace more room than the Road, except for lanes that would be hidden; or the Road more than the
     * workspace.
     */
    void roomForWorkspace(boolean more) {
        moveTo(more ? roadBesideWorkspace() : FOR_THE_ROAD);
    }

    /** Makes room for new lanes on the Road, unless the user has dragged the divider. */
    private void roomForLanes() {
        boolean dragged = Math.abs(middle.getDividerPositions()[0] - moved) >= NEAR;
        if (!dragged && moved <= MAX_FOR_LANES) {
            moveTo(roadBesideWorkspace());
        }
    }

    private void moveTo(double edge) {
        moved = edge;
        middle.setDividerPositions(edge);
    }

    private double roadBesideWorkspace() {
        double allLanes = (road.lanesHeightProperty().get() + DIVIDER) / Math.max(1, middle.getHeight());
        return Math.max(ROAD_BESIDE_WORKSPACE, Math.min(MAX_FOR_LANES, allLanes));
    }
}
