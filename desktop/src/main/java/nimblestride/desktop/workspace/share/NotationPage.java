package nimblestride.desktop.workspace.share;

import java.util.List;
import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.scene.control.Label;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.notation.alternative.NotationOption;
import nimblestride.core.notation.alternative.NotationOptions;
import nimblestride.core.notation.engraving.Drawing;
import nimblestride.core.notation.engraving.Engraver;
import nimblestride.core.notation.page.Sheet;
import nimblestride.core.notation.score.ScoreStyle;
import nimblestride.desktop.async.LatestOnly;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.service.Status;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.control.VerticalScroll;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.look.Palette;
import nimblestride.desktop.ui.page.Page;
import nimblestride.desktop.view.staff.DrawingPicture;
import nimblestride.formats.font.Fonts;

/** Shows the same music in every notation, the most readable first, with pros and cons. */
final class NotationPage extends VBox implements Page {
    private static final double SPACE = 4.6;
    private static final int MAX_LINES = 3;
    private static final int ACROSS = 2;
    private static final double AROUND = 44;

    private final ExerciseDocument document;
    private final ObjectProperty<Sheet> sheet;
    private final Status status;
    private final LatestOnly newest = new LatestOnly("comparing notations");
    private final GridPane cards = new GridPane();
    private final VerticalScroll scroll = new VerticalScroll(cards);
    private Optional<Exercise> shown = Optional.empty();
    private Palette palette = Palette.DAY;
    private Optional<List<Seen>> compared = Optional.empty();

    private record Seen(NotationOption way, Drawing start) {}

    /** @param status shows what has been done */
    NotationPage(ExerciseDocument document, ObjectProperty<Sheet> sheet, Status status) {
        this.document = document;
        this.sheet = sheet;
        this.status = status;
        getStyleClass().add("page");
        cards.getStyleClass().add("way-cards");
        cards.setId("ways");
        getChildren().setAll(scroll);
        for (int column = 0; column < ACROSS; column++) {
            ColumnConstraints even = new ColumnConstraints();
            even.setPercentWidth(100.0 / ACROSS);
            even.setFillWidth(true);
            cards.getColumnConstraints().add(even);
        }
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
        double room = (scroll.getWidth() / ACROSS - AROUND) / SPACE;
        if (shown.isEmpty() || room <= 0) {
            return;
        }
        if (compared.isEmpty()) {
            paint();
        }
        Exercise exercise = shown.get();
        newest.ask(() -> compare(exercise, room), seen -> {
            compared = Optional.of(seen);
            paint();
        });
    }

    private static List<Seen> compare(Exercise exercise, double room) {
        Engraver engraver = new Engraver(Fonts.get().music(), Fonts.get());
        return NotationOptions.of(exercise, ScoreStyle.DEFAULT).stream()
                .map(way -> {
                    List<Drawing> lines = engraver.lines(way.score(), room);
                    return new Seen(way, Drawing.below(lines.subList(0, Math.min(MAX_LINES, lines.size())), 1));
                })
                .toList();
    }

    private void paint() {
        cards.getChildren().clear();
        if (compared.isEmpty()) {
            cards.add(new Label("Comparing notations…"), 0, 0, ACROSS, 1);
            return;
        }
        List<Seen> ways = compared.get();
        if (ways.isEmpty()) {
            cards.add(
                    new WrappedLabel("I can't write these bars as notes. See why under Place > Staff."),
                    0,
                    0,
                    ACROSS,
                    1);
        }
        for (int i = 0; i < ways.size(); i++) {
            cards.add(card(ways.get(i), i == 0), i % ACROSS, i / ACROSS);
        }
    }

    private VBox card(Seen seen, boolean best) {
        NotationOption way = seen.way;
        Label name = new WrappedLabel(way.name(), "pane-title");
        VBox head = new VBox(name);
        if (best) {
            Label reads = new Label("easiest to read here");
            reads.getStyleClass().add("best");
            reads.setMinWidth(USE_PREF_SIZE);
            head.getChildren().add(0, reads);
        }
        DrawingPicture picture = new DrawingPicture(seen.start, SPACE, palette);
        picture.setAccessibleText(way.name() + ", first lines");
        Label proof = new WrappedLabel(way.strokes() + (way.strokes() == 1 ? " note" : " notes")
                + " read back from this notation, each at its exact time.");
        proof.getStyleClass().add("reading-why");
        HBox reasons = new HBox(reasons("Pro", way.speaksFor()), reasons("Con", way.speaksAgainst()));
        reasons.getStyleClass().add("reasons");
        VBox card = new VBox(head, picture, buttons(way), reasons, proof);
        card.getStyleClass().add("way-card");
        card.setMaxHeight(Double.MAX_VALUE);
        return card;
    }

    private HBox buttons(NotationOption way) {
        boolean onSheet = sheet.get().way().equals(way.name())
                || (sheet.get().way().isEmpty() && way.rewritten().equals(shown));
        SmallButton hand = new SmallButton(onSheet ? "On the sheet now" : "Use on the sheet", () -> handOut(way));
        hand.setDisable(onSheet);
        HBox buttons = new HBox(hand);
        buttons.getStyleClass().add("add-line");
        way.rewritten().filter(other -> !Optional.of(other).equals(shown)).ifPresent(other -> {
            SmallButton take = new SmallButton("Use this notation", () -> {
                document.edit(exercise -> other);
                status.show("Notation changed: " + way.name() + ".");
            });
            buttons.getChildren().add(take);
        });
        return buttons;
    }

    private void handOut(NotationOption way) {
        boolean asItStands = way.rewritten().equals(shown);
        sheet.set(sheet.get().inRounds(1).writtenAs(asItStands ? "" : way.name()));
        status.show("The sheet now uses: " + way.name() + ".");
    }

    private static VBox reasons(String title, List<String> reasons) {
        VBox column = new VBox();
        Label head = new Label(title);
        head.getStyleClass().add("reading-grouping");
        column.getChildren().add(head);
        for (String reason : reasons.isEmpty() ? List.of("None.") : reasons) {
            Label label = new WrappedLabel(reason, "reading-why");
            column.getChildren().add(label);
        }
        HBox.setHgrow(column, Priority.ALWAYS);
        column.setPrefWidth(120);
        column.setMaxWidth(Double.MAX_VALUE);
        return column;
    }

    @Override
    public void setPalette(Palette newPalette) {
        palette = newPalette;
        paint();
    }

    @Override
    public void close() {
        newest.close();
    }
}
