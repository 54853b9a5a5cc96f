package nimblestride.desktop.workspace.place;

import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.kit.orchestration.OrchestrationRule;
import nimblestride.core.kit.sticking.Rudiment;
import nimblestride.core.kit.sticking.Sticking;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.language.text.OrchestrationText;
import nimblestride.core.language.text.PatternText;
import nimblestride.core.language.text.StickingText;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.value.NoteValue;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.ui.control.Caption;
import nimblestride.desktop.ui.control.ControlTip;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.control.TitleConverter;
import nimblestride.desktop.ui.field.TypedField;
import nimblestride.desktop.ui.page.Page;

/** Edits stickings: typed, from a rudiment, from cells, or hand to hand; rotated, mirrored, and orchestrated. */
final class StickingPage extends VBox implements Page {
    private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");
    private static final String KEYWORD = "sticking ";
    private static final Pattern.Stuck FIRST =
            new Pattern.Stuck(StickingText.read("R L R R L R L L"), NoteValue.of(1, 16));

    private final ExerciseDocument document;
    private final ComboBox<Integer> which = new ComboBox<>();
    private final ComboBox<Rudiment> rudiments = new ComboBox<>();
    private final TextField cells = new TextField();
    private final TypedField<Pattern.Stuck> sticking;
    private final TypedField<List<OrchestrationRule>> moves;
    private final VBox editing = new VBox();
    private final Caption none = new Caption("No sticking yet.");
    private boolean showing;

    StickingPage(ExerciseDocument document) {
        this.document = document;
        getStyleClass().add("page");
        which.setId("sticking-layer");
        which.setMinWidth(150);
        which.setPrefWidth(150);
        which.setConverter(StickingNames.of(document));
        which.setAccessibleText("Sticking to edit");
        which.valueProperty().addListener(change -> {
            if (!showing) {
                show(document.exerciseProperty().get());
            }
        });
        sticking = new TypedField<>(
                PatternText::readSticking,
                pattern -> PatternText.write(pattern).substring(KEYWORD.length()),
                pattern -> edit("sticking", layer -> layer.withPattern(pattern)),
                document::endBurst);
        sticking.field().setId("sticking");
        sticking.field().setAccessibleText("The sticking, such as: >R L R R (L) lR . K of 1/16");
        HBox.setHgrow(sticking, Priority.ALWAYS);
        rudiments.setId("rudiments");
        rudiments.getItems().setAll(Rudiment.all());
        rudiments.setConverter(new TitleConverter<>(Rudiment::name));
        rudiments.setPromptText("a rudiment");
        rudiments.setMinWidth(150);
        rudiments.setPrefWidth(150);
        rudiments.setVisibleRowCount(14);
        rudiments.setAccessibleText("Use a rudiment's sticking");
        rudiments.valueProperty().addListener((property, old, rudiment) -> {
            if (rudiment != null) {
                place(rudiment);
            }
        });
        cells.setId("sticking-cells");
        cells.setPromptText("cells: 5 3 3");
        cells.setPrefWidth(104);
        cells.setMinWidth(104);
        cells.setAccessibleText(
                "Cells played hand to hand, with an accent on the first note of each. Press Enter to use them");
        cells.setOnAction(event -> fromCells());
        moves = new TypedField<>(
                OrchestrationText::read,
                OrchestrationText::write,
                rules -> edit("moves", layer -> layer.withOrchestration(rules)),
                document::endBurst);
        moves.field().setId("moves");
        moves.field().setPromptText("right singles to floor tom; accents to crash");
        moves.field().setAccessibleText("Rules that orchestrate notes around the kit");
        HBox.setHgrow(moves, Priority.ALWAYS);
        Button add = new SmallButton("New sticking", "sticking-new", this::addSticking);
        ControlTip.on(add, "Start with a paradiddle on the snare");
        HBox first = line(none, which, sticking, add);
        FlowPane tools = new FlowPane(
                rudiments,
                new SmallButton("Rotate", "sticking-turn", () -> restick(one -> one.rotated(1))),
                new SmallButton("Swap hands", "sticking-mirror", () -> restick(Sticking::mirrored)),
                new SmallButton(
                        "Repeat with opposite lead", "sticking-both", () -> restick(one -> one.then(one.mirrored()))),
                new SmallButton("Hand to hand", "sticking-alternate", this::alternate),
                cells);
        tools.getStyleClass().add("wishes");
        editing.getStyleClass().add("page");
        editing.getChildren().setAll(tools, line(new Caption("moved"), moves));
        getChildren().setAll(first, editing);
    }

