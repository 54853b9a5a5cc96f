package nimblestride.core.kit.sticking;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import nimblestride.core.time.value.NoteValue;

/**
 * A rudiment with its rhythm, as one sticking that repeats: with both leads where it changes hands, with one where it
 * does not. These are the 40 of the Percussive Arts Society's International Drum Rudiments, in its order. Rolls are
 * open, double strokes in thirty-seconds, and end on a tap that keeps its own length; each fills whole beats.
 *
 * @param sticking as a user types it: small letters are grace notes, {@code >} is an accent, a dot holds or rests
 * @param step how long each sign lasts
 */
public record Rudiment(String name, String sticking, NoteValue step) {
    private static final List<Rudiment> ALL = List.of(
            in(16, "single stroke roll", "R L R L R L R L"),
            in(24, "single stroke four", "R L R >L . . L R L >R . ."),
            in(24, "single stroke seven", "R L R L R L >R . . . . . L R L R L R >L . . . . ."),
            in(8, "multiple bounce roll", "Rz Lz Rz Lz"),
            in(12, "triple stroke roll", "R R R L L L"),
            in(32, "double stroke open roll", "R R L L R R L L"),
            in(32, "five stroke roll", "R R L L >R . . . L L R R >L . . ."),
            in(32, "six stroke roll", ">R . . . L L R R >L . . ."),
            in(32, "seven stroke roll", "R R L L R R >L ."),
            in(32, "nine stroke roll", "R R L L R R L L >R . . . . . . . L L R R L L R R >L . . . . . . ."),
            in(32, "ten stroke roll", "R R L L R R L L >R . . . >L . . ."),
            in(32, "eleven stroke roll", "R R L L R R L L R R >L . . . . ."),
            in(32, "thirteen stroke roll", "R R L L R R L L R R L L >R . . . L L R R L L R R L L R R >L . . ."),
            in(32, "fifteen stroke roll", "R R L L R R L L R R L L R R >L ."),
            in(
                    32,
                    "seventeen stroke roll",
                    "R R L L R R L L R R L L R R L L >R . . . . . . . L L R R L L R R L L R R L L R R >L . . . . . . ."),
            in(16, "single paradiddle", ">R L R R >L R L L"),
            in(16, "double paradiddle", ">R L R L R R >L R L R L L"),
            in(16, "triple paradiddle", ">R L R L R L R R >L R L R L R L L"),
            in(16, "single paradiddle-diddle", ">R L R R L L"),
            in(4, "flam", "lR rL"),
            in(8, "flam accent", ">lR L R >rL R L"),
            in(16, "flam tap", ">lR R >rL L"),
            in(16, "flamacue", "lR >L R L lR . . . rL >R L R rL . . ."),
            in(16, "flam paradiddle", ">lR L R R >rL R L L"),
            in(16, "single flammed mill", ">lR R L R >rL L R L"),
            in(16, "flam paradiddle-diddle", ">lR L R R L L >rL R L L R R"),
            in(16, "pataflafla", ">lR L R >rL"),
            in(12, "swiss army triplet", ">lR R L"),
            in(16, "inverted flam tap", ">lR L >rL R"),
            in(8, "flam drag", ">lR L: R >rL R: L"),
            in(4, "drag", "llR rrL"),
            in(8, "single drag tap", "llR >L rrL >R"),
            in(8, "double drag tap", "llR llR >L rrL rrL >R"),
            in(16, "lesson 25", "llR L >R ."),
            in(16, "single dragadiddle", ">R: L R R >L: R L L"),
            in(16, "drag paradiddle 1", ">R . llR L R R >L . rrL R L L"),
            in(16, "drag paradiddle 2", ">R . llR . llR L R R >L . rrL . rrL R L L"),
            in(12, "single ratamacue", "llR L R >L . . rrL R L >R . ."),
            in(12, "double ratamacue", "llR . . llR L R >L . . rrL . . rrL R L >R . ."),
            in(12, "triple ratamacue", "llR . . llR . . llR L R >L . . rrL . . rrL . . rrL R L >R . ."));

    private static Rudiment in(int part, String name, String sticking) {
        return new Rudiment(name, sticking, NoteValue.of(1, part));
    }

    /** Returns every rudiment. */
    public static List<Rudiment> all() {
        return ALL;
    }

    /**
     * Returns the rudiment with a name, in capitals or not; "paradiddle" is the single one. Empty if there is none.
     */
    public static Optional<Rudiment> named(String name) {
        String plain = name.strip().toLowerCase(Locale.ROOT).replaceAll("\\s+", " ");
        return ALL.stream()
                .filter(rudiment -> rudiment.name.equals(plain) || rudiment.name.equals("single " + plain))
                .findFirst();
    }

    /**
     * Returns how often a sticking repeats to fill whole beats: six sixteenths over quarters come twice.
     *
     * @param steps of the sticking
     */
    public int timesToFill(int steps, NoteValue beat) {
        NoteValue length = step.times(steps);
        return Math.toIntExact(length.leastCommonMultiple(beat).wholePartsOf(length));
    }
}
