package nimblestride.core.time.reading;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Iterator;
import java.util.List;
import nimblestride.core.time.meter.Meter;

/** Proposes lists of bars that players know. */
final class BarListSource {
    private static final int MIN_TWICE = 8;
    private static final int MAX_TWICE = 512;
    private static final int HALVES = 6;

    private final List<BarToken> tokens;
    private final int units;

    /** @param tokens bars in the unit of the meter */
    BarListSource(List<BarToken> tokens, int units) {
        this.tokens = tokens;
        this.units = units;
    }

    /** Returns every list that a filter allows, easiest first. */
    Iterator<ProposedReading> all(ReadingFilter filter) {
        if (tokens.isEmpty()) {
            return Collections.emptyIterator();
        }
        BarLists lists = new BarLists(tokens, units, filter);
        return new Iterator<>() {
            @Override
            public boolean hasNext() {
                return lists.hasNext();
            }

            @Override
            public ProposedReading next() {
                BarLists.Found found = lists.next();
                return proposed(found.bars(), found.effort());
            }
        };
    }

    /** Returns the lists that are easier than their bars alone: AA and ABAB, and ABA. */
    Iterator<ProposedReading> easierOnes() {
        List<ProposedReading> found = new ArrayList<>();
        addFramed(found);
        addTwice(found);
        return ProposedReading.easiestFirst(found);
    }

    private void addFramed(List<ProposedReading> found) {
        for (BarToken frame : tokens) {
            for (BarToken inner : tokens) {
                if (2 * frame.units() + inner.units() == units && !frame.isOneUnit() && !inner.isOneUnit()) {
                    long together = frame.effortFirst() + inner.effortAfter(frame) + frame.effortAfter(inner);
                    found.add(proposed(List.of(frame, inner, frame), together + ReadingEffort.FRAMED));
                }
            }
        }
    }

    private void addTwice(List<ProposedReading> found) {
        if (units % 2 != 0 || units < MIN_TWICE || units > MAX_TWICE) {
            return;
        }
        BarLists halves = new BarLists(tokens, units / 2, ReadingFilter.ANY);
        for (int i = 0; i < HALVES && halves.hasNext(); i++) {
            BarLists.Found half = halves.next();
            List<BarToken> twice = new ArrayList<>(half.bars());
            twice.addAll(half.bars());
            found.add(proposed(twice, 2 * half.effort() + ReadingEffort.SAME_BAR));
        }
    }

    private static ProposedReading proposed(List<BarToken> list, long effort) {
        List<Meter> bars = list.stream().map(token -> token.bar().meter()).toList();
        List<Integer> groups =
                list.stream().flatMap(token -> token.groups().stream()).toList();
        return new ProposedReading(groups, BarListWords.approach(bars), BarListWords.of(bars), bars, effort);
    }
}
