package nimblestride.core.layer.alignment;

import java.util.Arrays;

/**
 * Groups numbers by their remainder: hits that leave the same remainder can meet. Each keystroke asks for thousands of
 * remainders, so each is worked out once, in a plain loop.
 */
final class ResidueClasses {
    private static final long[] NONE = {};

    private final long divisor;
    /** The remainders, in order, each once. */
    private final long[] remainders;
    /** For each remainder, the numbers that leave it, in the order given. */
    private final long[][] numbers;

    /**
     * @param numbers zero or more each
     * @param divisor one or more
     */
    ResidueClasses(long[] numbers, long divisor) {
        this.divisor = divisor;
        long[] leftOver = new long[numbers.length];
        for (int i = 0; i < numbers.length; i++) {
            leftOver[i] = numbers[i] % divisor;
        }
        this.remainders = SortedLongs.once(leftOver);
        int[] classes = new int[numbers.length];
        int[] counts = new int[remainders.length];
        for (int i = 0; i < numbers.length; i++) {
            classes[i] = Arrays.binarySearch(remainders, leftOver[i]);
            counts[classes[i]]++;
        }
        this.numbers = new long[remainders.length][];
        for (int i = 0; i < counts.length; i++) {
            this.numbers[i] = new long[counts[i]];
        }
        int[] filled = new int[remainders.length];
        for (int i = 0; i < numbers.length; i++) {
            this.numbers[classes[i]][filled[classes[i]]++] = numbers[i];
        }
    }

    /** Returns the numbers that leave the same remainder as a number. Do not write to the array. */
    long[] like(long number) {
        int at = Arrays.binarySearch(remainders, number % divisor);
        return at < 0 ? NONE : numbers[at];
    }
}
