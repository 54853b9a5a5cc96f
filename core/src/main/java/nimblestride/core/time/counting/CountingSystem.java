package nimblestride.core.time.counting;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import nimblestride.core.time.counting.Subdivision.Slot;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.CountPosition;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.value.NoteValue;

/** Ways to count a bar aloud, one syllable for each note. Good teachers differ; none is the right one. */
public enum CountingSystem {
    /** The one that suits each bar; see {@link #forBar}. */
    AUTOMATIC("automatic", "automatic") {
        @Override
        List<String> say(Meter meter, List<Slot> slots, CountWords words) {
            throw new IllegalStateException("automatic");
        }
    },
    /** Numbers on the beats, syllables between: {@code 1 e & a}. It shows where the quarters are. */
    BEATS("beats and syllables", "beats") {
        @Override
        List<String> say(Meter meter, List<Slot> slots, CountWords words) {
            List<String> said = new ArrayList<>();
            for (Slot slot : slots) {
                boolean sixes = slot.note().times(SIX).equals(meter.beat());
                for (int note = 0; note < slot.notes(); note++) {
                    CountPosition place = new CountPosition(
                            meter, slot.from().plus(slot.note().times(note)));
                    NoteValue inBeat = place.position().remainder(meter.beat());
                    if (sixes && !inBeat.isZero() && inBeat.isMultipleOf(slot.note())) {
                        int after = (int) inBeat.wholePartsOf(slot.note()) - 1;
                        said.add(words.sixNotes().afterTheNumber().get(after));
                    } else {
                        said.add(place.isEveryday() ? spoken(place) : Integer.toString(note + 1));
                    }
                }
            }
            return said;
        }

        /** Omits the beat's number after the first note of a tuplet, and the place of a thirty-second. */
        private String spoken(CountPosition place) {
            return place.syllable().replaceAll(".* ta$", "ta");
        }
    },
    /** A number for every note, straight through the bar: you always know how far you are. */
    STRAIGHT("straight through", "straight") {
        @Override
        List<String> say(Meter meter, List<Slot> slots, CountWords words) {
            int notes = slots.stream().mapToInt(Slot::notes).sum();
            return numbers(notes);
        }
    },
    /** Starts at 1 in every group: you feel the strides. */
    GROUPS("restart at each group", "groups") {
        @Override
        List<String> say(Meter meter, List<Slot> slots, CountWords words) {
            List<String> said = new ArrayList<>();
            for (int notes : Slot.withRunsOfOnes(slots)) {
                said.addAll(numbers(notes));
            }
            return said;
        }
    },
    /** The number of the group, then syllables within it: {@code 1 & 2 & 3 la li} (McHose and Tibbs 1945). */
    GROUP_SYLLABLES("number the groups", "group-numbers") {
        @Override
        List<String> say(Meter meter, List<Slot> slots, CountWords words) {
            List<String> said = new ArrayList<>();
            int number = 1;
            for (Slot slot : slots) {
                said.add(Integer.toString(number++));
                said.addAll(slot.notes() == SIX ? words.sixNotes().afterTheNumber() : Syllables.within(slot.notes()));
            }
            return said;
        }
    },
    /**
     * Konnakol: a word for each group of two to nine, as in the solkattu of South Indian drumming (common practice;
     * teachers vary the words). Longer groups are fours with the rest last.
     */
    SPOKEN("konnakol", "konnakol") {
        @Override
        List<String> say(Meter meter, List<Slot> slots, CountWords words) {
            List<String> said = new ArrayList<>();
            Slot.withRunsOfOnes(slots).forEach(notes -> said.addAll(Syllables.konnakol(notes)));
            return said;
        }
    },
    /** Takadimi: syllables by the place in the beat (Hoffman, Pelto, and White 1996). */
    TAKADIMI("Takadimi", "takadimi") {
        @Override
        List<String> say(Meter meter, List<Slot> slots, CountWords words) {
            return byBeat(slots, Syllables::takadimi);
        }
    },
    /** Gordon: du on each beat, de between, da di in threes; be and ba bi in uneven beats (Gordon 1993). */
    GORDON("Gordon (du de)", "gordon") {
        @Override
        List<String> say(Meter meter, List<Slot> slots, CountWords words) {
            boolean uneven = slots.stream().map(Slot::length).distinct().count() > 1;
            return byBeat(slots, notes -> Syllables.gordon(notes, uneven));
        }
    },
    /** Eastman: the number of the beat, then te or la li, and ta between (McHose and Tibbs 1945). */
    EASTMAN("Eastman (ta te)", "eastman") {
        @Override
        List<String> say(Meter meter, List<Slot> slots, CountWords words) {
            List<String> said = new ArrayList<>();
            int number = 1;
            for (Slot slot : slots) {
                said.add(Integer.toString(number++));
                said.addAll(Syllables.eastman(slot.notes()));
            }
            return said;
        }
    },
    /** The user's own word for each group; numbers where there is none. */
    OWN("my own words", "own") {
        @Override
        List<String> say(Meter meter, List<Slot> slots, CountWords words) {
            List<String> said = new ArrayList<>();
            for (int notes : Slot.withRunsOfOnes(slots)) {
                said.addAll(words.ownFor(notes).orElseGet(() -> numbers(notes)));
            }
            return said;
        }
    };

