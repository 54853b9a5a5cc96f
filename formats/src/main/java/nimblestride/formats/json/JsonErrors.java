package nimblestride.formats.json;

import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nimblestride.files.UnreadableFileException;
import tools.jackson.core.JacksonException;
import tools.jackson.core.TokenStreamLocation;
import tools.jackson.core.exc.StreamConstraintsException;

/** Explains why a file is not JSON: where, and what was expected. */
final class JsonErrors {
    private static final Pattern DUPLICATE = Pattern.compile("^Duplicate Object property \"([^\"]{1,100})\"");
    private static final String AT_THE_END = "Unexpected end-of-input";

    private JsonErrors() {}

    private static String what(JacksonException problem, String thing) {
        Matcher twice = DUPLICATE.matcher(problem.getOriginalMessage());
        if (twice.find()) {
            return "the key \"" + twice.group(1) + "\" appears twice";
        }
        if (problem instanceof StreamConstraintsException) {
            return "a number or a name is too long, or the file is too large";
        }
        return problem.getOriginalMessage().startsWith(AT_THE_END)
                ? "the file ends before its " + thing + " does"
                : "this is not JSON";
    }

    /**
     * Returns the explanation.
     *
     * @param thing to read: {@code exercise}
     * @param expected in words: {@code an exercise file of Nimble Stride}
     */
    static UnreadableFileException because(JacksonException problem, String thing, String expected) {
        TokenStreamLocation place = problem.getLocation();
        String where = place == null ? "" : "line " + place.getLineNr() + ", column " + place.getColumnNr() + ": ";
        String what = what(problem, thing);
        return new UnreadableFileException(where + what + "; expected " + expected);
    }
}
