package nimblestride.desktop.view.staff;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import javafx.geometry.Orientation;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.ScrollBar;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseEvent;
import javafx.scene.input.ScrollEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.paint.Color;
import nimblestride.core.notation.engraving.Drawing;
import nimblestride.core.notation.engraving.Drawing.Spot;
import nimblestride.desktop.ui.look.DrawingCanvas;
import nimblestride.desktop.ui.look.Palette;

/** Shows drawings one below the other; draws only those in view. */
public final class DrawingList extends BorderPane {
    private static final double MARGIN = 8;
    private static final double WHEEL = 1.2;

    private final DrawingCanvas slate = new DrawingCanvas((g, width, height) -> draw(g, height));
    private final ScrollBar bar = new ScrollBar();
    private final double gap;
    private final boolean paper;
    private List<Drawing> drawings = List.of();
    private double[] tops = {0};
    private double space;
    private Palette palette = Palette.DAY;
    private List<Lit> lit = List.of();
    private Optional<Lit> chosen = Optional.empty();

    /** A lit spot of one of the drawings. */
    private record Lit(int drawing, Spot spot) {}

    /**
     * @param space a staff space in pixels
     * @param gap between drawings, in pixels
     * @param paper whether each drawing is a sheet of paper with an edge
     */
    public DrawingList(double space, double gap, boolean paper) {
        this.space = space;
        this.gap = gap;
        this.paper = paper;
        getStyleClass().add("drawings");
        setMinSize(0, 0);
        slate.heightProperty().addListener(change -> fitBar());
        bar.setOrientation(Orientation.VERTICAL);
        bar.setMin(0);
        bar.valueProperty().addListener(change -> slate.redraw());
        setCenter(slate);
        setRight(bar);
        addEventFilter(ScrollEvent.SCROLL, event -> {
            scrollTo(bar.getValue() - event.getDeltaY() * WHEEL);
            event.consume();
        });
        setOnKeyPressed(event -> {
            double page = slate.getHeight() * 0.9;
            if (event.getCode() == KeyCode.PAGE_DOWN || event.getCode() == KeyCode.PAGE_UP) {
                scrollTo(bar.getValue() + (event.getCode() == KeyCode.PAGE_DOWN ? page : -page));
                event.consume();
            }
        });
    }

    /** Sets what a click on a count does; it receives the drawing's number and the spot. */
    public void onClick(BiConsumer<Integer, Spot> clicked) {
        slate.addEventHandler(MouseEvent.MOUSE_PRESSED, event -> {
            requestFocus();
            for (int i = 0; i < drawings.size(); i++) {
                double y = (event.getY() - top(i)) / space;
                double x = (event.getX() - MARGIN) / space;
                if (y >= 0 && y <= drawings.get(i).height()) {
                    int index = i;
                    drawings.get(i).spotAt(x, y).ifPresent(spot -> clicked.accept(index, spot));
                }
            }
            event.consume();
        });
    }

    /** Sets what runs when the width changes. */
    public void onRoom(Runnable changed) {
        slate.widthProperty().addListener(change -> changed.run());
    }

    /** Sets the colors. */
    public void setPalette(Palette newPalette) {
        palette = newPalette;
        slate.redraw();
    }

    /** Returns the width a drawing can have, in staff spaces. */
    public double room() {
        return (slate.getWidth() - 2 * MARGIN) / space;
    }

    /** Zooms so that a width in staff spaces fills the list. */
    public void fitAcross(double width) {
        double fitting = (slate.getWidth() - 2 * MARGIN) / width;
        if (fitting > 0 && fitting != space) {
            space = fitting;
            show(drawings);
        }
    }

    /** Shows other drawings. */
    public void show(List<Drawing> newDrawings) {
        drawings = List.copyOf(newDrawings);
        lit = List.of();
        chosen = Optional.empty();
        tops = new double[drawings.size() + 1];
        double y = MARGIN;
        for (int i = 0; i < drawings.size(); i++) {
            tops[i] = y;
            y += drawings.get(i).height() * space + gap;
        }
        tops[drawings.size()] = y;
        fitBar();
    }

    /** Returns the drawings shown. */
    public List<Drawing> drawings() {
        return drawings;
    }

