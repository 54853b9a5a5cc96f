package nimblestride.core.time.reading;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Iterator;
import java.util.List;
import java.util.stream.Stream;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.partition.Partitions;
import nimblestride.core.time.value.NoteValue;

/** Proposes strides of twos and threes, and of fours in sixteenths and shorter units. */
final class StrideSource {
    private static final int PALINDROMES = 12;
    /** In longer bars nobody notices a palindrome. */
    private static final int MAX_PALINDROME = 40;

    private final Meter meter;
    private final int units;
    private final ReadingEffort effort;
    private final List<Integer> sizes;

    StrideSource(Meter meter) {
        this.meter = meter;
        this.units = meter.units();
        this.effort = ReadingEffort.in(meter.unit());
        boolean fours = meter.unit().compareTo(NoteValue.EIGHTH) < 0
                && Long.bitCount(meter.unit().denominator()) == 1;
        this.sizes = fours ? List.of(2, 3, 4) : List.of(2, 3);
    }

    /** Returns every list of strides that a filter allows, easiest first. */
    Iterator<ProposedReading> all(ReadingFilter filter) {
        if (units == 1) {
            return Collections.emptyIterator();
        }
        // Not flatMap, which builds all of an inner stream when one element is asked for.
        return filter.applyTo(units, sizes)
                .map(filling -> filling.bestFirst(effort.cost()))
                .orElseGet(Stream::empty)
                .map(groups -> proposed(groups, effort.inOrder(groups)))
                .iterator();
    }

    /** Returns the lists that are easier than their strides alone: patterns in print, rows, and palindromes. */
    Iterator<ProposedReading> easierOnes() {
        List<ProposedReading> found = new ArrayList<>();
        for (List<Integer> groups : PublishedPatterns.of(units)) {
            found.add(proposed(groups, ReadingEffort.PUBLISHED + ReadingEffort.PUBLISHED_STRIDE * groups.size()));
        }
        addRows(found);
        if (units <= MAX_PALINDROME) {
            sizes.forEach(middle -> addPalindromes(middle, found));
        }
        return ProposedReading.easiestFirst(found);
    }

    /** Adds equal strides with the odd one last. A single unit is an odd one only after fours. */
    private void addRows(List<ProposedReading> found) {
        for (int size : sizes) {
            int rest = units % size;
            int odd = size == 2 && rest == 1 ? 3 : rest;
            if (odd > (size > 3 ? 0 : 1) && units > odd) {
                List<Integer> groups = new ArrayList<>(Collections.nCopies((units - odd) / size, size));
                groups.add(odd);
                found.add(proposed(
                        List.copyOf(groups), ReadingEffort.ODD_LAST + ReadingEffort.ODD_LAST_STRIDE * groups.size()));
            }
        }
    }

    private void addPalindromes(int middle, List<ProposedReading> found) {
        int sides = units - middle;
        if (sides % 2 != 0 || sides < 4) {
            return;
        }
        Partitions.of(sides / 2, sizes)
                .bestFirst(effort.cost())
                .limit(PALINDROMES)
                .forEach(side -> {
                    List<Integer> groups = new ArrayList<>(side);
                    Collections.reverse(groups);
                    groups.add(0, middle);
                    groups.addAll(0, side);
                    if (ReadingEffort.isPalindrome(groups)) {
                        found.add(proposed(List.copyOf(groups), effort.inOrder(groups) + ReadingEffort.PALINDROME));
                    }
                });
    }

    private ProposedReading proposed(List<Integer> groups, long cost) {
        return new ProposedReading(groups, ReadingApproach.TWOS_THREES, GroupRunWords.of(groups), List.of(meter), cost);
    }
}
