package nimblestride.desktop.workspace.cross;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.kit.orchestration.OrchestrationRule;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.language.text.OrchestrationText;
import nimblestride.core.language.text.ResetText;
import nimblestride.core.layer.crossing.Displacement;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Reset;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.ui.control.Caption;
import nimblestride.desktop.ui.control.ControlTip;
import nimblestride.desktop.ui.field.BarCountParser;
import nimblestride.desktop.ui.field.TypedField;

/** Edits the rest of a layer: where it starts again, where it lands, how often it has the 1, what follows it. */
final class LayerFields extends FlowPane {
    private final ExerciseDocument document;
    private final int index;
    private final Consumer<String> problem;
    private final TypedField<Reset> reset;
    private final TypedField<Integer> ones;
    private final TypedField<List<OrchestrationRule>> moves;
    private final TextField landing = new TextField();
    private final ComboBox<Voice> along = new ComboBox<>();
    private boolean showing;

    LayerFields(ExerciseDocument document, int index, Consumer<String> problem) {
        this.document = document;
        this.index = index;
        this.problem = problem;
        getStyleClass().add("layer-details");
        reset = new TypedField<>(
                ResetText::read,
                ResetText::write,
                value -> typed("reset", layer -> layer.withReset(value)),
                document::endBurst);
        name(reset.field(), "reset", "Where it resets: never, bar, phrase, or bars 3 7", 92);
        landing.setOnAction(event -> land());
        name(landing, "land", "The bar to land on. Press Enter to move the layer's start", 52);
        ones = new TypedField<>(
                BarCountParser.upTo(Layer.MAX_DOWNBEAT_EVERY),
                String::valueOf,
                value -> typed("one", layer -> layer.withDownbeatEvery(value)),
                document::endBurst);
        name(ones.field(), "one", "It plays the downbeat once every so many bars. 1 means every bar", 46);
        moves = new TypedField<>(
                text -> OrchestrationText.read(
                        text, document.exerciseProperty().get().voices()),
                OrchestrationText::write,
                value -> typed("moving", layer -> layer.withOrchestration(value)),
                document::endBurst);
        moves.field().setPromptText("note 1 to crash; accents to kick");
        name(
                moves.field(),
                "moving",
                "Rules that orchestrate its notes, such as: note 1 to crash; accents to kick",
                220);
        along.setId("along-" + index);
        along.setPromptText("a voice");
        along.setPrefWidth(108);
        along.setVisibleRowCount(12);
        along.getItems().setAll(Kit.voices());
        along.setAccessibleText("A voice to double every note of layer " + (index + 1));
        ControlTip.on(along, "A voice to double every note of this layer");
        along.valueProperty().addListener((property, old, voice) -> {
            if (!showing && voice != null) {
                follow(voice);
            }
        });
        getChildren()
                .setAll(
                        pair("restarts", reset),
                        pair("land on bar", landing),
                        pair("downbeat every", ones),
                        pair("add a voice", along),
                        pair("moving", moves));
    }

    private void name(TextField field, String id, String what, double width) {
        field.setId(id + "-" + index);
        field.setAccessibleText(what);
        ControlTip.on(field, what);
        field.setPrefWidth(width);
    }

    private static Node pair(String caption, Node field) {
        HBox pair = new HBox(new Caption(caption), field);
        pair.getStyleClass().add("pair");
        return pair;
    }

    private void typed(String field, UnaryOperator<Layer> change) {
        document.edit(
                field + index,
                exercise ->
                        exercise.withLayer(index, change.apply(exercise.layers().get(index))));
    }

    /** Shifts the layer so that it lands on the typed bar. */
    private void land() {
        String text = landing.getText().strip();
        try {
            if (!text.matches("\\d{1,9}") || Integer.parseInt(text) < 1) {
                throw new InvalidValueException("type a bar number, such as 3");
            }
            Exercise exercise = document.exerciseProperty().get();
            Layer layer = exercise.layers().get(index);
            Layer late =
                    layer.withOffset(Displacement.landingOn(layer, exercise.phrase(), Integer.parseInt(text) - 1L));
            document.edit(now -> now.withLayer(index, late));
            problem.accept("");
        } catch (StrideException e) {
            problem.accept("Land on bar " + text + ": " + e.getMessage() + ".");
        }
    }

    /** Adds a voice that plays every note of the layer. */
    private void follow(Voice voice) {
        Layer layer = document.exerciseProperty().get().layers().get(index);
        List<Voice> voices = new ArrayList<>(List.of(layer.voice()));
        List<OrchestrationRule> others = new ArrayList<>();
        for (OrchestrationRule move : layer.orchestration()) {
            boolean all =
                    move.which() == OrchestrationRule.Which.NOTES && move.limb().isEmpty();
            if (all) {
                voices.clear();
                voices.addAll(move.to());
            } else {
                others.add(move);
            }
        }
        if (!voices.contains(voice)) {
            voices.add(voice);
        }
        try {
            others.add(0, new OrchestrationRule(OrchestrationRule.Which.NOTES, Optional.empty(), 0, voices));
            document.edit(now -> now.withLayer(index, layer.withOrchestration(others)));
            problem.accept("");
        } catch (StrideException e) {
            problem.accept("I can't add another voice: " + e.getMessage() + ".");
        }
    }

    void show(Layer layer, Exercise exercise) {
        showing = true;
        reset.show(layer.reset());
        ones.show(layer.downbeatEvery());
        moves.show(layer.orchestration());
        along.setValue(null);
        if (!along.getItems().equals(exercise.voices().all())) {
            along.getItems().setAll(exercise.voices().all());
        }
        showing = false;
    }
}
