package nimblestride.terminal;

import java.util.List;
import java.util.Locale;
import java.util.TreeMap;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.layer.pattern.Placement;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/** Writes the hits of a part, in order; what sounds together at one level is one of them. */
final class PartJson {
    private PartJson() {}

    /** Hits at one place come in the order of their levels, softest first. */
    private record Place(Placement at) implements Comparable<Place> {
        @Override
        public int compareTo(Place other) {
            int places = at.compareTo(other.at);
            return places != 0
                    ? places
                    : at.stroke().level().compareTo(other.at.stroke().level());
        }
    }

    static void write(List<Layer> part, ArrayNode hits) {
        TreeMap<Place, ArrayNode> voices = new TreeMap<>();
        for (Layer layer : part) {
            for (Placement placement : ((Pattern.Placed) layer.pattern()).placements()) {
                voices.computeIfAbsent(new Place(placement), place -> hits.arrayNode())
                        .add(layer.voice().name());
            }
        }
        voices.forEach((place, names) -> {
            ObjectNode hit = hits.addObject();
            hit.put("bar", place.at.bar() + 1);
            hit.put("at", place.at.position().toString());
            hit.set("voices", names);
            hit.put("level", place.at.stroke().level().name().toLowerCase(Locale.ROOT));
        });
    }
}
