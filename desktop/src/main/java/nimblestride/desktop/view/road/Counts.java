package nimblestride.desktop.view.road;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import nimblestride.core.time.counting.CountingSchool;
import nimblestride.core.time.counting.Division;
import nimblestride.core.time.counting.Said;
import nimblestride.core.time.meter.Bar;

/** What is said in bars, in one school and division: worked out once for each bar, and forgotten when it is not asked for. */
record Counts(CountingSchool school, Division division, Map<Bar, List<Said>> known) {
    private static final int MOST_KNOWN = 512;

    Counts(CountingSchool school, Division division) {
        this(school, division, new Latest());
    }

    List<Said> of(Bar bar) {
        return known.computeIfAbsent(bar, counted -> school.count(counted, division));
    }

    private static final class Latest extends LinkedHashMap<Bar, List<Said>> {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Bar, List<Said>> eldest) {
            return size() > MOST_KNOWN;
        }
    }
}