    private static final int SIX = 6;

    private final String title;
    private final String key;

    /** Returns the syllables of a beat with a number of notes. */
    private interface OfBeat {
        List<String> with(int notes);
    }

    CountingSystem(String title, String key) {
        this.title = title;
        this.key = key;
    }

    /** Returns its name for people. */
    public String title() {
        return title;
    }

    /** Returns its name in reports. */
    public String key() {
        return key;
    }

    /** Returns whether the count itself shows the groups. */
    public boolean tellsGroups() {
        return this == GROUPS || this == GROUP_SYLLABLES || this == SPOKEN || this == OWN;
    }

    /** Returns whether syllables follow the beats rather than the groups. */
    boolean followsBeats() {
        return this == TAKADIMI || this == GORDON || this == EASTMAN;
    }

    /**
     * Returns the system that a bar is counted in; itself unless it is {@link #AUTOMATIC}. Quarters, and fours of
     * sixteenths, are counted in beats and syllables; compound bars number their groups; other bars restart at each
     * group (common practice). A bar whose inner bars differ restarts at each group.
     */
    public CountingSystem forBar(Bar bar) {
        if (this != AUTOMATIC) {
            return this;
        }
        if (bar.grouping().hasInnerBars()) {
            List<CountingSystem> inner =
                    bar.innerBars().stream().map(this::forBar).distinct().toList();
            return inner.size() == 1 ? inner.get(0) : GROUPS;
        }
        NoteValue unit = bar.meter().unit();
        List<Integer> groups = bar.grouping().sizes();
        if (unit.compareTo(NoteValue.QUARTER) >= 0) {
            return BEATS;
        }
        boolean fours = groups.subList(0, groups.size() - 1).stream().allMatch(size -> size == 4)
                && groups.get(groups.size() - 1) <= 4;
        if (unit.compareTo(NoteValue.EIGHTH) < 0 && fours && groups.get(0) == 4) {
            return BEATS;
        }
        return groups.stream().allMatch(size -> size == 3) ? GROUP_SYLLABLES : GROUPS;
    }

    /** Counts each inner bar from its own 1, unless the count goes straight through. */
    List<String> sayBar(Bar bar, List<Slot> slots, CountWords words) {
        if (this == STRAIGHT) {
            return say(bar.meter(), slots, words);
        }
        List<String> said = new ArrayList<>();
        int from = 0;
        NoteValue start = NoteValue.ZERO;
        for (Bar inner : bar.innerBars()) {
            NoteValue end = start.plus(inner.length());
            List<Slot> within = new ArrayList<>();
            while (from < slots.size() && slots.get(from).from().compareTo(end) < 0) {
                within.add(slots.get(from++).fromStartOf(start));
            }
            said.addAll(say(inner.meter(), within, words));
            start = end;
        }
        return said;
    }

    abstract List<String> say(Meter meter, List<Slot> slots, CountWords words);

    private static List<String> numbers(int notes) {
        return IntStream.rangeClosed(1, notes).mapToObj(Integer::toString).toList();
    }

    private static List<String> byBeat(List<Slot> slots, OfBeat syllables) {
        List<String> said = new ArrayList<>();
        slots.forEach(slot -> said.addAll(syllables.with(slot.notes())));
        return said;
    }
}
