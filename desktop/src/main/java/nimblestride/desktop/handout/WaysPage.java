package nimblestride.desktop.handout;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.beans.property.ObjectProperty;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import nimblestride.core.engraving.Drawing;
import nimblestride.core.engraving.Engraver;
import nimblestride.core.exercise.Exercise;
import nimblestride.core.score.Style;
import nimblestride.core.sheet.Sheet;
import nimblestride.core.ways.Way;
import nimblestride.core.ways.Ways;
import nimblestride.desktop.desk.Desk;
import nimblestride.desktop.desk.Newest;
import nimblestride.desktop.look.DownScroll;
import nimblestride.desktop.look.Palette;
import nimblestride.desktop.look.SmallButton;
import nimblestride.desktop.pages.Page;
import nimblestride.desktop.staff.DrawingPicture;
import nimblestride.formats.face.Faces;

/** The same music written in every way there is, the one that reads best first, each with what speaks for and against it. */
final class WaysPage extends VBox implements Page {
    private static final double SPACE = 5.5;
    private static final int MOST_LINES = 2;

    private final Desk desk;
    private final ObjectProperty<Sheet> sheet;
    private final Consumer<String> tell;
    private final Newest newest = new Newest("comparing ways to write");
    private final VBox cards = new VBox();
    private final DownScroll scroll = new DownScroll(cards);
    private Optional<Exercise> shown = Optional.empty();
    private Palette palette = Palette.DAY;
    private List<Seen> ways = List.of();

    private record Seen(Way way, Drawing start) {}

    /** @param tell is told what has been done */
    WaysPage(Desk desk, ObjectProperty<Sheet> sheet, Consumer<String> tell) {
        this.desk = desk;
        this.sheet = sheet;
        this.tell = tell;
        getStyleClass().add("page");
        cards.getStyleClass().add("way-cards");
        cards.setId("ways");
        getChildren().setAll(scroll);
        scroll.widthProperty().addListener(change -> ask());
        sheet.addListener(change -> paint());
    }

    @Override
    public void show(Exercise exercise) {
        if (!shown.equals(Optional.of(exercise))) {
            shown = Optional.of(exercise);
            ask();
        }
    }

    private void ask() {
        double room = (scroll.getWidth() - 60) / SPACE;
        if (shown.isEmpty() || room <= 0) {
            return;
        }
        Exercise exercise = shown.get();
        newest.ask(() -> compare(exercise, room), seen -> {
            ways = seen;
            paint();
        });
    }

    private static List<Seen> compare(Exercise exercise, double room) {
        Engraver engraver = new Engraver(Faces.get().music(), Faces.get());
        return Ways.of(exercise, Style.USUAL).stream()
                .map(way -> {
                    List<Drawing> lines = engraver.lines(way.score(), room);
                    return new Seen(way, Drawing.below(lines.subList(0, Math.min(MOST_LINES, lines.size())), 1));
                })
                .toList();
    }

    private void paint() {
        cards.getChildren().clear();
        if (ways.isEmpty()) {
            Label none =
                    new Label("These bars cannot be written as notes; the Staff page of the Place bench says why.");
            none.setWrapText(true);
            cards.getChildren().setAll(none);
        }
        for (int i = 0; i < ways.size(); i++) {
            cards.getChildren().add(card(ways.get(i), i == 0));
        }
    }

    private VBox card(Seen seen, boolean best) {
        Way way = seen.way;
        Label name = new Label(way.name());
        name.getStyleClass().add("pane-title");
        name.setMinWidth(USE_PREF_SIZE);
        HBox head = new HBox(name);
        head.getStyleClass().add("add-line");
        if (best) {
            Label reads = new Label("reads best here");
            reads.getStyleClass().add("best");
            reads.setMinWidth(USE_PREF_SIZE);
            head.getChildren().add(reads);
        }
        Label proof = new Label(way.strokes() + (way.strokes() == 1 ? " stroke" : " strokes") + " read back on time");
        proof.getStyleClass().add("quiet");
        proof.setTooltip(
                new Tooltip("Every stroke, read back from these notes alone, falls at the moment it is heard."));
        proof.setMinWidth(0);
        HBox.setHgrow(proof, Priority.ALWAYS);
        proof.setMaxWidth(Double.MAX_VALUE);
        head.getChildren().add(proof);
        boolean onSheet = sheet.get().way().equals(way.name())
                || (sheet.get().way().isEmpty() && way.rewritten().equals(shown));
        SmallButton hand = new SmallButton(onSheet ? "On the sheet" : "Hand it out so", () -> handOut(way));
        hand.setDisable(onSheet);
        head.getChildren().add(hand);
        way.rewritten().filter(other -> !Optional.of(other).equals(shown)).ifPresent(other -> {
            SmallButton take = new SmallButton("Write it so", () -> {
                desk.edit(exercise -> other);
                tell.accept("Written otherwise: " + way.name() + ".");
            });
            head.getChildren().add(take);
        });
        DrawingPicture picture = new DrawingPicture(seen.start, SPACE, palette);
        picture.setAccessibleText(way.name() + ", the first lines");
        HBox reasons = new HBox(reasons("For", way.speaksFor()), reasons("Against", way.speaksAgainst()));
        reasons.getStyleClass().add("reasons");
        VBox card = new VBox(head, picture, reasons);
        card.getStyleClass().add("way-card");
        return card;
    }

    private void handOut(Way way) {
        boolean asItStands = way.rewritten().equals(shown);
        sheet.set(sheet.get().inRounds(1).writtenAs(asItStands ? "" : way.name()));
        tell.accept("The sheet is now written so: " + way.name() + ".");
    }

    private static VBox reasons(String title, List<String> reasons) {
        VBox column = new VBox();
        Label head = new Label(title);
        head.getStyleClass().add("reading-grouping");
        column.getChildren().add(head);
        for (String reason : reasons.isEmpty() ? List.of("Nothing.") : reasons) {
            Label label = new Label(reason);
            label.setWrapText(true);
            label.setMinHeight(USE_PREF_SIZE);
            label.getStyleClass().add("reading-why");
            column.getChildren().add(label);
        }
        HBox.setHgrow(column, Priority.ALWAYS);
        column.setPrefWidth(200);
        column.setMaxWidth(Double.MAX_VALUE);
        return column;
    }

    void setPalette(Palette newPalette) {
        palette = newPalette;
        paint();
    }

    @Override
    public void close() {
        newest.close();
    }
}
