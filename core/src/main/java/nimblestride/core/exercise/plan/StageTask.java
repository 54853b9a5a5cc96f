package nimblestride.core.exercise.plan;

import java.util.Locale;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.kit.voice.Limb;
import nimblestride.core.time.meter.Phrase;

/** What to play of an exercise in a stage. */
public sealed interface StageTask {
    StageTask COUNT_ALOUD = Usual.COUNT_ALOUD;
    StageTask PAD = Usual.PAD;
    StageTask PLAIN = Usual.PLAIN;
    StageTask ACCENTS = Usual.ACCENTS;
    StageTask AS_WRITTEN = Usual.AS_WRITTEN;

    /** Returns its name for people, as a user types it. */
    String title();

    /** The common tasks, in the order in which they are practiced (common practice). */
    enum Usual implements StageTask {
        /** Play nothing; count aloud to a click on every unit. */
        COUNT_ALOUD("count aloud"),
        /** Play hand to hand on every unit, the foot on each 1. */
        PAD("pad hand to hand"),
        /** Play every note, all equally loud, without ornaments. */
        PLAIN("all limbs"),
        /** Play with accents and ghost notes, without ornaments. */
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

    /** Play what one limb plays, all equally loud. */
    record OneLimb(Limb limb) implements StageTask {
        @Override
        public String title() {
            return limb.title() + " solo";
        }
    }

    /**
     * Play one inner bar over and over.
     *
     * @param number from 1, counted through the phrase; a bar of one level counts as one
     */
    record InnerBar(int number) implements StageTask {
        /** The largest number. */
        public static final int MAX = 1_000;

        /** @throws nimblestride.core.foundation.failure.InvalidValueException if the number is out of range */
        public InnerBar {
            if (number < 1 || number > MAX) {
                throw new InvalidValueException(
                        String.format(Locale.ROOT, "inner bars run from 1 to %,d; there is no %,d", MAX, number));
            }
        }

        @Override
        public String title() {
            return "inner bar " + number;
        }
    }

    /**
     * Play some bars over and over.
     *
     * @param first number of the first bar, from 1
     * @param last number of the last bar
     */
    record SomeBars(int first, int last) implements StageTask {
        /** @throws nimblestride.core.foundation.failure.InvalidValueException if there is no such range */
        public SomeBars {
            if (first < 1 || last < first || last > Phrase.MAX_BARS) {
                throw new InvalidValueException(
                        "bars run from a first to a later one, such as bars 3 to 4, not " + first + " to " + last);
            }
        }

        @Override
        public String title() {
            return first == last ? "bar " + first : "bars " + first + " to " + last;
        }
    }

    /**
     * Play everything some units of the first bar later than written, against bars that stay.
     *
     * @param units from 1 to {@value #MAX}
     */
    record Displaced(int units) implements StageTask {
        /** The most units. */
        public static final int MAX = 1_000;

        /** @throws nimblestride.core.foundation.failure.InvalidValueException if the units are out of range */
        public Displaced {
            if (units < 1 || units > MAX) {
                throw new InvalidValueException(
                        String.format(Locale.ROOT, "a stage can start 1 to %,d units late, not %,d", MAX, units));
            }
        }

        @Override
        public String title() {
            return "displaced by " + units;
        }
    }
}
