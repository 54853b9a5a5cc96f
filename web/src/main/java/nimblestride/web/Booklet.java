package nimblestride.web;

import java.util.List;
import nimblestride.core.foundation.failure.InvalidValueException;

/**
 * What a practice page holds: one exercise, or several with a list of them.
 *
 * @param student whose page it is; blank for anybody's
 * @param exercises from 1 to {@value #MAX}
 */
public record Booklet(String title, String student, List<PageContent> exercises) {
    /** The most exercises on one page. */
    public static final int MAX = 50;

    /** @throws InvalidValueException if there is no exercise, or there are too many */
    public Booklet {
        exercises = List.copyOf(exercises);
        if (exercises.isEmpty() || exercises.size() > MAX) {
            throw new InvalidValueException("a web page holds 1 to " + MAX + " exercises, not " + exercises.size());
        }
    }

    /** Returns a page with one exercise, for anybody. */
    public static Booklet of(PageContent content) {
        return new Booklet(content.exercise().name(), "", List.of(content));
    }

    /** Returns the page for a student. */
    public Booklet forStudent(String name) {
        return new Booklet(title, name, exercises);
    }
}