    private void fitBar() {
        double most = Math.max(0, tops[drawings.size()] - slate.getHeight());
        bar.setMax(most);
        bar.setVisibleAmount(most == 0 ? 1 : most * slate.getHeight() / tops[drawings.size()]);
        bar.setUnitIncrement(40);
        bar.setBlockIncrement(slate.getHeight() * 0.9);
        bar.setVisible(most > 0);
        bar.setManaged(most > 0);
        scrollTo(bar.getValue());
        slate.redraw();
    }

    private void scrollTo(double y) {
        bar.setValue(Math.max(0, Math.min(bar.getMax(), y)));
    }

    private double top(int index) {
        return tops[index] - bar.getValue();
    }

    /** Lights the last count at or before a place, and brings it into view. */
    public void light(int scoreBar, double at) {
        light(find(scoreBar, at).stream().toList());
    }

    /** Lights the counts of a stretch of a bar, and brings them into view. */
    public void light(int scoreBar, double from, double to) {
        List<Lit> found = new ArrayList<>();
        for (int i = 0; i < drawings.size(); i++) {
            for (Spot spot : drawings.get(i).spots()) {
                double at = spot.at().toDouble();
                if (spot.bar() == scoreBar && at >= from - 1e-9 && at < to - 1e-9) {
                    found.add(new Lit(i, spot));
                }
            }
        }
        light(found);
    }

    private void light(List<Lit> now) {
        if (!now.equals(lit)) {
            lit = now;
            lit.stream().findFirst().ifPresent(this::bringIntoSight);
            slate.redraw();
        }
    }

    /** Turns the light off. */
    public void unlight() {
        light(List.of());
    }

    /** Marks a count as selected. */
    public void choose(int drawing, Spot spot) {
        chosen = Optional.of(new Lit(drawing, spot));
        bringIntoSight(chosen.get());
        slate.redraw();
    }

    /** Marks no count as selected. */
    public void chooseNone() {
        chosen = Optional.empty();
        slate.redraw();
    }

    private Optional<Lit> find(int scoreBar, double at) {
        Lit best = null;
        for (int i = 0; i < drawings.size(); i++) {
            for (Spot spot : drawings.get(i).spots()) {
                if (spot.bar() == scoreBar && spot.at().toDouble() <= at + 1e-9) {
                    best = new Lit(i, spot);
                }
            }
        }
        return Optional.ofNullable(best);
    }

    private void bringIntoSight(Lit place) {
        double top = tops[place.drawing];
        double height = drawings.get(place.drawing).height() * space;
        if (top < bar.getValue() || top + height > bar.getValue() + slate.getHeight()) {
            scrollTo(top - MARGIN);
        }
    }

    private void draw(GraphicsContext graphics, double room) {
        CanvasPainter painter = new CanvasPainter(graphics, paper ? Palette.DAY : palette, space);
        for (int i = 0; i < drawings.size(); i++) {
            double top = top(i);
            double height = drawings.get(i).height() * space;
            if (top + height < 0 || top > room) {
                continue;
            }
            if (paper) {
                graphics.setFill(Color.WHITE);
                graphics.fillRect(MARGIN, top, drawings.get(i).width() * space, height);
                graphics.setStroke(palette.line());
                graphics.setLineWidth(1);
                graphics.strokeRect(MARGIN, top, drawings.get(i).width() * space, height);
            }
            int index = i;
            List<Lit> marked = new ArrayList<>();
            chosen.ifPresent(marked::add);
            marked.addAll(lit);
            marked.stream().filter(one -> one.drawing == index).forEach(one -> mark(graphics, one.spot, top));
            painter.paint(drawings.get(i), MARGIN, top);
        }
    }

    private void mark(GraphicsContext graphics, Spot spot, double top) {
        graphics.setFill(palette.landingGround());
        double x = MARGIN + spot.x() * space;
        double y = top + spot.y() * space;
        graphics.fillRect(x, y, spot.width() * space, spot.height() * space);
        graphics.setFill(palette.landing());
        graphics.fillRect(x, y + spot.height() * space - 3, spot.width() * space, 3);
    }
}
