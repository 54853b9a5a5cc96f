package nimblestride.core.exercise.leadin;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import nimblestride.core.exercise.edit.SectionEdits;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.model.Section;
import nimblestride.core.exercise.model.SectionContent;
import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.layer.modulation.Modulation;
import nimblestride.core.layer.modulation.Pivot;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.layer.pattern.Placement;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;

/**
 * The bars before a modulation in which you hear the new pulse coming, at the old tempo in the old bars. In three
 * parts of equal length the pulse is first accented on the hi-hat, then played by the kick too, then by kick and snare
 * as they go on after the change; the left foot keeps the old beat in the first two. The pulse is counted back from
 * the change, so that its next beat is the new 1 (common practice; the order of the parts is a choice of this
 * program).
 */
public final class LeadIn {
    /** The most rounds of the old bars in each part. */
    public static final int MAX_ROUNDS = 16;

    private static final int PARTS = 3;
    private static final int MAX_NOTES = 4_096;

    private final Modulation shift;
    private final Phrase bars;
    private final NoteValue part;
    private final NoteValue end;

    private LeadIn(Modulation shift, int rounds) {
        if (rounds < 1 || rounds > MAX_ROUNDS) {
            throw new InvalidValueException(
                    "each part of a lead-in takes 1 to " + MAX_ROUNDS + " times through the old bars, not " + rounds);
        }
        this.shift = shift;
        int once = rounds * shift.oldBars().bars().size();
        this.bars = shift.oldBars().first((long) PARTS * once);
        this.part = bars.startOf(once);
        this.end = bars.length();
        if (end.fraction().divide(shift.subdivision().fraction()).doubleValue() > MAX_NOTES) {
            throw new InvalidValueException(String.format(
                    Locale.ROOT,
                    "this lead-in would need more than %,d notes of %s; try fewer repeats or a simpler pivot",
                    MAX_NOTES,
                    shift.subdivision()));
        }
    }

    /**
     * Returns the modulation into a section, seen from the one before it.
     *
     * @param section from 1
     */
    public static Modulation shiftInto(Exercise exercise, int section) {
        Section after = exercise.sections().get(section);
        Section before = exercise.sections().get(section - 1);
        return new Modulation(
                exercise.chain().tempos().get(section - 1),
                after.pivot(),
                exercise.contents().get(before.content()).phrase(),
                exercise.contents().get(after.content()).phrase());
    }

    /**
     * Adds a lead-in before a section.
     *
     * @param section from 1; a modulation leads into it
     * @param rounds of the old bars in each of its three parts, from 1 to {@value #MAX_ROUNDS}
     * @throws InvalidValueException if no modulation leads into it, or it would have too many notes
     */
    public static Exercise before(Exercise exercise, int section, int rounds) {
        Section after = exercise.sections().get(section);
        if (section == 0 || after.pivot().isNone()) {
            throw new InvalidValueException("the tempo stays the same here, so no lead-in is needed");
        }
        String wanted = "lead-in to " + exercise.contents().get(after.content()).name();
        String name = wanted.substring(0, Math.min(wanted.length(), SectionContent.MAX_NAME_LENGTH - 3));
        List<String> taken =
                exercise.contents().stream().map(SectionContent::name).toList();
        String free = Stream.iterate(1, number -> number + 1)
                .map(number -> number == 1 ? name : name + " " + number)
                .filter(one -> !taken.contains(one))
                .findFirst()
                .orElseThrow();
        LeadIn leadIn = new LeadIn(shiftInto(exercise, section), rounds);
        return SectionEdits.add(
                exercise, section, new SectionContent(free, leadIn.bars, leadIn.layers()), 1, Pivot.NONE);
    }

    private List<Layer> layers() {
        NoteValue pulse = shift.pulse();
        NoteValue third = part.times(2);
        List<Placement> hat = new ArrayList<>();
        NoteValue firstNote = firstNote(shift.subdivision());
        for (NoteValue at = firstNote; at.compareTo(end) < 0; at = at.plus(shift.subdivision())) {
            boolean accent = end.minus(at).isMultipleOf(pulse);
            hat.add(placement(at, accent ? Stroke.ACCENT : Stroke.NORMAL));
        }
        List<Placement> kick = new ArrayList<>();
        List<Placement> snare = new ArrayList<>();
        for (NoteValue at = firstNote(pulse); at.compareTo(end) < 0; at = at.plus(pulse)) {
            long before = end.minus(at).wholePartsOf(pulse);
            if (at.compareTo(third) >= 0 && before % 2 == 1) {
                snare.add(placement(at, Stroke.NORMAL));
            } else if (at.compareTo(part) >= 0) {
                kick.add(placement(at, Stroke.NORMAL));
            }
        }
        List<Placement> foot = new ArrayList<>();
        for (int bar = 0; bars.startOf(bar).compareTo(third) < 0; bar++) {
            for (NoteValue at : bars.bar(bar).beats().starts()) {
                foot.add(new Placement(bar, at, Stroke.NORMAL));
            }
        }
        return Stream.of(
                        placed(Kit.HI_HAT, hat),
                        placed(Kit.KICK, kick),
                        placed(Kit.SNARE, snare),
                        placed(Kit.FOOT_HI_HAT, foot))
                .flatMap(List::stream)
                .toList();
    }

    private NoteValue firstNote(NoteValue step) {
        return end.remainder(step);
    }

    private static List<Layer> placed(Voice voice, List<Placement> placements) {
        return placements.isEmpty() ? List.of() : List.of(Layer.of(voice, new Pattern.Placed(placements)));
    }

    private Placement placement(NoteValue at, Stroke stroke) {
        int bar = ExactMath.toInt(bars.barAt(at));
        return new Placement(bar, at.minus(bars.startOf(bar)), stroke);
    }
}
