package nimblestride.core.notation.score;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.notation.score.SpelledCell.Kind;
import nimblestride.core.notation.score.SpelledCell.Leaf;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.value.Grid;
import nimblestride.core.time.value.NoteValue;

/**
 * Spells what one part plays in a bar, group by group. Where a tuplet over several groups needs fewer tuplets than the
 * groups do, it uses that. It does not spell a bar twice.
 */
final class BarSpeller {
    private static final int MAX_GROUPS_UNDER_ONE = 16;
    private static final double ACROSS_A_GROUP = 0.3;

    private final Map<Asked, PartRhythm> spelled = new HashMap<>();

    /**
     * One note to play.
     *
     * @param at from the start of the bar
     * @param heads at least one
     * @param held whether it lasts until the next
     */
    record Strike(NoteValue at, List<WrittenHead> heads, boolean held) {}

    /**
     * What to spell.
     *
     * @param strikes in order
     * @param carried what is held into the bar; empty for nothing
     */
    record Asked(Bar bar, List<Strike> strikes, List<WrittenHead> carried) {}

    PartRhythm spell(Asked asked) {
        PartRhythm before = spelled.get(asked);
        if (before == null) {
            boolean silent = asked.strikes.isEmpty() && asked.carried.isEmpty();
            before = silent ? silence(asked.bar) : new OneBar(asked).spell();
            spelled.put(asked, before);
        }
        return before;
    }

    /** Returns a bar's rest. */
    static PartRhythm silence(Bar bar) {
        WrittenNote rest = new WrittenNote(NoteValue.ZERO, bar.length(), NoteShape.WHOLE, List.of(), false);
        return new PartRhythm(List.of(rest), List.of(), List.of());
    }

    private static final class OneBar {
        private final Asked asked;
        private final NoteValue tick;
        private final ScoreOnsets onsets;
        private final List<SpellingCell> groups = new ArrayList<>();
        private final List<Optional<Tuplet>> bases = new ArrayList<>();

        OneBar(Asked asked) {
            this.asked = asked;
            Bar bar = asked.bar;
            List<NoteValue> lengths = new ArrayList<>();
            lengths.add(bar.meter().unit());
            asked.strikes.forEach(strike -> lengths.add(strike.at));
            Grid grid = Grid.of(lengths);
            tick = grid.unit();
            long[] at = asked.strikes.stream().mapToLong(s -> grid.count(s.at)).toArray();
            boolean[] held = new boolean[at.length];
            for (int i = 0; i < held.length; i++) {
                held[i] = asked.strikes.get(i).held;
            }
            onsets = new ScoreOnsets(at, held, !asked.carried.isEmpty());
            long unit = grid.count(bar.meter().unit());
            long from = 0;
            for (int size : bar.grouping().sizes()) {
                addGroup(from, from + unit * size, size);
                from += unit * size;
            }
        }

        private void addGroup(long from, long to, int units) {
            NoteValue length = tick.times(to - from);
            Optional<Tuplet> base = Speller.baseOf(length);
            NoteValue written = base.map(tuplet -> tuplet.written(tick)).orElse(tick);
            NoteValue unit = written.times((to - from) / units);
            boolean inUnits = Long.bitCount(unit.denominator()) == 1;
            int parts = inUnits ? units : ExactMath.toInt(length.numerator());
            groups.add(new SpellingCell(from, to, parts, written, base.isPresent() ? 1 : 0));
            bases.add(base);
        }

        PartRhythm spell() {
            PlainSpelling plain = new PlainSpelling(onsets, lengths());
            Speller speller = new Speller(onsets, tick, plain);
            boolean allPlain = groups.stream().allMatch(plain::isEnoughFor);
            SpelledCell whole = SpelledCell.joined(
                    allPlain
                            ? IntStream.range(0, groups.size())
                                    .mapToObj(group -> ofGroup(speller, group))
                                    .toList()
                            : List.of(tried(speller)));
            SpelledCell merged = new RestAndTieMerging(asked.bar, tick).merge(whole);
            List<WrittenNote> written = new ArrayList<>();
            for (Leaf leaf : merged.leaves()) {
                written.add(written(leaf));
            }
            return new PartRhythm(written, merged.tuplets(), Beaming.of(asked.bar, written, merged.tuplets()));
        }

        private StrokeLength lengths() {
            boolean ringing = asked.strikes.stream()
                    .flatMap(strike -> strike.heads.stream())
                    .anyMatch(head -> head.voice().isRiff());
            return ringing
                    ? StrokeLength.ringing()
                    : StrokeLength.drum(asked.bar.meter().unit());
        }

        private SpelledCell tried(Speller speller) {
            return EasiestRuns.of(
                            groups.size(),
                            MAX_GROUPS_UNDER_ONE,
                            (first, end) -> ofGroups(speller, first, end),
                            (first, end) -> onsets.fewestSigns(
                                    groups.get(first).from(),
                                    groups.get(end - 1).to()))
                    .orElseThrow();
        }

        private Optional<SpelledCell> ofGroups(Speller speller, int first, int end) {
            if (end - first == 1) {
                return Optional.of(ofGroup(speller, first));
            }
            if (bases.subList(first, end).stream().anyMatch(Optional::isPresent)) {
                return Optional.empty();
            }
            int parts = groups.subList(first, end).stream()
                    .mapToInt(SpellingCell::parts)
                    .sum();
            SpellingCell run = new SpellingCell(
                    groups.get(first).from(), groups.get(end - 1).to(), parts, tick, 0);
            return speller.asPlainTuplet(run).map(spelled -> spelled.harderBy(ACROSS_A_GROUP * (end - first - 1)));
        }

        private SpelledCell ofGroup(Speller speller, int group) {
            SpelledCell spelled = speller.spell(groups.get(group));
            return bases.get(group).map(base -> spelled.under(base, 0, 0)).orElse(spelled);
        }

        private WrittenNote written(Leaf leaf) {
            NoteValue at = tick.times(leaf.from());
            NoteValue lasts = tick.times(leaf.to() - leaf.from());
            int before = onsets.firstFrom(leaf.from() + 1) - 1;
            List<WrittenHead> heads =
                    leaf.kind() == Kind.REST ? List.of() : before < 0 ? asked.carried : asked.strikes.get(before).heads;
            return new WrittenNote(at, lasts, leaf.shape(), heads, leaf.kind() == Kind.TIED);
        }
    }
}
