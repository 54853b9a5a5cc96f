package nimblestride.core.practice.stage;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** The bars that a log calls hard; the timing of a run writes its hardest counts into the log, too. */
public final class HardBars {
    private static final Pattern BAR = Pattern.compile("\\bbar (\\d{1,6})\\b");

    private HardBars() {}

    /**
     * Returns numbers of bars from 0, hardest first: those named most often.
     *
     * @param places hard places of a log, such as {@code 4& of bar 2}, and how often each was named
     */
    public static List<Integer> of(Map<String, Integer> places) {
        Map<Integer, Integer> named = new TreeMap<>();
        places.forEach((place, times) -> {
            Matcher bar = BAR.matcher(place);
            if (bar.find()) {
                named.merge(Integer.parseInt(bar.group(1)) - 1, times, Integer::sum);
            }
        });
        return named.entrySet().stream()
                .filter(one -> one.getKey() >= 0)
                .sorted(Map.Entry.comparingByValue(Comparator.reverseOrder()))
                .map(Map.Entry::getKey)
                .toList();
    }
}
