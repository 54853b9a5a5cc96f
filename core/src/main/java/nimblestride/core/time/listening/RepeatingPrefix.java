package nimblestride.core.time.listening;

import java.util.List;

/** What goes round in a list of lengths. */
final class RepeatingPrefix {
    private RepeatingPrefix() {}

    /** The shortest beginning of which the list is a whole number of rounds; all of it where there is none shorter. */
    static List<Integer> whole(List<Integer> lengths) {
        int size = 1;
        while (lengths.size() % size != 0 || !goesRound(lengths, size)) {
            size++;
        }
        return lengths.subList(0, size);
    }

    /** The same, but for a last round that may be broken off; two rounds at least are whole. */
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
