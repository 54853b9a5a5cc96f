package nimblestride.desktop.workspace.place;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.kit.sticking.Sticking;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.variation.Combinations;
import nimblestride.core.kit.variation.OneNoteLeftOut;
import nimblestride.core.kit.variation.StickingVariations;
import nimblestride.core.kit.voice.Limb;
import nimblestride.core.language.text.StickingText;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.ui.control.Caption;
import nimblestride.desktop.ui.control.SmallButton;
import nimblestride.desktop.ui.control.TitleConverter;
import nimblestride.desktop.ui.control.WrappedLabel;
import nimblestride.desktop.ui.page.Page;

/**
 * Keeps one part of a sticking and tries every variation of the rest, one after the other; the user checks off clean
 * ones.
 */
final class VariationsPage extends VBox implements Page {
    private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");
    private static final String EVERYTHING = "try everything in steps";
    private static final String LEAVE_OUT = "leave one out of each cell";

    private final ExerciseDocument document;
    private final ComboBox<Integer> which = new ComboBox<>();
    private final ComboBox<String> way = new ComboBox<>();
    private final TextField open = field("deal-open", "5 to 8", 70, "The steps to vary, such as 5 to 8");
    private final TextField cells = field("deal-cells", "5 3 3", 80, "The cells, such as 5 3 3");
    private final TextField most = field("deal-most", "2", 38, "Most strokes in a row by one hand");
    private final Map<Limb, CheckBox> limbs = new EnumMap<>(Limb.class);
    private final CheckBox rests = new CheckBox("rests");
    private final CheckBox accents = new CheckBox("accents");
    private final CheckBox ghosts = new CheckBox("ghosts");
    private final ComboBox<StickingVariations.Order> order = new ComboBox<>();
    private final Label answer = new WrappedLabel();
    private final CheckBox practiced = new CheckBox("practiced");
    private final FlowPane choices = new FlowPane();
    private Optional<Sticking> base = Optional.empty();
    private Optional<Sticking> current = Optional.empty();
    private final Random random = new Random();
    private BigInteger number = BigInteger.ZERO;
    private long seed;
    private boolean showing;

    VariationsPage(ExerciseDocument document) {
        this.document = document;
        getStyleClass().add("page");
        which.setId("deal-layer");
        which.setAccessibleText("The sticking to vary");
        which.setPromptText("no sticking yet");
        which.setConverter(StickingNames.of(document));
        which.setMinWidth(150);
        which.setPrefWidth(150);
        which.valueProperty().addListener(change -> startAnew());
        way.setId("deal-way");
        way.setAccessibleText("What to try");
        way.getItems().setAll(EVERYTHING, LEAVE_OUT);
        way.setValue(EVERYTHING);
        way.setMinWidth(206);
        way.valueProperty().addListener(change -> startAnew());
        order.setId("deal-order");
        order.setAccessibleText("Order");
        order.getItems().setAll(StickingVariations.Order.values());
        order.setValue(StickingVariations.Order.EASIEST_FIRST);
        order.setConverter(new TitleConverter<>(StickingVariations.Order::title));
        order.setMinWidth(130);
        order.valueProperty().addListener(change -> startAnew());
        for (Limb limb : Limb.values()) {
            CheckBox box = new CheckBox(String.valueOf(limb.letter()));
            box.setSelected(limb.isHand());
            limbs.put(limb, box);
        }
        List<Node> ticks = new ArrayList<>(limbs.values());
        ticks.addAll(List.of(rests, accents, ghosts));
        ticks.forEach(tick -> ((CheckBox) tick).selectedProperty().addListener(change -> startAnew()));
        ticks.addAll(List.of(new Caption("at most"), most, new Caption("in a row")));
        choices.getStyleClass().add("wishes");
        choices.getChildren().setAll(ticks);
        open.textProperty().addListener(change -> startAnew());
        cells.textProperty().addListener(change -> startAnew());
        most.textProperty().addListener(change -> startAnew());
        FlowPane first = new FlowPane(which, way, open, cells, order);
        first.getStyleClass().add("wishes");
        answer.setId("deal-answer");
        practiced.setId("deal-practised");
        practiced.selectedProperty().addListener((property, was, now) -> tick(now));
        HBox steps = new HBox(
                new SmallButton("Previous", "deal-before", () -> deal(number.subtract(BigInteger.ONE))),
                new SmallButton(
                        "Next", "deal-next", () -> deal(current.isEmpty() ? number : number.add(BigInteger.ONE))),
                practiced);
        steps.getStyleClass().add("add-line");
        getChildren().setAll(answer, steps, first, choices);
    }

    private static TextField field(String id, String prompt, double width, String name) {
        TextField field = new TextField();
        field.setId(id);
        field.setPromptText(prompt);
        field.setPrefWidth(width);
        field.setMinWidth(width);
        field.setAccessibleText(name);
        return field;
    }

