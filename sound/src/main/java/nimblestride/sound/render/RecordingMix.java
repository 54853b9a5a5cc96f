package nimblestride.sound.render;

import nimblestride.core.foundation.failure.InvalidValueException;

/**
 * How a recording is heard beside its exercise.
 *
 * @param balance from 0, the exercise only, to 1, the recording only; at 0.5 both are at their full level
 * @param side what is taken down
 * @param lowCut whether what is low is taken down
 * @param highCut whether what is high is taken down
 */
public record RecordingMix(double balance, Side side, boolean lowCut, boolean highCut) {
    /** Everything is heard, and as much of the recording as of the exercise. */
    public static final RecordingMix EVEN = new RecordingMix(0.5, Side.ALL, false, false);

    /** What is taken down of the two sides of a recording. */
    public enum Side {
        ALL(0.5f, 0.5f),
        LEFT_DOWN(0, 1),
        RIGHT_DOWN(1, 0),
        CENTER_DOWN(0.5f, -0.5f);

        private final float left;
        private final float right;

        Side(float left, float right) {
            this.left = left;
            this.right = right;
        }

        /** Returns what is heard of a sample. */
        float heard(float leftSample, float rightSample) {
            return left * leftSample + right * rightSample;
        }
    }

    /** @throws InvalidValueException if the balance is out of range */
    public RecordingMix {
        if (!(balance >= 0 && balance <= 1)) {
            throw new InvalidValueException("the balance is 0 to 1, not " + balance);
        }
    }

    /** Returns how loud the recording is, from 0 to 1. */
    float recording() {
        return (float) Math.min(1, 2 * balance);
    }

    /** Returns how loud the exercise is, from 0 to 1. */
    float exercise() {
        return (float) Math.min(1, 2 * (1 - balance));
    }

    /** Returns the mix at another balance. */
    public RecordingMix balanced(double newBalance) {
        return new RecordingMix(newBalance, side, lowCut, highCut);
    }

    /** Returns the mix with something else taken down. */
    public RecordingMix with(Side newSide) {
        return new RecordingMix(balance, newSide, lowCut, highCut);
    }

    /** Returns the mix with what is low, and what is high, taken down or not. */
    public RecordingMix cut(boolean newLowCut, boolean newHighCut) {
        return new RecordingMix(balance, side, newLowCut, newHighCut);
    }
}
