package nimblestride.core.exercise.plan;

import org.apache.commons.numbers.fraction.BigFraction;

/**
 * Where somebody stands on a ladder.
 *
 * @param rung from 0
 * @param consecutiveClean clean passes since the rung was reached or the last pass that was not
 * @param consecutiveMisses passes that were not clean yet, since the rung was reached or the last other pass
 * @param isAtGoal whether the goal has been played clean as often as a step up asks
 */
public record LadderProgress(Ladder ladder, int rung, int consecutiveClean, int consecutiveMisses, boolean isAtGoal) {
    /** The tempo to practise at now. */
    public BigFraction perMinute() {
        return ladder.rung(rung);
    }

    /** How many clean passes are missing until the next step, or until the goal is reached. */
    public int missing() {
        return isAtGoal ? 0 : ladder.rules().cleanToGoUp() - consecutiveClean;
    }

    /**
     * After another pass. A clean one counts from the tempo of the rung up, one that was not clean yet up to that tempo: what
     * is easier or harder than asked says nothing about the rung. One that was nearly clean lets everybody stay, and the row
     * of clean ones begins anew.
     */
    public LadderProgress after(Rep pass) {
        int faster = pass.perMinute().compareTo(perMinute());
        return switch (pass.rating()) {
            case CLEAN -> faster >= 0 ? clean() : this;
            case NEARLY -> faster <= 0 ? new LadderProgress(ladder, rung, 0, 0, isAtGoal) : this;
            case NOT_YET -> faster <= 0 ? missed() : this;
        };
    }

    private LadderProgress clean() {
        int row = consecutiveClean + 1;
        if (row < ladder.rules().cleanToGoUp()) {
            return new LadderProgress(ladder, rung, row, 0, isAtGoal);
        }
        return rung + 1 < ladder.rungs()
                ? new LadderProgress(ladder, rung + 1, 0, 0, false)
                : new LadderProgress(ladder, rung, row, 0, true);
    }

    private LadderProgress missed() {
        int row = consecutiveMisses + 1;
        return row < ladder.rules().missesToStepBack()
                ? new LadderProgress(ladder, rung, 0, row, isAtGoal)
                : new LadderProgress(ladder, Math.max(0, rung - 1), 0, 0, false);
    }
}
