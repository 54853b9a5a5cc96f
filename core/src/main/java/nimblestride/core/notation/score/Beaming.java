package nimblestride.core.notation.score;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.value.NoteValue;

/**
 * Beams notes as the bar is felt: a beam never leaves its group. Secondary beams break at every quarter where the
 * group is so many quarters, at every eighth where it is five or seven eighths, and not at all in a group of three
 * eighths or of odd sixteenths, which is felt as one; those of thirty-seconds break at every eighth, and all of them
 * where a tuplet starts or ends. Short rests between notes are under the beam too (common practice; Gould, "Behind
 * Bars").
 */
final class Beaming {
    private static final NoteValue COMPOUND = NoteValue.of(3, 8);
    private static final int SIXTEENTHS = 2;

    private final Bar bar;
    private final List<WrittenNote> written;
    private final List<TupletSpan> tuplets;
    private final List<NoteValue> groups;
    private final List<BeamGroup> beams = new ArrayList<>();

    private Beaming(Bar bar, List<WrittenNote> written, List<TupletSpan> tuplets) {
        this.bar = bar;
        this.written = written;
        this.tuplets = tuplets;
        this.groups = bar.groupStarts();
    }

    static List<BeamGroup> of(Bar bar, List<WrittenNote> written, List<TupletSpan> tuplets) {
        Beaming beaming = new Beaming(bar, written, tuplets);
        beaming.run();
        return beaming.beams;
    }

    private void run() {
        List<Integer> members = new ArrayList<>();
        int group = 0;
        for (int i = 0; i < written.size(); i++) {
            NoteValue at = written.get(i).at();
            boolean newGroup = false;
            while (group + 1 < groups.size() && at.compareTo(groups.get(group + 1)) >= 0) {
                group++;
                newGroup = true;
            }
            newGroup &= !isUnderOneTuplet(i);
            boolean beamable = written.get(i).shape().flags() > 0;
            if (newGroup || !beamable) {
                close(members, group - (newGroup ? 1 : 0));
            }
            if (beamable) {
                members.add(i);
            }
        }
        close(members, group);
    }

    /** Returns whether a tuplet over several groups goes on here. */
    private boolean isUnderOneTuplet(int index) {
        return tuplets.stream().anyMatch(span -> span.depth() == 0 && span.from() < index && index < span.to());
    }

    private void close(List<Integer> members, int group) {
        while (!members.isEmpty()
                && written.get(members.get(members.size() - 1)).isRest()) {
            members.remove(members.size() - 1);
        }
        while (!members.isEmpty() && written.get(members.get(0)).isRest()) {
            members.remove(0);
        }
        if (members.size() > 1) {
            List<Integer> joins = new ArrayList<>();
            for (int i = 0; i + 1 < members.size(); i++) {
                joins.add(joins(members.get(i), members.get(i + 1), group));
            }
            beams.add(new BeamGroup(members, joins));
        }
        members.clear();
    }

    private int joins(int one, int next, int group) {
        int both = Math.min(
                written.get(one).shape().flags(), written.get(next).shape().flags());
        if (!Objects.equals(tupletsOf(one), tupletsOf(next))) {
            return 1;
        }
        boolean inTuplet = !tupletsOf(one).isEmpty();
        NoteValue start = groups.get(Math.min(group, groups.size() - 1));
        if (inTuplet || written.get(next).at().compareTo(start) < 0) {
            return both;
        }
        NoteValue within = written.get(next).at().minus(start);
        NoteValue length = lengthOf(group);
        if (within.isMultipleOf(NoteValue.QUARTER) && length.isMultipleOf(NoteValue.QUARTER)) {
            return 1;
        }
        boolean inEighths = bar.meter().unit().compareTo(NoteValue.EIGHTH) >= 0 && !length.equals(COMPOUND);
        boolean onAnEighth = within.isMultipleOf(NoteValue.EIGHTH);
        if (onAnEighth && inEighths && !length.isMultipleOf(NoteValue.QUARTER)) {
            return 1;
        }
        return onAnEighth && both > SIXTEENTHS ? 1 : both;
    }

    private NoteValue lengthOf(int group) {
        return bar.meter().unit().times(bar.grouping().sizes().get(group));
    }

    private List<TupletSpan> tupletsOf(int index) {
        return tuplets.stream()
                .filter(span -> span.from() <= index && index < span.to())
                .toList();
    }
}
