package nimblestride.core.notation.score;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.NavigableMap;
import java.util.TreeMap;
import nimblestride.core.kit.stroke.Ornament;
import nimblestride.core.notation.score.ScoreStyle.Lengths;
import nimblestride.core.time.value.NoteValue;

/** The notes of one part, by the moment at which they start. */
final class StruckPart {
    private static final Comparator<WrittenHead> UPWARDS =
            Comparator.comparing(head -> head.voice().staffPlace());

    private final NavigableMap<NoteValue, List<WrittenHead>> heads = new TreeMap<>();
    private final Lengths lengths;

    StruckPart(Lengths lengths) {
        this.lengths = lengths;
    }

    boolean isEmpty() {
        return heads.isEmpty();
    }

    /** Adds a note. A voice that two layers ask for is written once, at the stronger dynamic. */
    void add(NoteValue at, WrittenHead head) {
        List<WrittenHead> here = heads.computeIfAbsent(at, moment -> new ArrayList<>());
        for (int i = 0; i < here.size(); i++) {
            if (here.get(i).voice().equals(head.voice())) {
                boolean stronger =
                        head.stroke().level().compareTo(here.get(i).stroke().level()) > 0;
                here.set(i, stronger ? head : here.get(i));
                return;
            }
        }
        here.add(head);
        here.sort(UPWARDS);
    }

    /** Returns the notes from a moment up to another, lowest on the staff first. */
    NavigableMap<NoteValue, List<WrittenHead>> between(NoteValue from, NoteValue to) {
        return heads.subMap(from, true, to, false);
    }

    /** Returns what is played last before a moment and held into it. */
    List<WrittenHead> heldInto(NoteValue moment) {
        var last = heads.lowerEntry(moment);
        boolean ends = heads.containsKey(moment);
        return last == null || ends || !isHeld(last.getValue()) ? List.of() : last.getValue();
    }

    boolean isHeld(List<WrittenHead> struck) {
        return lengths == Lengths.HELD
                || struck.stream().anyMatch(head -> head.stroke().ornament() == Ornament.BUZZ);
    }
}
