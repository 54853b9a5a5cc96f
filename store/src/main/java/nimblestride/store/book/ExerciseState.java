package nimblestride.store.book;

import java.time.LocalDateTime;
import java.util.UUID;

/**
 * An earlier state of an exercise.
 *
 * @param number that the Book knows it by
 * @param at when the last edit in it was made
 * @param name its name; empty where nobody named it
 */
public record ExerciseState(long number, UUID exercise, LocalDateTime at, String name) {}
