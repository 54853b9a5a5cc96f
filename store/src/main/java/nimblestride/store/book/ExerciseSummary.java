package nimblestride.store.book;

import java.util.UUID;

/**
 * An exercise of the Book, as it is listed.
 *
 * @param about its bars
 * @param revision grows with every change, so that nobody overwrites what they have not seen
 */
public record ExerciseSummary(UUID id, String name, String about, long revision) {}
