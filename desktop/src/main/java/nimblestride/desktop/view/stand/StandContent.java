package nimblestride.desktop.view.stand;

import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.time.counting.Counting;
import nimblestride.core.time.counting.Subdivision;

/**
 * What stands on the Stand.
 *
 * @param cycleBars how many bars pass until everything lines up again; those of the phrase where it never does
 * @param tempo what is played, and how fast
 * @param reps how often it was played today, and how it went; empty for not yet
 */
public record StandContent(
        Exercise exercise, long cycleBars, Counting counting, Subdivision subdivision, String tempo, String reps) {
    /** Returns how a bar is called: {@code Bar 4 of 15}, {@code Bar 4}. */
    String barName(long bar) {
        return "Bar " + (bar % cycleBars + 1) + (cycleBars > 1 ? " of " + cycleBars : "");
    }
}
