package nimblestride.formats.json;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.kit.sticking.Sticking;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.variation.Combinations;
import nimblestride.core.kit.variation.StickingVariations.Order;
import nimblestride.core.kit.variation.VariationPlan;
import nimblestride.core.kit.variation.VariationPlan.Free;
import nimblestride.core.language.text.StickingText;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Reads and writes which variations of a sticking are practiced. */
final class VariationJson {
    private static final Map<String, Order> ORDERS =
            Arrays.stream(Order.values()).collect(Collectors.toMap(ExerciseReader::word, Function.identity()));
    private static final int MAX_CELLS = 1_000;
    /** A rest among the choices. */
    private static final String REST = ".";

    private VariationJson() {}

    static VariationPlan read(JsonNodeReader place) {
        place.object("sticking", "from", "to", "choices", "mostInARow", "cells", "order", "seed");
        Sticking base = place.member("sticking").typed(StickingText::read);
        Free free = place.has("cells") ? cells(place) : steps(place);
        Order order = place.member("order").word(ORDERS);
        long seed = place.member("seed").typed(VariationJson::seed);
        return place.make(() -> new VariationPlan(base, free, order, seed));
    }

    private static long seed(String text) {
        if (!text.matches("-?\\d{1,18}")) {
            throw new InvalidValueException("a seed is a whole number of up to 18 digits, not " + text);
        }
        return Long.parseLong(text);
    }

    private static Free cells(JsonNodeReader place) {
        List<Integer> cells = new ArrayList<>();
        place.member("cells").items(MAX_CELLS).forEach(cell -> cells.add(cell.whole()));
        return new Free.Cells(cells);
    }

    private static Free steps(JsonNodeReader place) {
        List<Optional<Stroke>> choices = new ArrayList<>();
        for (JsonNodeReader one : place.member("choices").items(Combinations.MAX_CHOICES)) {
            String text = one.text();
            choices.add(
                    text.equals(REST)
                            ? Optional.empty()
                            : one.typed(StickingText::read).steps().get(0));
        }
        return new Free.Steps(
                place.member("from").whole() - 1,
                place.member("to").whole(),
                choices,
                place.member("mostInARow").whole());
    }

    static void write(VariationPlan plan, ObjectNode node) {
        node.put("sticking", StickingText.write(plan.base()));
        if (plan.free() instanceof Free.Cells cells) {
            ArrayNode lengths = node.putArray("cells");
            cells.cells().forEach(lengths::add);
        } else if (plan.free() instanceof Free.Steps steps) {
            node.put("from", steps.from() + 1);
            node.put("to", steps.to());
            ArrayNode choices = node.putArray("choices");
            steps.choices()
                    .forEach(choice ->
                            choices.add(choice.isEmpty() ? REST : StickingText.write(new Sticking(List.of(choice)))));
            node.put("mostInARow", steps.mostInARow());
        }
        node.put("order", ExerciseReader.word(plan.order()));
        node.put("seed", Long.toString(plan.seed()));
    }
}
