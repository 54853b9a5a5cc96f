package nimblestride.core.kit.orchestration;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.kit.voice.Limb;
import nimblestride.core.kit.voice.Voice;

/**
 * A rule that moves some notes of a line around the kit: right-hand singles to the floor tom, accents to the crash
 * with the kick.
 *
 * @param which notes it moves
 * @param limb moves only notes of this limb; empty for any
 * @param nth for {@link Which#EVERY_NTH}, one note of how many, from 2 to {@value #MAX_COUNT}; for {@link Which#NTH},
 *     which note, from 1 to {@value #MAX_LINE_LENGTH}; otherwise zero
 * @param to voices the notes move to, one or more at once, at most {@value #MAX_VOICES}
 */
public record OrchestrationRule(Which which, Optional<Limb> limb, int nth, List<Voice> to) {
    /** The largest n of "every nth note". */
    public static final int MAX_COUNT = 64;
    /** The most notes in a line. */
    public static final int MAX_LINE_LENGTH = 1_024;
    /** The most voices at once. */
    public static final int MAX_VOICES = 4;

    /** The kinds of notes a rule can name. */
    public enum Which {
        NOTES("notes"),
        /** Strokes with the other hand, or a rest, on both sides. */
        SINGLES("singles"),
        /** Two or more strokes in a row by one hand. */
        DOUBLES("doubles"),
        ACCENTS("accents"),
        GHOSTS("ghosts"),
        /** Every nth note, counted from the start of each round. */
        EVERY_NTH("every"),
        /** The nth note of each round, the first being 1. */
        NTH("note");

        private final String word;

        Which(String word) {
            this.word = word;
        }

        /** Returns the word for it in a rule. */
        public String word() {
            return word;
        }
    }

    /** @throws InvalidValueException if a number is out of range, or there is no voice or too many */
    public OrchestrationRule {
        to = List.copyOf(to);
        if (to.isEmpty() || to.size() > MAX_VOICES) {
            throw new InvalidValueException("a rule sends notes to 1 to " + MAX_VOICES + " voices");
        }
        if (which == Which.EVERY_NTH && (nth < 2 || nth > MAX_COUNT)) {
            throw new InvalidValueException("a rule can pick every 2nd to every " + MAX_COUNT + "th note");
        }
        if (which == Which.NTH && (nth < 1 || nth > MAX_LINE_LENGTH)) {
            throw new InvalidValueException(
                    String.format(Locale.ROOT, "a rule can pick note 1 to note %,d", MAX_LINE_LENGTH));
        }
        if (which != Which.EVERY_NTH && which != Which.NTH && nth != 0) {
            throw new InvalidValueException("only numbered notes can be picked by number");
        }
    }

    /**
     * Returns the voices of each step of a line that repeats, with rules applied in order; a later one overrides an
     * earlier one.
     *
     * @param steps strokes and rests
     * @param home voice of notes that no rule moves; a foot that is written out plays its own pedal
     */
    public static List<List<Voice>> voices(List<Optional<Stroke>> steps, Voice home, List<OrchestrationRule> moves) {
        List<List<Voice>> voices = new ArrayList<>();
        int note = 0;
        for (int i = 0; i < steps.size(); i++) {
            Optional<Stroke> step = steps.get(i);
            List<Voice> played =
                    step.map(stroke -> List.of(ofLimb(stroke, home))).orElse(List.of());
            if (step.isPresent()) {
                note++;
                for (OrchestrationRule move : moves) {
                    played = move.moves(steps, i, note) ? move.to : played;
                }
            }
            voices.add(played);
        }
        return voices;
    }

    /** Returns how many notes of a line the rule moves. */
    public long moved(List<Optional<Stroke>> steps) {
        long moved = 0;
        int note = 0;
        for (int i = 0; i < steps.size(); i++) {
            if (steps.get(i).isPresent() && moves(steps, i, ++note)) {
                moved++;
            }
        }
        return moved;
    }

    private static Voice ofLimb(Stroke stroke, Voice home) {
        Optional<Limb> limb = stroke.limb().or(home::limb);
        if (home.isRiff()
                || limb.equals(home.limb())
                || limb.filter(Limb::isHand).isPresent()) {
            return home;
        }
        return limb.equals(Optional.of(Limb.KICK_FOOT)) ? Kit.KICK : Kit.FOOT_HI_HAT;
    }

    private boolean moves(List<Optional<Stroke>> steps, int step, int note) {
        Stroke stroke = steps.get(step).orElseThrow();
        return (limb.isEmpty() || limb.equals(stroke.limb()))
                && switch (which) {
                    case NOTES -> true;
                    case SINGLES -> !inARow(steps, step);
                    case DOUBLES -> inARow(steps, step);
                    case ACCENTS -> stroke.level().isAccent();
                    case GHOSTS -> stroke.level() == Dynamic.GHOST;
                    case EVERY_NTH -> note % nth == 0;
                    case NTH -> note == nth;
                };
    }

    private static boolean inARow(List<Optional<Stroke>> steps, int step) {
        int size = steps.size();
        Optional<Limb> limb = steps.get(step).flatMap(Stroke::limb);
        return limb.isPresent()
                && size > 1
                && (steps.get((step + 1) % size).flatMap(Stroke::limb).equals(limb)
                        || steps.get((step + size - 1) % size)
                                .flatMap(Stroke::limb)
                                .equals(limb));
    }
}
