package nimblestride.core.transcription.repetition;

import java.util.List;
import java.util.stream.Collectors;
import nimblestride.core.foundation.words.Counted;

/**
 * Which of many rounds differ from the others.
 *
 * @param times how many rounds
 * @param varied numbers of those that differ, from 0, in order
 */
public record VariantRounds(int times, List<Integer> varied) {
    private static final int MAX_NAMED = 6;

    public VariantRounds {
        varied = List.copyOf(varied);
    }

    /** Returns whether none differs. */
    public boolean isNone() {
        return varied.isEmpty();
    }

    /** Returns it in words: {@code the last one is varied}; empty where none differs. */
    public String said() {
        if (isNone()) {
            return "";
        }
        if (varied.equals(List.of(times - 1))) {
            return "the last one differs";
        }
        int step = varied.get(0) + 1;
        boolean regular = varied.size() == times / step && varied.size() > 1;
        for (int i = 0; i < varied.size() && regular; i++) {
            regular = varied.get(i) == (i + 1) * step - 1;
        }
        if (regular && step > 1) {
            return "every " + (step == 2 ? "second" : step == 3 ? "third" : step == 4 ? "fourth" : step + "th")
                    + " one differs";
        }
        if (varied.size() > MAX_NAMED) {
            return Counted.number(varied.size()) + " of them differ";
        }
        return (varied.size() == 1 ? "number " : "numbers ")
                + varied.stream().map(number -> String.valueOf(number + 1)).collect(Collectors.joining(", "))
                + (varied.size() == 1 ? " differs" : " differ");
    }
}
