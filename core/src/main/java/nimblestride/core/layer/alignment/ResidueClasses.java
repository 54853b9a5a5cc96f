package nimblestride.core.layer.alignment;

import java.util.Arrays;

/** Groups numbers by their remainder: hits that leave the same remainder can meet. */
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
        this.remainders = SortedLongs.once(
                Arrays.stream(numbers).map(number -> number % divisor).toArray());
        int[] counts = new int[remainders.length];
        for (long number : numbers) {
            counts[at(number)]++;
        }
        this.numbers = new long[remainders.length][];
        for (int i = 0; i < counts.length; i++) {
            this.numbers[i] = new long[counts[i]];
        }
        int[] filled = new int[remainders.length];
        for (long number : numbers) {
            int at = at(number);
            this.numbers[at][filled[at]++] = number;
        }
    }

    /** Returns the numbers that leave the same remainder as a number. Do not write to the array. */
    long[] like(long number) {
        int at = at(number);
        return at < 0 ? NONE : numbers[at];
    }

    private int at(long number) {
        return Arrays.binarySearch(remainders, number % divisor);
    }
}
