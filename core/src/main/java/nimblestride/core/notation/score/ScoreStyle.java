package nimblestride.core.notation.score;

import java.util.Optional;
import java.util.stream.Collectors;
import nimblestride.core.kit.voice.Limb;
import nimblestride.core.time.counting.Counting;
import nimblestride.core.time.counting.Subdivision;

/**
 * How a score looks. Good teachers differ in all of it.
 *
 * @param parts whether hands and feet have stems of their own
 * @param lengths how long notes last
 * @param stickings which stickings stand under the staff
 * @param counting counting system of the counts under the staff; empty for none
 * @param subdivision how finely the counts divide the bar
 * @param repeats whether equal bars in a row are written once, between repeat signs
 */
public record ScoreStyle(
        Parts parts,
        Lengths lengths,
        Stickings stickings,
        Optional<Counting> counting,
        Subdivision subdivision,
        boolean repeats) {
    /** Which way stems point. */
    public enum Parts {
        /** Hands up, feet down. */
        HANDS_AND_FEET("hands up, feet down"),
        /** Points all stems up. */
        TOGETHER("all stems up");

        private final String title;

        Parts(String title) {
            this.title = title;
        }

        /** Returns its name for people. */
        public String title() {
            return title;
        }
    }

    /** How long notes last. A drum does not sustain, so both sound the same. */
    public enum Lengths {
        /** Lasts to the next note, but at most to the end of the group; rests fill up. Shows every group. */
        SHORT("short notes, rests"),
        /** Lasts to the next note, tied over groups and bar lines. Shows what runs across them. */
        HELD("long notes, ties");

        private final String title;

        Lengths(String title) {
            this.title = title;
        }

        /** Returns its name for people. */
        public String title() {
            return title;
        }
    }

    /** Which stickings are shown. */
    public enum Stickings {
        NONE("no sticking"),
        /** Shows the hands the exercise gives. */
        AS_GIVEN("sticking as given"),
        /** Shows the hand of every stroke. */
        ALL("every sticking");

        private final String title;

        Stickings(String title) {
            this.title = title;
        }

        /** Returns its name for people. */
        public String title() {
            return title;
        }
    }

    /** Hands up and feet down, rests from group to group, stickings as given, no counts, repeats folded. */
    public static final ScoreStyle DEFAULT = new ScoreStyle(
            Parts.HANDS_AND_FEET, Lengths.SHORT, Stickings.AS_GIVEN, Optional.empty(), Subdivision.AS_WRITTEN, true);

    /** Returns the style with other parts. */
    public ScoreStyle with(Parts newParts) {
        return new ScoreStyle(newParts, lengths, stickings, counting, subdivision, repeats);
    }

    /** Returns the style with other lengths. */
    public ScoreStyle with(Lengths newLengths) {
        return new ScoreStyle(parts, newLengths, stickings, counting, subdivision, repeats);
    }

    /** Returns the style with other stickings. */
    public ScoreStyle with(Stickings newStickings) {
        return new ScoreStyle(parts, lengths, newStickings, counting, subdivision, repeats);
    }

    /** Returns the style with counts. */
    public ScoreStyle counted(Counting counting, Subdivision newDivision) {
        return new ScoreStyle(parts, lengths, stickings, Optional.of(counting), newDivision, repeats);
    }

    /** Returns the style without counts. */
    public ScoreStyle uncounted() {
        return new ScoreStyle(parts, lengths, stickings, Optional.empty(), Subdivision.AS_WRITTEN, repeats);
    }

    /** Returns the style with repeats folded, or not. */
    public ScoreStyle repeating(boolean newRepeats) {
        return new ScoreStyle(parts, lengths, stickings, counting, subdivision, newRepeats);
    }

    /** Returns the letters under a note: {@code R}, {@code L}, {@code LR}, or nothing. */
    public String stickingFor(WrittenNote written) {
        if (stickings == Stickings.NONE || !written.isStruck()) {
            return "";
        }
        return written.heads().stream()
                .filter(head ->
                        stickings == Stickings.ALL || head.stroke().limb().isPresent())
                .flatMap(head -> head.limb().filter(Limb::isHand).stream())
                .map(limb -> String.valueOf(limb.letter()))
                .distinct()
                .sorted()
                .collect(Collectors.joining());
    }
}
