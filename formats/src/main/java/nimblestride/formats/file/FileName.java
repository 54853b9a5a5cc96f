package nimblestride.formats.file;

import java.text.Normalizer;
import java.util.Locale;
import nimblestride.core.exercise.Exercise;

/** What a file of an exercise is called. */
public final class FileName {
    private static final int LONGEST = 80;

    private FileName() {}

    /** The exercise's name in small letters, digits and hyphens, without an ending. */
    public static String of(Exercise exercise) {
        return of(exercise.name());
    }

    /** A name for people in small letters, digits and hyphens. */
    public static String of(String name) {
        String plain = Normalizer.normalize(name, Normalizer.Form.NFKD)
                .replaceAll("\\p{M}+", "")
                .toLowerCase(Locale.ROOT)
                .replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^-+|-+$", "");
        String cut = plain.length() > LONGEST ? plain.substring(0, LONGEST) : plain;
        return cut.isEmpty() ? "exercise" : cut;
    }
}