    @Override
    public void show(Exercise exercise) {
        showing = true;
        List<Integer> all = IntStream.range(0, exercise.layers().size())
                .filter(i -> exercise.layers().get(i).pattern() instanceof Pattern.Stuck)
                .boxed()
                .toList();
        Integer now = which.getValue();
        which.getItems().setAll(all);
        which.setValue(all.contains(now) ? now : all.isEmpty() ? null : all.get(0));
        showing = false;
        Optional<Sticking> here = sticking();
        if (!here.equals(current) || base.isEmpty()) {
            startAnew();
        } else {
            showSummary();
        }
    }

    private Optional<Sticking> sticking() {
        Integer index = which.getValue();
        List<Layer> layers = document.exerciseProperty().get().layers();
        return index != null && index < layers.size() && layers.get(index).pattern() instanceof Pattern.Stuck stuck
                ? Optional.of(stuck.sticking())
                : Optional.empty();
    }

    /** Starts from the present sticking. */
    private void startAnew() {
        if (showing) {
            return;
        }
        base = sticking();
        current = Optional.empty();
        number = BigInteger.ZERO;
        seed = random.nextLong();
        boolean all = way.getValue().equals(EVERYTHING);
        for (Node node : List.of(open, choices)) {
            node.setVisible(all);
            node.setManaged(all);
        }
        cells.setVisible(!all);
        cells.setManaged(!all);
        showSummary();
    }

    private StickingVariations dealing() {
        Sticking sticking =
                base.orElseThrow(() -> new InvalidValueException("Write a sticking first, on the Sticking page"));
        if (way.getValue().equals(LEAVE_OUT)) {
            return new OneNoteLeftOut(sticking, numbers(cells, "[1-9]\\d?([ ,+]+[1-9]\\d?)*", "[ ,+]+"));
        }
        List<Integer> range = numbers(open, "[1-9]\\d{0,3}( *(to|-) *[1-9]\\d{0,3})?", " *(to|-) *");
        int inARow = numbers(most, "[1-9]\\d?", " ").get(0);
        return new Combinations(
                sticking,
                range.get(0) - 1,
                range.get(range.size() - 1),
                strokes(),
                inARow,
                document.exerciseProperty().get().leadHand());
    }

    /** Returns the numbers in a field; an empty field means what its prompt says. */
    private static List<Integer> numbers(TextField field, String form, String between) {
        String text = field.getText().isBlank()
                ? field.getPromptText()
                : field.getText().strip();
        boolean good = text.matches(form);
        field.pseudoClassStateChanged(WRONG, !good);
        if (!good) {
            throw new InvalidValueException("type numbers such as " + field.getPromptText());
        }
        return Arrays.stream(text.split(between, -1)).map(Integer::valueOf).toList();
    }

    private List<Optional<Stroke>> strokes() {
        List<Optional<Stroke>> strokes = new ArrayList<>();
        for (Map.Entry<Limb, CheckBox> limb : limbs.entrySet()) {
            if (limb.getValue().isSelected()) {
                Stroke plain = Stroke.NORMAL.by(limb.getKey());
                strokes.add(Optional.of(plain));
                if (accents.isSelected()) {
                    strokes.add(Optional.of(plain.at(Dynamic.ACCENT)));
                }
                if (ghosts.isSelected()) {
                    strokes.add(Optional.of(plain.at(Dynamic.GHOST)));
                }
            }
        }
        if (rests.isSelected()) {
            strokes.add(Optional.empty());
        }
        return strokes;
    }

    private void showSummary() {
        showing = true;
        practiced.setDisable(current.isEmpty());
        practiced.setSelected(
                current.filter(document.exerciseProperty().get().practice().ticked()::contains)
                        .isPresent());
        showing = false;
        answer.getStyleClass().setAll("label");
        try {
            BigInteger count = dealing().count();
            long done = document.exerciseProperty().get().practice().ticked().size();
            answer.setText(
                    current.isEmpty()
                            ? String.format(Locale.ROOT, "%,d variations, %,d practiced.", count, done)
                            : String.format(
                                            Locale.ROOT,
                                            "%,d of %,d, %,d practiced.",
                                            number.add(BigInteger.ONE),
                                            count,
                                            done)
                                    + "   " + StickingText.write(current.get()));
        } catch (StrideException e) {
            answer.getStyleClass().add("quiet");
            answer.setText(e.getMessage());
        }
    }

    private void deal(BigInteger wanted) {
        try {
            StickingVariations dealing = dealing();
            BigInteger count = dealing.count();
            if (count.signum() == 0) {
                return;
            }
            number = wanted.mod(count);
            Sticking next = dealing.deal(order.getValue(), number, seed);
            current = Optional.of(next);
            int index = which.getValue();
            document.edit(exercise -> {
                Layer layer = exercise.layers().get(index);
                return exercise.withLayer(
                        index, layer.withPattern(new Pattern.Stuck(next, ((Pattern.Stuck) layer.pattern()).step())));
            });
            showSummary();
        } catch (StrideException e) {
            showSummary();
        }
    }

    private void tick(boolean ticked) {
        if (!showing) {
            current.ifPresent(sticking -> document.edit(exercise -> exercise.withVariationTicked(sticking, ticked)));
        }
    }
}
