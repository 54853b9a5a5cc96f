package nimblestride.core.time.listening;

import java.util.List;

/** Finds what repeats in a list of lengths. */
final class RepeatingPrefix {
    private RepeatingPrefix() {}

    /** Returns the shortest prefix that fills the list in whole rounds; the whole list if there is none shorter. */
    static List<Integer> whole(List<Integer> lengths) {
        int size = 1;
        while (lengths.size() % size != 0 || !goesRound(lengths, size)) {
            size++;
        }
        return lengths.subList(0, size);
    }

    /** Returns the shortest prefix whose last round may be incomplete; at least two rounds are complete. */
    static List<Integer> brokenOff(List<Integer> lengths) {
        for (int size = 1; size <= lengths.size() / 2; size++) {
            if (goesRound(lengths, size)) {
                return lengths.subList(0, size);
            }
        }
        return lengths;
    }

    private static boolean goesRound(List<Integer> lengths, int size) {
        for (int i = size; i < lengths.size(); i++) {
            if (!lengths.get(i).equals(lengths.get(i - size))) {
                return false;
            }
        }
        return true;
    }
}
