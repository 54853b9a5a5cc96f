package nimblestride.core.transcription.repetition;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;

/**
 * Finds the bars that make a phrase. A number stands for each bar: bars with the same number are alike in meter and in
 * what is played.
 */
public final class PhraseRepeatFinder {
    private static final int MIN_ROUNDS_NEARLY = 3;
    private static final int MAX_LENGTH = 512;

    private PhraseRepeatFinder() {}

    /** Returns the shortest phrase all rounds of which are alike, twice or more; bars left over start as it does. */
    public static Optional<PhraseRepeat> exact(List<Integer> bars) {
        for (int length = 1; 2 * length <= bars.size() && length <= MAX_LENGTH; length++) {
            if (firstUnlike(bars, length) == bars.size()) {
                int rounds = bars.size() / length;
                return Optional.of(
                        new PhraseRepeat(length, new VariantRounds(rounds, List.of()), bars.size() % length, false));
            }
        }
        return Optional.empty();
    }

    /** Returns the first bar that differs from the one a phrase before it. */
    private static int firstUnlike(List<Integer> bars, int length) {
        return IntStream.range(length, bars.size())
                .filter(bar -> !bars.get(bar).equals(bars.get(bar - length)))
                .findFirst()
                .orElse(bars.size());
    }

    /**
     * Returns the phrase with the fewest varied rounds, three rounds or more, and one in three varied at most; of
     * several the shortest. It may have an ending of its own.
     */
    public static Optional<PhraseRepeat> nearly(List<Integer> bars) {
        Optional<PhraseRepeat> best = Optional.empty();
        for (int length = 1; MIN_ROUNDS_NEARLY * length <= bars.size() && length <= MAX_LENGTH; length++) {
            int rounds = bars.size() / length;
            Map<List<Integer>, Integer> kinds = new HashMap<>();
            List<List<Integer>> played = new ArrayList<>();
            for (int round = 0; round < rounds; round++) {
                List<Integer> own = bars.subList(round * length, (round + 1) * length);
                played.add(own);
                kinds.merge(own, 1, Integer::sum);
            }
            List<Integer> common = kinds.entrySet().stream()
                    .max(Map.Entry.comparingByValue())
                    .orElseThrow()
                    .getKey();
            List<Integer> varied = IntStream.range(0, rounds)
                    .filter(round -> !played.get(round).equals(common))
                    .boxed()
                    .toList();
            boolean begins = common.subList(0, bars.size() % length).equals(bars.subList(rounds * length, bars.size()));
            boolean nearly = (!varied.isEmpty() || !begins) && varied.size() * MIN_ROUNDS_NEARLY <= rounds;
            if (nearly
                    && varied.size()
                            < best.map(one -> one.variation().varied().size()).orElse(rounds)) {
                best = Optional.of(
                        new PhraseRepeat(length, new VariantRounds(rounds, varied), bars.size() % length, !begins));
            }
        }
        return best;
    }
}
