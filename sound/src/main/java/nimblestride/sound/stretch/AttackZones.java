package nimblestride.sound.stretch;

import java.util.Arrays;

/**
 * Where a recording is played as it is, so that attacks stay sharp and fall on their exact frame; between them it is
 * stretched a little more.
 */
final class AttackZones {
    private final StretchCourse course;
    private final double[] attacks;
    private final double before;
    private final double after;
    private final double least;

    /**
     * @param attacks in samples of the recording, in order; those too near to the one before are left out
     * @param before how many samples before an attack a zone begins
     * @param after how many samples after an attack it ends
     */
    AttackZones(StretchCourse course, double[] attacks, double before, double after) {
        this.course = course;
        this.before = before;
        this.after = after;
        this.least = (before + after) * 1.1;
        this.attacks = apart(attacks);
    }

    private double[] apart(double[] all) {
        double[] kept = new double[all.length];
        int count = 0;
        for (double attack : all) {
            boolean near = count > 0
                    && (attack - kept[count - 1] < least
                            || course.frameAt(attack) - course.frameAt(kept[count - 1]) < least);
            if (!near) {
                kept[count] = attack;
                count++;
            }
        }
        return Arrays.copyOf(kept, count);
    }

    /** Returns how many attacks are heard before a frame, or at it. */
    private int heardBy(double frame) {
        int low = 0;
        int high = attacks.length;
        while (low < high) {
            int middle = (low + high) / 2;
            if (course.frameAt(attacks[middle]) <= frame) {
                low = middle + 1;
            } else {
                high = middle;
            }
        }
        return low;
    }

    /** Returns whether a frame lies in a zone. */
    boolean isIn(double frame) {
        int next = heardBy(frame);
        boolean late = next > 0 && frame - Math.round(course.frameAt(attacks[next - 1])) <= after;
        return late || (next < attacks.length && Math.round(course.frameAt(attacks[next])) - frame <= before);
    }

    /** Returns the first place for a frame from which the attack before is not heard again. */
    double earliest(double frame) {
        int next = heardBy(frame);
        return next == 0 ? Double.NEGATIVE_INFINITY : attacks[next - 1] + after;
    }

    /** Returns the last place for a frame from which the attack after is not heard too early. */
    double latest(double frame) {
        int next = heardBy(frame);
        return next == attacks.length ? Double.POSITIVE_INFINITY : attacks[next] - before;
    }

    /** Returns the place in the recording for a frame: by the nearest attack in a zone, and evenly between zones. */
    double sourceAt(double frame) {
        int next = heardBy(frame);
        double from = Double.NEGATIVE_INFINITY;
        double fromSource = 0;
        if (next > 0) {
            double attack = attacks[next - 1];
            double heard = Math.round(course.frameAt(attack));
            if (frame <= heard + after) {
                return attack + frame - heard;
            }
            from = heard + after;
            fromSource = attack + after;
        }
        if (next == attacks.length) {
            return next == 0 ? course.sourceAt(frame) : beyond(frame, from, fromSource);
        }
        double attack = attacks[next];
        double heard = Math.round(course.frameAt(attack));
        if (frame >= heard - before) {
            return attack + frame - heard;
        }
        if (next == 0) {
            double late = course.sourceAt(heard - before) - (attack - before);
            return course.sourceAt(frame) - late;
        }
        double share = (frame - from) / (heard - before - from);
        return fromSource + share * (attack - before - fromSource);
    }

    private double beyond(double frame, double from, double fromSource) {
        return fromSource + course.sourceAt(frame) - course.sourceAt(from);
    }
}
