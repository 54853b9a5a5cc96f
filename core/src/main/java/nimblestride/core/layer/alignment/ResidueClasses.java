package nimblestride.core.layer.alignment;

import java.util.Arrays;

/** Numbers put together by what a divisor leaves of them: those that can meet where two cycles are laid side by side. */
final class ResidueClasses {
    private static final long[] NONE = {};

    private final long divisor;
    /** In order, each once. */
    private final long[] remainders;
    /** Of each remainder, the numbers that leave it, as they came. */
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

    /** Those that leave the same remainder as this number: not to be written to. */
    long[] like(long number) {
        int at = at(number);
        return at < 0 ? NONE : numbers[at];
    }

    private int at(long number) {
        return Arrays.binarySearch(remainders, number % divisor);
    }
}
