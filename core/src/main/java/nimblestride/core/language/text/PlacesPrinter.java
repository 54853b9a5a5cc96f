package nimblestride.core.language.text;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.stream.Collectors;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.kit.stroke.Ornament;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Limb;
import nimblestride.core.layer.pattern.Placement;
import nimblestride.core.time.meter.CountPosition;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;

/**
 * Prints placements in words that can be typed: by a rule where one names just these places, otherwise one by one.
 */
final class PlacesPrinter {
    private static final List<String> RULES = List.of(
            "all",
            "quarters",
            "eighths",
            "sixteenths",
            "triplet eighths",
            "groups",
            "even counts",
            "odd counts",
            "&'s",
            "e's",
            "a's");

    private PlacesPrinter() {}

    static String of(List<Placement> placements, Phrase phrase) {
        Map<Stroke, TreeSet<Placement>> byStroke = new LinkedHashMap<>();
        placements.stream().filter(placement -> placement.isOn(phrase)).forEach(one -> byStroke.computeIfAbsent(
                        one.stroke(), stroke -> new TreeSet<>())
                .add(one));
        List<String> parts = new ArrayList<>();
        boolean plain = byStroke.size() == 1;
        for (Map.Entry<Stroke, TreeSet<Placement>> played : byStroke.entrySet()) {
            String how = how(played.getKey(), plain);
            parts.add(how + places(played.getValue(), how, phrase));
        }
        // "in bar" goes for everything before it that has no bars yet, so what every bar plays comes last.
        parts.sort(Comparator.comparing(part -> !part.contains(" in bar")));
        return String.join(", ", parts);
    }

    /** Returns how it is played; nothing for a plain note where nothing else was said before. */
    private static String how(Stroke stroke, boolean plain) {
        String level =
                switch (stroke.level()) {
                    case GHOST -> "ghost ";
                    case SOFT -> "soft ";
                    case NORMAL -> plain && stroke.equals(Stroke.NORMAL) ? "" : "normal ";
                    case ACCENT -> "accent ";
                    case STRONG -> "strong ";
                };
        String limb = stroke.limb()
                .filter(Limb::isHand)
                .map(hand -> hand == Limb.RIGHT_HAND ? "right " : "left ")
                .orElse("");
        String ornament =
                stroke.ornament() == Ornament.NONE ? "" : stroke.ornament().title() + " ";
        return level + ornament + limb;
    }

    private static String places(Set<Placement> placements, String how, Phrase phrase) {
        for (String rule : RULES) {
            if (says(how + rule, placements, phrase)) {
                return rule;
            }
        }
        TreeSet<Placement> inFirstWords = new TreeSet<>(placements);
        String everywhere =
                inFirstWords.stream().map(one -> place(one, phrase)).distinct().collect(Collectors.joining(", "));
        if (says(how + everywhere, placements, phrase)) {
            return everywhere;
        }
        return barByBar(placements, phrase);
    }

    /** Prints neighboring bars with the same places together. */
    private static String barByBar(Set<Placement> placements, Phrase phrase) {
        Map<Integer, List<NoteValue>> bars = new TreeMap<>();
        placements.forEach(
                one -> bars.computeIfAbsent(one.bar(), bar -> new ArrayList<>()).add(one.position()));
        List<String> parts = new ArrayList<>();
        List<Integer> numbers = new ArrayList<>(bars.keySet());
        for (int i = 0; i < numbers.size(); ) {
            int first = numbers.get(i);
            int last = first;
            Meter meter = phrase.bars().get(first).meter();
            while (i + 1 < numbers.size()
                    && numbers.get(i + 1) == last + 1
                    && phrase.bars().get(last + 1).meter().equals(meter)
                    && bars.get(last + 1).equals(bars.get(first))) {
                last++;
                i++;
            }
            i++;
            String range = first == last ? " in bar " + (first + 1) : " in bars " + (first + 1) + " to " + (last + 1);
            parts.add(inBar(bars.get(first), first, last, phrase) + range);
        }
        return String.join(", ", parts);
    }

    private static String inBar(List<NoteValue> positions, int first, int last, Phrase phrase) {
        TreeSet<Placement> here = new TreeSet<>();
        for (int bar = first; bar <= last; bar++) {
            for (NoteValue position : positions) {
                here.add(new Placement(bar, position, Stroke.NORMAL));
            }
        }
        String range = " in bars " + (first + 1) + " to " + (last + 1);
        for (String rule : RULES) {
            if (says(rule + range, here, phrase)) {
                return rule;
            }
        }
        Meter meter = phrase.bars().get(first).meter();
        return positions.stream()
                .map(position -> new CountPosition(meter, position).toString())
                .collect(Collectors.joining(", "));
    }

    private static String place(Placement placement, Phrase phrase) {
        return new CountPosition(phrase.bars().get(placement.bar()).meter(), placement.position()).toString();
    }

    /** Returns whether a text names just these places. */
    private static boolean says(String words, Set<Placement> placements, Phrase phrase) {
        try {
            return new TreeSet<>(new PlacesText(phrase).read(new TextCursor(words))).equals(placements);
        } catch (StrideException e) {
            return false;
        }
    }
}
