package nimblestride.desktop.workspace.place;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.function.Predicate;
import javafx.css.PseudoClass;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;
import nimblestride.core.exercise.plan.PracticePlan;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.kit.sticking.Sticking;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.variation.StickingVariations.Order;
import nimblestride.core.kit.variation.VariationPlan;
import nimblestride.core.kit.variation.VariationPlan.Free;
import nimblestride.core.kit.voice.Limb;
import nimblestride.core.language.text.StickingText;
import nimblestride.desktop.ui.control.Caption;
import nimblestride.desktop.ui.control.TitleConverter;

/** Chooses what varies of a sticking, in which order, and which variations are listed. */
final class VariationControls extends VBox {
    private static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");
    private static final String EVERYTHING = "try everything in steps";
    private static final String LEAVE_OUT = "leave one out of each cell";
    private static final int MOST_SEED = 1_000_000_000;

    private final Runnable changed;
    private final ComboBox<String> way = new ComboBox<>();
    private final StepStrip strip = new StepStrip(this::choose);
    private final TextField cells = field("deal-cells", "5 3 3", 80, "The cells, such as 5 3 3");
    private final TextField most = field("deal-most", "2", 38, "Most strokes in a row by one hand");
    private final Map<Limb, CheckBox> limbs = new EnumMap<>(Limb.class);
    private final CheckBox rests = new CheckBox("rests");
    private final CheckBox accents = new CheckBox("accents");
    private final CheckBox ghosts = new CheckBox("ghosts");
    private final ComboBox<Order> order = new ComboBox<>();
    private final ComboBox<Shown> shown = new ComboBox<>();
    private final TextField containing = field("deal-containing", "R R L", 64, "Only those with these steps in a row");
    private final FlowPane choices = new FlowPane();
    private final Random random = new Random();
    private int from;
    private int to = 1;
    private long seed = random.nextInt(MOST_SEED);
    private boolean showing;

    /** Which variations are listed. */
    enum Shown {
        ALL("all"),
        PRACTICED("practiced"),
        OPEN("not practiced");

        private final String title;

        Shown(String title) {
            this.title = title;
        }
    }

    /**
     * @param sticking chooses which sticking varies
     * @param changed runs after each choice
     */
    VariationControls(Node sticking, Runnable changed) {
        this.changed = changed;
        setSpacing(6);
        setUp(way, "deal-way", "What to try", 206);
        way.getItems().setAll(EVERYTHING, LEAVE_OUT);
        way.setValue(EVERYTHING);
        setUp(order, "deal-order", "Order", 130);
        order.getItems().setAll(Order.values());
        order.setValue(Order.EASIEST_FIRST);
        order.setConverter(new TitleConverter<>(Order::title));
        setUp(shown, "deal-shown", "Which are listed", 130);
        shown.getItems().setAll(Shown.values());
        shown.setValue(Shown.ALL);
        shown.setConverter(new TitleConverter<>(one -> one.title));
        for (Limb limb : Limb.values()) {
            CheckBox box = new CheckBox(String.valueOf(limb.letter()));
            box.setSelected(limb.isHand());
            limbs.put(limb, box);
        }
        List<Node> ticks = new ArrayList<>(limbs.values());
        ticks.addAll(List.of(rests, accents, ghosts));
        ticks.forEach(tick -> ((CheckBox) tick).selectedProperty().addListener(change -> changed()));
        ticks.addAll(List.of(new Caption("at most"), most, new Caption("in a row")));
        choices.getChildren().setAll(ticks);
        List.of(cells, most, containing).forEach(field -> field.textProperty().addListener(change -> changed()));
        FlowPane what = new FlowPane(sticking, way, order);
        HBox with = new HBox(8, new Caption("with"), containing);
        with.setAlignment(Pos.CENTER_LEFT);
        FlowPane which = new FlowPane(strip, cells, new Caption("show"), shown, with);
        List.of(what, which, choices).forEach(row -> row.getStyleClass().add("wishes"));
        getChildren().setAll(what, which, choices);
        showWay();
    }

