package nimblestride.core.notation.score;

import java.util.ArrayList;
import java.util.List;

/** Writes equal bars in a row once, between repeat signs. */
final class RepeatFolding {
    /** The most bars between two repeat signs. */
    private static final int MAX_LENGTH = 16;

    private RepeatFolding() {}

    static List<WrittenBar> fold(List<WrittenBar> bars) {
        List<WrittenBar> folded = new ArrayList<>();
        int at = 0;
        while (at < bars.size()) {
            int best = 1;
            int times = 1;
            for (int length = 1; length <= MAX_LENGTH && at + 2 * length <= bars.size(); length++) {
                int found = timesAlike(bars, at, length);
                if (found > 1 && found * length > best * times) {
                    best = length;
                    times = found;
                }
            }
            for (int i = 0; i < best; i++) {
                // A modulation back into the first bar comes only with the repeat.
                WrittenBar bar = bars.get(at + i);
                WrittenBar again = bars.get(at + i + (times > 1 ? best : 0));
                BarSigns signs = again.change().map(bar.signs()::changing).orElseGet(bar.signs()::withoutChange);
                boolean ends = times > 1 && i + 1 == best;
                folded.add(bar.signed(times > 1 ? signs.repeated(i == 0, ends ? times : 1) : signs));
            }
            at += best * times;
        }
        return folded;
    }

    private static int timesAlike(List<WrittenBar> bars, int from, int length) {
        int same = 0;
        while (from + length + same < bars.size()
                && bars.get(from + same).isPlayedLike(bars.get(from + length + same))) {
            same++;
        }
        return same / length + 1;
    }
}
