package nimblestride.core.time.counting;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import nimblestride.core.time.counting.Subdivision.Slot;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.CountPosition;
import nimblestride.core.time.meter.Meter;

/** Ways to count a bar aloud, one syllable for each note. Good teachers differ; none is the right one. */
public enum CountingSystem {
    /** Numbers on the beats, syllables between: {@code 1 e & a}. It shows where the quarters are. */
    BEATS("beats and syllables") {
        @Override
        List<String> say(Meter meter, List<Slot> slots) {
            List<String> said = new ArrayList<>();
            for (Slot slot : slots) {
                for (int note = 0; note < slot.notes(); note++) {
                    CountPosition place = new CountPosition(
                            meter, slot.from().plus(slot.note().times(note)));
                    said.add(place.isEveryday() ? spoken(place) : Integer.toString(note + 1));
                }
            }
            return said;
        }

        /** Omits the beat's number after the first note of a tuplet, and the place of a thirty-second. */
        private String spoken(CountPosition place) {
            return place.syllable().replaceAll(".* ta$", "ta").replaceAll("^(sext|quint|sept)", "");
        }
    },
    /** A number for every note, straight through the bar: you always know how far you are. */
    STRAIGHT("straight through the bar") {
        @Override
        List<String> say(Meter meter, List<Slot> slots) {
            int notes = slots.stream().mapToInt(Slot::notes).sum();
            return IntStream.rangeClosed(1, notes).mapToObj(Integer::toString).toList();
        }
    },
    /** Starts at 1 in every group: you feel the strides. */
    GROUPS("again from 1 in each group") {
        @Override
        List<String> say(Meter meter, List<Slot> slots) {
            List<String> said = new ArrayList<>();
            for (Slot slot : slots) {
                IntStream.rangeClosed(1, slot.notes())
                        .mapToObj(Integer::toString)
                        .forEach(said::add);
            }
            return said;
        }
    },
    /** The number of the group, then syllables within it: {@code 1 & 2 & 3 la li}. */
    GROUP_SYLLABLES("a number for each group") {
        @Override
        List<String> say(Meter meter, List<Slot> slots) {
            List<String> said = new ArrayList<>();
            int number = 1;
            for (Slot slot : slots) {
                said.add(Integer.toString(number++));
                said.addAll(Syllables.within(slot.notes()));
            }
            return said;
        }
    },
    /**
     * Spoken rhythm: a word for each group of two to nine, as in the solkattu of South Indian drumming (common
     * practice; teachers vary the words). Longer groups are fours with the rest last.
     */
    SPOKEN("spoken rhythm") {
        @Override
        List<String> say(Meter meter, List<Slot> slots) {
            List<String> said = new ArrayList<>();
            slots.forEach(slot -> said.addAll(Syllables.spoken(slot.notes())));
            return said;
        }
    };

    private final String title;

    CountingSystem(String title) {
        this.title = title;
    }

    /** Returns its name for people. */
    public String title() {
        return title;
    }

    /** Returns whether the count itself shows the groups. */
    public boolean tellsGroups() {
        return this == GROUPS || this == GROUP_SYLLABLES || this == SPOKEN;
    }

    abstract List<String> say(Meter meter, List<Slot> slots);

    /** Returns the syllables of a bar, in order. */
    public List<SpokenSyllable> count(Bar bar, Subdivision subdivision) {
        List<Slot> slots = subdivision.slots(bar);
        List<String> syllables = say(bar.meter(), slots);
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
