package nimblestride.core.layer.alignment;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeSet;
import nimblestride.core.layer.pattern.Hit;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.time.value.NoteValue;

/**
 * What two layers sound like as one: the hits of both from one meeting to the next time everything repeats.
 *
 * @param onsets from the first start of the phrase, in order
 * @param lengths of each onset until the next one
 * @param saying words with a syllable for each onset, where common practice has some; empty for none
 */
public record CompositeRhythm(List<NoteValue> onsets, List<NoteValue> lengths, String saying) {
    private static final int MAX_ONSETS = 10;

    /** Sentences that teachers say to a ratio of even notes, by the larger and the smaller number (common practice). */
    private static final Map<List<Integer>, String> SAYINGS = Map.of(
            List.of(3, 2), "nice cup of tea",
            List.of(4, 3), "pass the bread and butter",
            List.of(5, 4), "I'm looking for a home to buy");

    public CompositeRhythm {
        onsets = List.copyOf(onsets);
        lengths = List.copyOf(lengths);
    }

    /**
     * Returns what two layers sound like together; empty if they never meet, have more than {@value #MAX_ONSETS} onsets
     * until everything repeats, or one of them plays nothing that the other does not.
     */
    public static Optional<CompositeRhythm> of(LayerTimeline one, LayerTimeline other, Meeting meeting) {
        if (meeting.perCycle() == 0 || meeting.onsets() > MAX_ONSETS) {
            return Optional.empty();
        }
        NoteValue start = meeting.first().get(0);
        NoteValue end = start.plus(meeting.every());
        List<NoteValue> ofOne = onsets(one, start, end);
        List<NoteValue> ofOther = onsets(other, start, end);
        TreeSet<NoteValue> both = new TreeSet<>(ofOne);
        both.addAll(ofOther);
        if (both.size() == ofOne.size() || both.size() == ofOther.size()) {
            return Optional.empty();
        }
        List<NoteValue> onsets = List.copyOf(both);
        boolean even = isEven(ofOne, end) && isEven(ofOther, end);
        List<Integer> ratio = List.of(Math.max(ofOne.size(), ofOther.size()), Math.min(ofOne.size(), ofOther.size()));
        return Optional.of(
                new CompositeRhythm(onsets, lengths(onsets, end), even ? SAYINGS.getOrDefault(ratio, "") : ""));
    }

    private static List<NoteValue> onsets(LayerTimeline layer, NoteValue start, NoteValue end) {
        return layer.between(start, end, MAX_ONSETS + 1).stream()
                .map(Hit::at)
                .distinct()
                .toList();
    }

    private static boolean isEven(List<NoteValue> onsets, NoteValue end) {
        return lengths(onsets, end).stream().distinct().count() == 1;
    }

    private static List<NoteValue> lengths(List<NoteValue> onsets, NoteValue end) {
        List<NoteValue> lengths = new ArrayList<>();
        for (int i = 0; i < onsets.size(); i++) {
            NoteValue next = i + 1 < onsets.size() ? onsets.get(i + 1) : end;
            lengths.add(next.minus(onsets.get(i)));
        }
        return lengths;
    }
}
