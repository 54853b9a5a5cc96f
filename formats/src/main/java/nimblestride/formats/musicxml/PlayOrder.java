package nimblestride.formats.musicxml;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import nimblestride.core.transcription.Transcription;
import nimblestride.formats.file.UnreadableFileException;

/**
 * The order in which measures are played: repeats, endings, da capo, dal segno, coda and fine played out. After a jump back,
 * repeats are not taken again and the last ending is, as players do (common practice).
 */
final class PlayOrder {
    private PlayOrder() {}

    /**
     * What stands at a measure.
     *
     * @param forward whether a repeat begins with it
     * @param backward how often what is repeated is played in all, where a repeat ends with it; 0 for none
     * @param endings in which times round it is played; empty for each
     */
    record Signs(
            boolean forward,
            int backward,
            Set<Integer> endings,
            boolean segno,
            boolean coda,
            boolean toCoda,
            boolean fine,
            boolean daCapo,
            boolean dalSegno) {
        static final Signs NONE = new Signs(false, 0, Set.of(), false, false, false, false, false, false);

        Signs {
            endings = Set.copyOf(endings);
        }
    }

    /** @throws UnreadableFileException if more measures are played than a transcription may have */
    static List<Integer> of(List<Signs> measures) throws UnreadableFileException {
        List<Integer> played = new ArrayList<>();
        Map<Integer, Integer> roundsAt = new HashMap<>();
        boolean jumped = false;
        int start = 0;
        int round = 1;
        int at = 0;
        while (at < measures.size()) {
            Signs signs = measures.get(at);
            if (signs.forward && start != at) {
                start = at;
                round = 1;
            }
            boolean last = jumped && isLast(measures, at, signs.endings);
            if (!signs.endings.isEmpty() && !last && (jumped || !signs.endings.contains(round))) {
                at++;
                continue;
            }
            played.add(at);
            if (played.size() > Transcription.MOST_BARS) {
                throw new UnreadableFileException(String.format(
                        "this score plays more than %,d bars; expected a shorter one", Transcription.MOST_BARS));
            }
            if (signs.fine && jumped) {
                break;
            }
            if (signs.backward > 0) {
                if (!jumped && roundsAt.merge(at, 1, Integer::sum) < rounds(measures, at)) {
                    round++;
                    at = start;
                    continue;
                }
                start = at + 1;
                round = 1;
            }
            if (signs.toCoda && jumped) {
                int coda = first(measures, at + 1, true);
                at = coda < 0 ? at + 1 : coda;
                continue;
            }
            if ((signs.daCapo || signs.dalSegno) && !jumped) {
                jumped = true;
                at = signs.daCapo ? 0 : Math.max(0, first(measures, 0, false));
                continue;
            }
            at++;
        }
        return played;
    }

    /**
     * How often the end of a repeat is reached: as often as it says; that of an ending as often as it has numbers, and once more
     * where it is not the last of several.
     */
    private static int rounds(List<Signs> measures, int at) {
        Set<Integer> endings = measures.get(at).endings;
        if (endings.isEmpty()) {
            return measures.get(at).backward;
        }
        return endings.size() + (isLast(measures, at, endings) && hasEarlier(measures, at, endings) ? 0 : 1);
    }

    private static boolean hasEarlier(List<Signs> measures, int at, Set<Integer> endings) {
        for (int before = at - 1; before >= 0 && !measures.get(before).endings.isEmpty(); before--) {
            if (!measures.get(before).endings.equals(endings)) {
                return true;
            }
        }
        return false;
    }

    private static int largest(Set<Integer> endings) {
        return endings.stream().mapToInt(Integer::intValue).max().orElse(0);
    }

    /** Whether no later ending follows on this one. */
    private static boolean isLast(List<Signs> measures, int at, Set<Integer> endings) {
        Set<Integer> later = new TreeSet<>();
        for (int next = at + 1;
                next < measures.size() && !measures.get(next).endings.isEmpty();
                next++) {
            later.addAll(measures.get(next).endings);
        }
        return largest(later) <= largest(endings);
    }

    private static int first(List<Signs> measures, int from, boolean coda) {
        for (int at = from; at < measures.size(); at++) {
            if (coda ? measures.get(at).coda : measures.get(at).segno) {
                return at;
            }
        }
        return -1;
    }
}
