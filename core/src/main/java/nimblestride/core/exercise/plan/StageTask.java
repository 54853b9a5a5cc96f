package nimblestride.core.exercise.plan;

import java.util.Locale;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.kit.voice.Limb;

/** What of an exercise is played in a stage. */
public sealed interface StageTask {
    StageTask COUNT_ALOUD = Usual.COUNT_ALOUD;
    StageTask PAD = Usual.PAD;
    StageTask PLAIN = Usual.PLAIN;
    StageTask ACCENTS = Usual.ACCENTS;
    StageTask AS_WRITTEN = Usual.AS_WRITTEN;

    /** Its name for people, as it is typed. */
    String title();

    /** The usual ones, in the order in which they are practised (common practice). */
    enum Usual implements StageTask {
        /** Nothing is played; a click on every unit, and the voice. */
        COUNT_ALOUD("count aloud"),
        /** Hand to hand on every unit, the foot on each 1. */
        PAD("pad hand to hand"),
        /** Every note where it belongs, all equally loud, without ornaments. */
        PLAIN("all limbs"),
        /** With accents and ghost notes, without ornaments. */
        ACCENTS("accents and ghosts"),
        AS_WRITTEN("as written");

        private final String title;

        Usual(String title) {
            this.title = title;
        }

        @Override
        public String title() {
            return title;
        }
    }

    /** What one limb plays, all equally loud. */
    record OneLimb(Limb limb) implements StageTask {
        @Override
        public String title() {
            return limb.title() + " alone";
        }
    }

    /**
     * Everything so many units of the first bar later than it is written, against bars that stay.
     *
     * @param units from 1 to {@value #MAX}
     */
    record Displaced(int units) implements StageTask {
        public static final int MAX = 1_000;

        public Displaced {
            if (units < 1 || units > MAX) {
                throw new InvalidValueException(
                        String.format(Locale.ROOT, "a stage is displaced by 1 to %,d units, not by %,d", MAX, units));
            }
        }

        @Override
        public String title() {
            return "displaced by " + units;
        }
    }
}
