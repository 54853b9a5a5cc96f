package nimblestride.desktop.workspace.place;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import javafx.geometry.Orientation;
import javafx.scene.AccessibleRole;
import javafx.scene.control.ScrollBar;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.VBox;
import javafx.scene.shape.Rectangle;
import nimblestride.core.kit.sticking.Sticking;
import nimblestride.desktop.async.LatestOnly;
import nimblestride.desktop.ui.look.Palette;

/** Lists variations and scrolls through them, however many there are; it makes only the rows in view. */
final class VariationTable extends BorderPane implements AutoCloseable {
    private static final int MOST_ROWS = 40;

    private final Actions actions;
    private final VBox rows = new VBox();
    private final VBox pinnedRow = new VBox();
    private final ScrollBar bar = new ScrollBar();
    private final LatestOnly listing = new LatestOnly("listing variations");
    private final Set<BigInteger> picked = new HashSet<>();
    private Optional<VariationLister> lister = Optional.empty();
    private Optional<VariationRow> pinned = Optional.empty();
    private Set<Sticking> practiced = Set.of();
    private List<VariationRow> inView = List.of();
    private Palette palette = Palette.DAY;
    private BigInteger top = BigInteger.ZERO;
    /** The place of the selected row in the list. */
    private BigInteger selected = BigInteger.ZERO;

    private boolean moving;

    /** What the table asks for. */
    interface Actions {
        /** Plays a row that was selected. */
        void play(VariationRow row);

        /** Puts a row into the exercise. */
        void use(VariationRow row);

        /** Ticks a row off as practiced, or not. */
        void tick(VariationRow row, boolean practiced);

        /** Takes note that rows were picked for the sheet. */
        void picked(Set<BigInteger> numbers);
    }

