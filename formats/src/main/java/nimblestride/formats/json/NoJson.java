package nimblestride.formats.json;

import nimblestride.files.UnreadableFileException;
import tools.jackson.core.JacksonException;
import tools.jackson.core.TokenStreamLocation;

/** What is said of a file that is not JSON: where it is not, and what was expected. */
final class NoJson {
    private static final String AT_THE_END = "Unexpected end-of-input";

    private NoJson() {}

    /**
     * @param thing that is read: {@code exercise}
     * @param expected in words: {@code an exercise file of Nimble Stride}
     */
    static UnreadableFileException because(JacksonException problem, String thing, String expected) {
        TokenStreamLocation place = problem.getLocation();
        String where = place == null ? "" : "line " + place.getLineNr() + ", column " + place.getColumnNr() + ": ";
        boolean cut = problem.getOriginalMessage().startsWith(AT_THE_END);
        String what = cut ? "the file ends before the " + thing + " does" : "this is not JSON";
        return new UnreadableFileException(where + what + "; expected " + expected);
    }
}
