package nimblestride.core.notation.score;

import java.util.ArrayList;
import java.util.List;

/** Writes a sign in place of a bar that is played like the one before it. */
final class BarAgain {
    private BarAgain() {}

    static List<WrittenBar> abridge(List<WrittenBar> bars) {
        List<WrittenBar> abridged = new ArrayList<>();
        for (int i = 0; i < bars.size(); i++) {
            abridged.add(isAgain(bars, i) ? bars.get(i).likeTheBarBefore() : bars.get(i));
        }
        return abridged;
    }

    /** A bar rest is short enough, and a tie needs its note. */
    private static boolean isAgain(List<WrittenBar> bars, int index) {
        if (index == 0) {
            return false;
        }
        WrittenBar bar = bars.get(index);
        WrittenBar before = bars.get(index - 1);
        boolean tiedOut = index + 1 < bars.size() && bars.get(index + 1).isTiedInto();
        return bar.isPlayedLike(before)
                && before.repeatEnds() == 1
                && bar.signs().isPlainAtItsStart()
                && bar.problem().isEmpty()
                && !bar.parts().stream().allMatch(PartRhythm::isBarRest)
                && !bar.isTiedInto()
                && !tiedOut;
    }
}
