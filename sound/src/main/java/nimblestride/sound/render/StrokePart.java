package nimblestride.sound.render;

import java.util.ArrayList;
import java.util.List;
import java.util.SplittableRandom;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.stroke.Ornament;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.sound.kit.StrokeLevel;

/**
 * One sound of a stroke: the note, a grace note, or a bounce of a buzz. Grace notes and bounces breathe: they differ a
 * little in time and level, by the number of the stroke.
 *
 * @param early how long before the note it sounds, in seconds; negative after it
 * @param hard how hard the stick hits
 * @param gain how loud it is, from 0 to about 1
 * @param turn from 0, in the order in which the stick falls for this stroke
 */
public record StrokePart(double early, Dynamic hard, double gain, int turn) {
    private static final double GRACE_LEVEL = 0.35;
    private static final int FEWEST_BOUNCES = 5;
    private static final int MOST_BOUNCES = 12;
    /** A stick bounces ever closer: so long after the stroke the first time, and then by this factor (common practice). */
    private static final double SECONDS_TO_BOUNCE = 0.028;

    private static final double CLOSER = 0.95;

    /** By how much a time or a level differs, at most. */
    private static final double BREATH = 0.06;

    /**
     * Returns the sounds of a stroke, grace notes first.
     *
     * @param beat how long a beat lasts, in seconds
     * @param since seconds since the stroke before; infinite where there is none
     * @param number of the stroke in its layer
     */
    public static List<StrokePart> of(Stroke stroke, double beat, double since, long number) {
        double level = StrokeLevel.of(stroke.level());
        SplittableRandom chance = new SplittableRandom(number);
        List<StrokePart> parts = new ArrayList<>();
        double between = stroke.ornament().secondsBetweenGraceNotes(beat, since);
        for (int grace = stroke.ornament().graceNotes(); grace > 0; grace--) {
            double early = between * (grace + breath(chance));
            parts.add(new StrokePart(early, Dynamic.GHOST, GRACE_LEVEL * level * (1 + breath(chance)), grace));
        }
        parts.add(new StrokePart(0, stroke.level(), level, 0));
        if (stroke.ornament() == Ornament.BUZZ) {
            bounce(Math.min(since, beat), level, chance, parts);
        }
        return parts;
    }

    /** Bounces for as long as strokes of a roll are apart. */
    private static void bounce(double seconds, double level, SplittableRandom chance, List<StrokePart> parts) {
        double late = 0;
        double next = SECONDS_TO_BOUNCE;
        for (int bounce = 1; bounce < MOST_BOUNCES; bounce++) {
            late += next * (1 + breath(chance));
            next *= CLOSER;
            if (bounce >= FEWEST_BOUNCES && late > seconds) {
                return;
            }
            double softer = level * (MOST_BOUNCES - bounce) / MOST_BOUNCES * (1 + breath(chance));
            parts.add(new StrokePart(-late, Dynamic.SOFT, softer, bounce));
        }
    }

    /** Returns how long after the note it sounds, in seconds; negative before it. */
    public double late() {
        return early == 0 ? 0 : -early;
    }

    private static double breath(SplittableRandom chance) {
        return BREATH * chance.nextDouble(-1, 1);
    }
}
