package nimblestride.desktop.shell;

import java.util.stream.Stream;
import javafx.beans.binding.Bindings;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.language.text.TempoText;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.Tempo;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.document.library.UndoHistory;
import nimblestride.desktop.playback.Transport;
import nimblestride.desktop.ui.control.ControlTip;
import nimblestride.desktop.ui.field.TypedField;
import org.apache.commons.numbers.fraction.BigFraction;
import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** Shows the exercise's name, its bars, its tempo, and the play button. */
final class Heading extends VBox {
    private final ExerciseDocument document;
    private final TypedField<String> name;
    private final TypedField<Phrase> bars;
    private final TypedField<Tempo> tempo;

    Heading(ExerciseDocument document, UndoHistory steps, Transport transport) {
        this.document = document;
        getStyleClass().add("heading");
        name = new TypedField<>(
                text -> document.exerciseProperty().get().withName(text.strip()).name(),
                text -> text,
                value -> document.edit("name", exercise -> exercise.withName(value)),
                document::endBurst);
        name.field().setId("name");
        name.field().getStyleClass().add("exercise-name");
        name.field().setAccessibleText("Name of the exercise");
        HBox.setHgrow(name, Priority.ALWAYS);

        bars = new TypedField<>(
                BarsText::read,
                BarsText::write,
                value -> document.edit("bars", exercise -> exercise.withPhrase(value)),
                document::endBurst);
        bars.field().setId("bars");
        bars.field().getStyleClass().add("bars-line");
        bars.field().setPromptText("11/8(3+3+3+2) x2, 9/16");
        bars.field().setAccessibleText("Bars, as in: 11/8(3+3+3+2) x2, 9/16");
        HBox.setHgrow(bars, Priority.ALWAYS);

        tempo = new TypedField<>(
                TempoText::read,
                TempoText::write,
                value -> document.edit("tempo", exercise -> exercise.withTempo(value)),
                document::endBurst);
        tempo.field().setId("tempo");
        tempo.field().setAccessibleText("Tempo in BPM (quarters), or 1/8=210 for eighths");
        ControlTip.on(tempo.field(), "BPM in quarters, or 1/8=210 for eighths. Up and Down change it by one.");
        tempo.setPrefWidth(110);
        tempo.setMinWidth(110);
        tempo.field().addEventFilter(KeyEvent.KEY_PRESSED, this::stepTempo);

        Button play = new Button();
        play.setId("play");
        play.getStyleClass().add("play");
        play.setMinWidth(96);
        play.textProperty()
                .bind(Bindings.when(transport.countedProperty().isNotEmpty())
                        .then(transport.countedProperty())
                        .otherwise(Bindings.when(transport.playingProperty())
                                .then("Stop")
                                .otherwise("Play")));
        play.graphicProperty()
                .bind(Bindings.when(transport.playingProperty())
                        .then(new FontIcon(Feather.SQUARE))
                        .otherwise(new FontIcon(Feather.PLAY)));
        play.setOnAction(event -> transport.toggle());
        ControlTip.on(play, "Space");
        CheckBox click = new CheckBox("Click");
        click.setId("click");
        click.selectedProperty().bindBidirectional(transport.settings().clickProperty());
        ControlTip.on(click, "Turn the click on or off. Set it up under Sound (Ctrl+6).");

        HBox first = row(
                name,
                icon("undo", Feather.CORNER_UP_LEFT, "Undo (Ctrl+Z)", steps.canUndoProperty(), steps::undo),
                icon("redo", Feather.CORNER_UP_RIGHT, "Redo (Ctrl+Shift+Z)", steps.canRedoProperty(), steps::redo));
        HBox second = row(caption("Bars"), bars, caption("Tempo"), tempo, play, click);
        getChildren().setAll(first, second);
    }

    private static HBox row(Node... nodes) {
        HBox row = new HBox(nodes);
        row.setAlignment(Pos.TOP_LEFT);
        row.getStyleClass().add("heading-row");
        return row;
    }

    private static Label caption(String text) {
        Label label = new Label(text);
        label.getStyleClass().add("row-label");
        label.setMinWidth(USE_PREF_SIZE);
        return label;
    }

    private static Button icon(String id, Feather icon, String what, ReadOnlyBooleanProperty can, Runnable action) {
        Button button = new Button("", new FontIcon(icon));
        button.setId(id);
        button.getStyleClass().add("flat");
        button.setAccessibleText(what);
        ControlTip.on(button, what);
        button.setOnAction(event -> action.run());
        button.disableProperty().bind(can.not());
        return button;
    }

    private void stepTempo(KeyEvent event) {
        int step = event.getCode() == KeyCode.UP ? 1 : event.getCode() == KeyCode.DOWN ? -1 : 0;
        if (step == 0) {
            return;
        }
        event.consume();
        Tempo now = document.exerciseProperty().get().tempo();
        BigFraction next = now.perMinute().add(BigFraction.of(step));
        boolean isOne =
                next.compareTo(BigFraction.of(Tempo.MIN)) >= 0 && next.compareTo(BigFraction.of(Tempo.MAX)) <= 0;
        if (isOne && document.exerciseProperty().get().allowsTempo(new Tempo(now.beat(), next))) {
            document.edit("tempo", exercise -> exercise.withTempo(new Tempo(now.beat(), next)));
        }
    }

    void show(Exercise exercise) {
        name.show(exercise.name());
        bars.show(exercise.phrase());
        tempo.show(exercise.tempo());
    }

    /** Runs something when Enter ends a name, bars, or a tempo that can be read. */
    void onEnter(Runnable then) {
        Stream.of(name, bars, tempo).forEach(field -> field.onEnter(then));
    }

    /** Returns the field with the exercise's name, the first of the window. */
    TextField name() {
        return name.field();
    }

    /** Returns the field in which bars are typed. */
    TextField bars() {
        return bars.field();
    }
}