    private <T> void setUp(ComboBox<T> box, String id, String name, double width) {
        box.setId(id);
        box.setAccessibleText(name);
        box.setMinWidth(width);
        box.valueProperty().addListener(change -> changed());
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

    private void changed() {
        if (!showing) {
            showWay();
            changed.run();
        }
    }

    private void choose(int newFrom, int newTo) {
        from = newFrom;
        to = newTo;
        changed.run();
    }

    private void showWay() {
        boolean all = EVERYTHING.equals(way.getValue());
        for (Node node : List.of(strip, choices)) {
            node.setVisible(all);
            node.setManaged(all);
        }
        cells.setVisible(!all);
        cells.setManaged(!all);
    }

    /** Shows what was chosen before. */
    void show(VariationPlan plan) {
        showing = true;
        seed = plan.seed();
        order.setValue(plan.order());
        if (plan.free() instanceof Free.Cells of) {
            way.setValue(LEAVE_OUT);
            cells.setText(
                    String.join(" ", of.cells().stream().map(String::valueOf).toList()));
        } else if (plan.free() instanceof Free.Steps steps) {
            way.setValue(EVERYTHING);
            from = steps.from();
            to = steps.to();
            most.setText(String.valueOf(steps.mostInARow()));
            List<Stroke> strokes =
                    steps.choices().stream().flatMap(Optional::stream).toList();
            limbs.forEach((limb, box) -> box.setSelected(
                    strokes.stream().anyMatch(stroke -> stroke.limb().equals(Optional.of(limb)))));
            rests.setSelected(steps.choices().contains(Optional.<Stroke>empty()));
            accents.setSelected(strokes.stream().anyMatch(stroke -> stroke.level() == Dynamic.ACCENT));
            ghosts.setSelected(strokes.stream().anyMatch(stroke -> stroke.level() == Dynamic.GHOST));
        }
        showing = false;
        showWay();
    }

    /** Frees the second half of a sticking that was not varied before. */
    void startWith(Sticking base) {
        from = base.length() / 2;
        to = base.length();
    }

    /**
     * Returns what is chosen for a sticking, and shows it.
     *
     * @throws InvalidValueException if a field can't be read
     */
    VariationPlan plan(Sticking base) {
        if (LEAVE_OUT.equals(way.getValue())) {
            return new VariationPlan(
                    base,
                    new Free.Cells(numbers(cells, "[1-9]\\d?([ ,+]+[1-9]\\d?)*", "[ ,+]+")),
                    order.getValue(),
                    seed);
        }
        to = Math.min(to, base.length());
        from = Math.min(from, to - 1);
        strip.show(base, from, to);
        int inARow = numbers(most, "[1-9]\\d?", " ").get(0);
        return new VariationPlan(base, new Free.Steps(from, to, strokes(), inARow), order.getValue(), seed);
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

    /** Returns which variations are listed; empty for all of them. */
    Optional<Predicate<Sticking>> wanted(PracticePlan practice) {
        String with = containing.getText().replace(" ", "");
        List<Sticking> ticked = practice.ticked();
        if (with.isEmpty() && shown.getValue() == Shown.ALL) {
            return Optional.empty();
        }
        Predicate<Sticking> practiced = Set.copyOf(ticked)::contains;
        Predicate<Sticking> byTick =
                switch (shown.getValue()) {
                    case ALL -> sticking -> true;
                    case PRACTICED -> practiced;
                    case OPEN -> practiced.negate();
                };
        return Optional.of(byTick.and(sticking -> written(sticking, with).contains(with)));
    }

    /** Returns a sticking without spaces; without levels and ornaments too where only letters and rests are wanted. */
    private static String written(Sticking sticking, String with) {
        String text = StickingText.write(sticking).replace(" ", "");
        return with.matches("[RLKFH.]+") ? text.replaceAll("[^RLKFH.]", "") : text;
    }
}
