package nimblestride.desktop.view.road;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import nimblestride.core.time.counting.Counting;
import nimblestride.core.time.counting.SpokenSyllable;
import nimblestride.core.time.counting.Subdivision;
import nimblestride.core.time.meter.Bar;

/** Caches the count of each bar in one counting system and subdivision; drops bars that are no longer used. */
record CountCache(Counting counting, Subdivision subdivision, Map<Bar, List<SpokenSyllable>> known) {
    private static final int MAX_KNOWN = 512;

    CountCache(Counting counting, Subdivision subdivision) {
        this(counting, subdivision, new Latest());
    }

    List<SpokenSyllable> of(Bar bar) {
        return known.computeIfAbsent(bar, counted -> counting.count(counted, subdivision));
    }

    private static final class Latest extends LinkedHashMap<Bar, List<SpokenSyllable>> {
        private static final long serialVersionUID = 1L;

        @Override
        protected boolean removeEldestEntry(Map.Entry<Bar, List<SpokenSyllable>> eldest) {
            return size() > MAX_KNOWN;
        }
    }
}
