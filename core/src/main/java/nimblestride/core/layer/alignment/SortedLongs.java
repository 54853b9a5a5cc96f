package nimblestride.core.layer.alignment;

import java.util.Arrays;

/** Sorts numbers and drops repeats, without making an object for each as a stream would. */
final class SortedLongs {
    private SortedLongs() {}

    static long[] once(long[] numbers) {
        long[] sorted = numbers.clone();
        Arrays.sort(sorted);
        int kept = 0;
        for (int i = 0; i < sorted.length; i++) {
            if (i == 0 || sorted[i] != sorted[i - 1]) {
                sorted[kept++] = sorted[i];
            }
        }
        return Arrays.copyOf(sorted, kept);
    }
}
