package nimblestride.core.reading;

import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import nimblestride.core.filling.Filling;

/**
 * What is asked of a reading.
 *
 * @param first the size of the first group, if that is asked for
 * @param last the size of the last group, if that is asked for
 * @param mostGroups how many groups there may be
 * @param sizes the only sizes there may be; empty for any
 */
public record Wish(OptionalInt first, OptionalInt last, int mostGroups, Set<Integer> sizes) {
    /** Nothing in particular. */
    public static final Wish ANY = new Wish(OptionalInt.empty(), OptionalInt.empty(), Integer.MAX_VALUE, Set.of());

    public Wish {
        sizes = Set.copyOf(sizes);
    }

    boolean allows(List<Integer> groups) {
        return (first.isEmpty() || groups.get(0) == first.getAsInt())
                && (last.isEmpty() || groups.get(groups.size() - 1) == last.getAsInt())
                && groups.size() <= mostGroups
                && (sizes.isEmpty() || sizes.containsAll(groups));
    }

    /** A filling that keeps the wish, so that nothing is built only to be left out; empty if no size of it is allowed. */
    Optional<Filling> applyTo(int length, List<Integer> ofSizes) {
        List<Integer> allowed = ofSizes.stream()
                .filter(size -> sizes.isEmpty() || sizes.contains(size))
                .toList();
        return allowed.isEmpty()
                ? Optional.empty()
                : Optional.of(new Filling(length, allowed, first, last, mostGroups, false, false));
    }
}
