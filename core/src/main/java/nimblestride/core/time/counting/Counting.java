package nimblestride.core.time.counting;

import java.util.ArrayList;
import java.util.List;
import nimblestride.core.time.counting.Subdivision.Slot;
import nimblestride.core.time.meter.Bar;

/**
 * How bars are counted aloud.
 *
 * @param words what the user chose or made up, whatever the system
 */
public record Counting(CountingSystem system, CountWords words) {
    /** Each bar in the system that suits it. */
    public static final Counting DEFAULT = of(CountingSystem.AUTOMATIC);

    /** Returns a system with the words most users start with. */
    public static Counting of(CountingSystem system) {
        return new Counting(system, CountWords.DEFAULT);
    }

    /** Returns another system with the same words. */
    public Counting in(CountingSystem newSystem) {
        return new Counting(newSystem, words);
    }

    /** Returns the same system with other words. */
    public Counting with(CountWords newWords) {
        return new Counting(system, newWords);
    }

    /** Returns the syllables of a bar, in order. */
    public List<SpokenSyllable> count(Bar bar, Subdivision subdivision) {
        CountingSystem chosen = system.forBar(bar);
        List<Slot> slots = chosen.followsBeats() ? subdivision.beatSlots(bar) : subdivision.slots(bar);
        List<String> syllables = chosen.sayBar(bar, slots, words);
        List<SpokenSyllable> said = new ArrayList<>();
        for (int group = 0; group < slots.size(); group++) {
            Slot slot = slots.get(group);
            for (int note = 0; note < slot.notes(); note++) {
                said.add(new SpokenSyllable(
                        slot.from().plus(slot.note().times(note)),
                        slot.note(),
                        syllables.get(said.size()),
                        group,
                        note == 0));
            }
        }
        return said;
    }

    /** Returns the syllable on each unit of a bar, in order. */
    public List<String> count(Bar bar) {
        return count(bar, Subdivision.AS_WRITTEN).stream()
                .map(SpokenSyllable::syllable)
                .toList();
    }
}
