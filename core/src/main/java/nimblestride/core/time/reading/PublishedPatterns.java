package nimblestride.core.time.reading;

import java.util.List;

/**
 * Additive patterns in print: the aksak meters of C. Brăiloiu, "Le rythme aksak" (1951), S. Arom, "L'aksak: principes
 * et typologie" (2004), and G. Toussaint, <i>The Geometry of Musical Rhythm</i> (2nd ed. 2020).
 */
final class PublishedPatterns {
    private static final List<List<Integer>> ALL = List.of(
            List.of(2, 3),
            List.of(3, 2),
            List.of(2, 2, 3),
            List.of(3, 2, 2),
            List.of(2, 3, 2),
            List.of(3, 3, 2),
            List.of(3, 2, 3),
            List.of(2, 2, 2, 3),
            List.of(3, 2, 2, 2),
            List.of(2, 2, 3, 2),
            List.of(2, 3, 2, 2),
            List.of(3, 2, 3, 2),
            List.of(3, 2, 2, 3),
            List.of(2, 2, 3, 2, 2),
            List.of(2, 2, 2, 2, 3),
            List.of(3, 2, 3, 2, 2),
            List.of(2, 2, 2, 3, 2, 2),
            List.of(2, 2, 2, 2, 2, 3),
            List.of(2, 2, 2, 2, 3, 2, 2));

    private PublishedPatterns() {}

    /** Returns the patterns of a number of units. */
    static List<List<Integer>> of(int units) {
        return ALL.stream()
                .filter(groups -> groups.stream().mapToInt(Integer::intValue).sum() == units)
                .toList();
    }
}
