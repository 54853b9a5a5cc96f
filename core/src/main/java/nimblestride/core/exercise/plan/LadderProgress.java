package nimblestride.core.exercise.plan;

import java.time.LocalDate;
import java.util.Optional;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * Where a player is on a ladder.
 *
 * @param rung from 0
 * @param consecutiveClean clean reps since the rung was reached, or since the last rep that was not
 * @param consecutiveMisses reps rated "not yet" since the rung was reached, or since the last other rep
 * @param cleanAtTop the first day on which the top was played clean as often as a step up asks; empty before that
 * @param isAtGoal whether the top has been clean again on a later day: what is there today may be gone tomorrow
 */
public record LadderProgress(
        Ladder ladder,
        int rung,
        int consecutiveClean,
        int consecutiveMisses,
        Optional<LocalDate> cleanAtTop,
        boolean isAtGoal) {
    /** Returns the tempo to practice now, in beats per minute. */
    public BigFraction perMinute() {
        return ladder.rung(rung);
    }

    /**
     * Returns how many clean reps are missing until the next step, or until the goal is reached; one on another day where
     * the top has been clean once.
     */
    public int missing() {
        if (isAtGoal) {
            return 0;
        }
        return cleanAtTop.isPresent() ? 1 : ladder.rules().cleanToGoUp() - consecutiveClean;
    }

    /**
     * Returns the progress after another rep. A clean rep counts from the tempo of the rung up, one rated "not yet" up
     * to that tempo: what is easier or harder than asked says nothing about the rung. One rated "nearly" stays, and
     * the count of clean ones starts over.
     */
    public LadderProgress after(Rep pass) {
        int faster = pass.perMinute().compareTo(perMinute());
        return switch (pass.rating()) {
            case CLEAN -> faster >= 0 ? clean(pass.day()) : this;
            case NEARLY -> faster <= 0 ? new LadderProgress(ladder, rung, 0, 0, cleanAtTop, isAtGoal) : this;
            case NOT_YET -> faster <= 0 ? missed() : this;
        };
    }

    private LadderProgress clean(LocalDate day) {
        int row = consecutiveClean + 1;
        if (cleanAtTop.isPresent()) {
            return new LadderProgress(ladder, rung, row, 0, cleanAtTop, isAtGoal || day.isAfter(cleanAtTop.get()));
        }
        if (row < ladder.rules().cleanToGoUp()) {
            return new LadderProgress(ladder, rung, row, 0, cleanAtTop, false);
        }
        return rung + 1 < ladder.rungs()
                ? new LadderProgress(ladder, rung + 1, 0, 0, Optional.empty(), false)
                : new LadderProgress(ladder, rung, row, 0, Optional.of(day), false);
    }

    private LadderProgress missed() {
        int row = consecutiveMisses + 1;
        return row < ladder.rules().missesToStepBack()
                ? new LadderProgress(ladder, rung, 0, row, cleanAtTop, isAtGoal)
                : new LadderProgress(ladder, Math.max(0, rung - 1), 0, 0, Optional.empty(), false);
    }
}