    VariationTable(Actions actions) {
        this.actions = actions;
        setId("deal-table");
        getStyleClass().add("variations");
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.LIST_VIEW);
        setMinHeight(3 * VariationRowView.HEIGHT + 2);
        bar.setOrientation(Orientation.VERTICAL);
        bar.setMin(0);
        bar.valueProperty().addListener((property, old, now) -> {
            if (!moving) {
                moveTo(BigDecimal.valueOf(now.doubleValue()).toBigInteger());
            }
        });
        setTop(pinnedRow);
        setCenter(rows);
        setRight(bar);
        rows.setMinHeight(0);
        Rectangle clip = new Rectangle();
        clip.widthProperty().bind(widthProperty());
        clip.heightProperty().bind(heightProperty());
        setClip(clip);
        heightProperty().addListener(change -> list());
        addEventFilter(ScrollEvent.SCROLL, event -> {
            moveTo(top.add(BigInteger.valueOf(event.getDeltaY() > 0 ? -1 : 1)));
            event.consume();
        });
        addEventHandler(KeyEvent.KEY_PRESSED, this::press);
    }

    /** Lists other variations, from the first. */
    void show(VariationLister newLister) {
        lister = Optional.of(newLister);
        pinned = Optional.empty();
        picked.clear();
        actions.picked(Set.of());
        top = BigInteger.ZERO;
        selected = BigInteger.ZERO;
        inView = List.of();
        list();
    }

    /** Lists nothing. */
    void clear() {
        lister = Optional.empty();
        rows.getChildren().clear();
        pinnedRow.getChildren().clear();
        bar.setVisible(false);
    }

    /** Shows which variations were practiced. */
    void showPracticed(Set<Sticking> stickings) {
        practiced = stickings;
        draw();
    }

    void setPalette(Palette newPalette) {
        palette = newPalette;
        draw();
    }

    private int visible() {
        double room = getHeight() - (pinned.isPresent() ? VariationRowView.HEIGHT : 0);
        return (int) Math.max(1, Math.min(MOST_ROWS, room / VariationRowView.HEIGHT));
    }

    private BigInteger last() {
        return lister.map(VariationLister::count).orElse(BigInteger.ZERO).subtract(BigInteger.ONE);
    }

    private void moveTo(BigInteger newTop) {
        BigInteger lowest = last().subtract(BigInteger.valueOf(visible() - 1L)).max(BigInteger.ZERO);
        BigInteger fitting = newTop.max(BigInteger.ZERO).min(lowest);
        if (!fitting.equals(top)) {
            top = fitting;
            list();
        }
    }

    /** Lists the rows in view, off the interface thread. */
    private void list() {
        lister.ifPresent(now -> {
            BigInteger from = top;
            int most = visible();
            fitBar();
            listing.ask(() -> now.rows(from, most), found -> {
                inView = found;
                draw();
            });
        });
    }

    private void fitBar() {
        moving = true;
        double most = Math.max(0, last().doubleValue() + 1 - visible());
        bar.setMax(most);
        bar.setVisibleAmount(most == 0 ? 1 : Math.max(most * 0.04, most * visible() / (most + visible())));
        bar.setValue(Math.min(most, top.doubleValue()));
        bar.setVisible(most > 0);
        moving = false;
    }

    private void draw() {
        rows.getChildren().setAll(inView.stream().map(row -> view(row, true)).toList());
        pinnedRow
                .getChildren()
                .setAll(pinned.stream().map(row -> view(row, false)).toList());
        rows.getChildren().forEach(node -> {
            VariationRowView view = (VariationRowView) node;
            view.select(place(view.row()).equals(selected));
        });
    }

    private VariationRowView view(VariationRow row, boolean compared) {
        VariationRowView view = new VariationRowView(
                row,
                compared ? pinned.map(one -> row.differencesTo(one.sticking())).orElse(List.of()) : List.of(),
                practiced.contains(row.sticking()),
                picked.contains(row.number()),
                palette);
        view.onTicked(ticked -> actions.tick(row, ticked));
        view.onPicked(on -> pick(row.number(), on));
        view.setOnMousePressed(event -> {
            requestFocus();
            select(place(row));
            if (event.getClickCount() > 1) {
                actions.use(row);
            } else {
                actions.play(row);
            }
        });
        return view;
    }

    /** Returns the place of a row in view in the list. */
    private BigInteger place(VariationRow row) {
        return top.add(BigInteger.valueOf(Math.max(0, inView.indexOf(row))));
    }

    private void select(BigInteger place) {
        selected = place.max(BigInteger.ZERO).min(last().max(BigInteger.ZERO));
        if (selected.compareTo(top) < 0) {
            moveTo(selected);
        } else if (selected.compareTo(top.add(BigInteger.valueOf(visible()))) >= 0) {
            moveTo(selected.subtract(BigInteger.valueOf(visible() - 1L)));
        }
        draw();
    }

    /** Selects the row with a number, brings it into view, and gives it to somebody. */
    void choose(BigInteger number, Consumer<VariationRow> receiver) {
        lister.ifPresent(now -> {
            select(number);
            listing.ask(() -> now.rows(top, visible()), found -> {
                inView = found;
                draw();
                selectedRow().ifPresent(receiver);
            });
        });
    }

    /** Returns the selected row, while it is in view. */
    Optional<VariationRow> selectedRow() {
        return inView.stream().filter(row -> place(row).equals(selected)).findFirst();
    }

    /** Keeps the selected row in view, to compare others with it; lets go of it where it is kept already. */
    void pin() {
        Optional<VariationRow> row = selectedRow();
        pinned = pinned.equals(row) ? Optional.empty() : row;
        list();
    }

    private void pick(BigInteger number, boolean on) {
        if (on) {
            picked.add(number);
        } else {
            picked.remove(number);
        }
        actions.picked(Set.copyOf(picked));
    }

    /** Picks rows for the sheet, besides those picked already. */
    void pick(List<BigInteger> numbers) {
        picked.addAll(numbers);
        actions.picked(Set.copyOf(picked));
        draw();
    }

    private void press(KeyEvent event) {
        long page = visible();
        Optional<BigInteger> to =
                switch (event.getCode()) {
                    case UP -> Optional.of(selected.subtract(BigInteger.ONE));
                    case DOWN -> Optional.of(selected.add(BigInteger.ONE));
                    case PAGE_UP -> Optional.of(selected.subtract(BigInteger.valueOf(page)));
                    case PAGE_DOWN -> Optional.of(selected.add(BigInteger.valueOf(page)));
                    case HOME -> Optional.of(BigInteger.ZERO);
                    case END -> Optional.of(last());
                    default -> Optional.empty();
                };
        to.ifPresent(this::select);
        switch (event.getCode()) {
            case ENTER -> selectedRow().ifPresent(actions::use);
            case T -> selectedRow().ifPresent(row -> actions.tick(row, !practiced.contains(row.sticking())));
            case C -> pin();
            case P -> selectedRow().ifPresent(actions::play);
            default -> {
                if (to.isEmpty()) {
                    return;
                }
            }
        }
        event.consume();
    }

    @Override
    public void close() {
        listing.close();
    }
}
