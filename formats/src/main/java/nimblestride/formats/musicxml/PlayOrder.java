package nimblestride.formats.musicxml;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import nimblestride.core.transcription.source.Transcription;
import nimblestride.files.UnreadableFileException;

/**
 * Finds the order in which measures are played: repeats, endings, da capo, dal segno, coda, and fine. After a jump
 * back, repeats are not taken again and the last ending is, as players do (common practice).
 */
final class PlayOrder {
    private PlayOrder() {}

    /**
     * What stands at a measure.
     *
     * @param forward whether a repeat starts with it
     * @param backward how often what is repeated is played in all, where a repeat ends with it; 0 for none
     * @param endings rounds in which it is played; empty for each
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

        Signs endingFor(Set<Integer> rounds) {
            return new Signs(forward, backward, rounds, segno, coda, toCoda, fine, daCapo, dalSegno);
        }
    }

    /**
     * Returns the order.
     *
     * @throws UnreadableFileException if more measures are played than a transcription may have
     */
    static List<Integer> of(List<Signs> printed) {
        List<Signs> measures = withFirstEndings(printed);
        List<Integer> played = new ArrayList<>();
        Map<Integer, Integer> roundsAt = new HashMap<>();
        boolean jumped = false;
        int start = 0;
        int round = 1;
        int at = 0;
        while (at < measures.size()) {
            Signs signs = measures.get(at);
            // The last ending of one repeat may be the first bar of the next.
            boolean last = jumped && isLast(measures, at, signs.endings);
            boolean left = !signs.endings.isEmpty() && !last && (jumped || !signs.endings.contains(round));
            if (start != at && (signs.forward || (round > 1 && isAfterEndings(measures, at)))) {
                start = at;
                round = 1;
            }
            if (left) {
                at++;
                continue;
            }
            played.add(at);
            if (played.size() > Transcription.MAX_BARS) {
                throw new UnreadableFileException(String.format(
                        Locale.ROOT, "this score plays more than %,d bars; try a shorter one", Transcription.MAX_BARS));
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
     * A repeat's end before a second ending is a first ending, even where the sign that starts it is missing or has
     * the number of the second, as some programs write it: otherwise the second would never come.
     */
    private static List<Signs> withFirstEndings(List<Signs> printed) {
        List<Signs> measures = new ArrayList<>(printed);
        for (int at = 0; at + 1 < printed.size(); at++) {
            Set<Integer> here = printed.get(at).endings;
            Set<Integer> next = printed.get(at + 1).endings;
            int first = next.stream().mapToInt(Integer::intValue).min().orElse(1);
            if (printed.get(at).backward > 0 && first > 1 && (here.isEmpty() || here.equals(next))) {
                measures.set(
                        at,
                        printed.get(at)
                                .endingFor(IntStream.range(1, first).boxed().collect(Collectors.toSet())));
            }
        }
        return measures;
    }

    /**
     * Returns how often the end of a repeat is reached: as often as it says; that of an ending as often as it has
     * numbers, and once more where it is not the last of several.
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

    /** What comes after the last ending of a repeat starts the next one, even without a sign. */
    private static boolean isAfterEndings(List<Signs> measures, int at) {
        return at > 0
                && measures.get(at).endings.isEmpty()
                && !measures.get(at - 1).endings.isEmpty();
    }

    private static int largest(Set<Integer> endings) {
        return endings.stream().mapToInt(Integer::intValue).max().orElse(0);
    }

    /** Returns whether no later ending follows this one. */
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
