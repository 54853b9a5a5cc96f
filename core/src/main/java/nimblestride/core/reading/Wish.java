package nimblestride.core.reading;

import java.util.List;
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

    /** A filling that keeps the wish, so that nothing has to be built only to be left out. */
    Filling applyTo(Filling filling) {
        List<Integer> allowed = sizes.isEmpty()
                ? filling.sizes()
                : filling.sizes().stream().filter(sizes::contains).toList();
        return new Filling(
                filling.length(),
                allowed.isEmpty() ? filling.sizes() : allowed,
                first,
                last,
                mostGroups,
                filling.eachAtLeastOnce(),
                filling.alikeTogether());
    }
}