    private static HBox line(Node... nodes) {
        HBox line = new HBox(nodes);
        line.getStyleClass().add("add-line");
        return line;
    }

    private static List<Integer> stickings(Exercise exercise) {
        return IntStream.range(0, exercise.layers().size())
                .filter(i -> exercise.layers().get(i).pattern() instanceof Pattern.Stuck)
                .boxed()
                .toList();
    }

    private void addSticking() {
        Exercise now = document.exerciseProperty().get();
        if (now.layers().size() < Exercise.MAX_LAYERS) {
            document.edit(exercise -> exercise.plusLayer(Layer.of(Kit.SNARE, FIRST)));
            which.setValue(now.layers().size());
        }
    }

    private Optional<Pattern.Stuck> chosen() {
        Integer index = which.getValue();
        List<Layer> layers = document.exerciseProperty().get().layers();
        return index != null && index < layers.size() && layers.get(index).pattern() instanceof Pattern.Stuck stuck
                ? Optional.of(stuck)
                : Optional.empty();
    }

    private void edit(String from, UnaryOperator<Layer> change) {
        Integer index = which.getValue();
        if (!showing && chosen().isPresent()) {
            document.edit(
                    from + index,
                    exercise -> exercise.withLayer(
                            index, change.apply(exercise.layers().get(index))));
        }
    }

    private void restick(UnaryOperator<Sticking> change) {
        chosen().ifPresent(stuck -> {
            Pattern changed = new Pattern.Stuck(change.apply(stuck.sticking()), stuck.step());
            int index = which.getValue();
            document.edit(exercise ->
                    exercise.withLayer(index, exercise.layers().get(index).withPattern(changed)));
        });
    }

    /** Puts a rudiment in place of the sticking, as often as it takes to fill whole beats. */
    private void place(Rudiment rudiment) {
        chosen().ifPresent(stuck -> {
            Bar bar = document.exerciseProperty().get().phrase().bars().get(0);
            Sticking once = StickingText.read(rudiment.sticking());
            Sticking filled = once;
            for (int times = rudiment.timesToFill(once.length(), bar.beats().pulse()); times > 1; times--) {
                filled = filled.then(once);
            }
            Pattern placed = new Pattern.Stuck(filled, rudiment.step());
            int index = which.getValue();
            document.edit(exercise ->
                    exercise.withLayer(index, exercise.layers().get(index).withPattern(placed)));
        });
    }

    /** Alternates hands over the steps of the first bar. */
    private void alternate() {
        chosen().ifPresent(stuck -> {
            Bar bar = document.exerciseProperty().get().phrase().bars().get(0);
            long steps = Math.max(2, Math.min(Sticking.MAX_STEPS, bar.length().wholePartsOf(stuck.step())));
            restick(old -> Sticking.alternating(
                    (int) steps, document.exerciseProperty().get().leadHand()));
        });
    }

    private void fromCells() {
        String text = cells.getText().strip();
        boolean good = text.matches("([1-9]|[1-5]\\d)([ ,+]+([1-9]|[1-5]\\d)){0,19}");
        cells.pseudoClassStateChanged(WRONG, !good);
        if (good) {
            List<Integer> sizes = Arrays.stream(text.split("[ ,+]+", -1))
                    .map(Integer::valueOf)
                    .toList();
            restick(old ->
                    Sticking.ofCells(sizes, document.exerciseProperty().get().leadHand()));
        }
    }

    @Override
    public void show(Exercise exercise) {
        showing = true;
        List<Integer> all = stickings(exercise);
        Integer now = which.getValue();
        which.getItems().setAll(all);
        which.setValue(all.contains(now) ? now : all.isEmpty() ? null : all.get(0));
        which.setConverter(StickingNames.of(document));
        editing.setVisible(!all.isEmpty());
        for (Node node : new Node[] {which, sticking}) {
            node.setVisible(!all.isEmpty());
            node.setManaged(!all.isEmpty());
        }
        none.setVisible(all.isEmpty());
        none.setManaged(all.isEmpty());
        chosen().ifPresent(stuck -> {
            sticking.show(stuck);
            moves.show(exercise.layers().get(which.getValue()).orchestration());
        });
        showing = false;
    }
}
