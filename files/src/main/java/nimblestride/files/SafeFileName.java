package nimblestride.files;

import com.github.slugify.Slugify;
import java.util.Locale;
import java.util.Set;

/** Makes a file's name from a name for people: small Latin letters, digits, and hyphens, safe on every system. */
public final class SafeFileName {
    private static final int MAX_LENGTH = 80;
    private static final String NAMELESS = "exercise";

    /** Names of devices on Windows, whatever their ending (Microsoft, "Naming Files, Paths, and Namespaces"). */
    private static final Set<String> RESERVED = Set.of(
            "con", "prn", "aux", "nul", "com0", "com1", "com2", "com3", "com4", "com5", "com6", "com7", "com8", "com9",
            "lpt0", "lpt1", "lpt2", "lpt3", "lpt4", "lpt5", "lpt6", "lpt7", "lpt8", "lpt9");

    private SafeFileName() {}

    /** Makes a file's name, without an ending. Other scripts are written in Latin letters. */
    public static String of(String name) {
        String plain = Transliteration.SLUGS.slugify(name).replaceAll("[^a-z0-9]+", "-");
        String cut = plain.substring(0, Math.min(plain.length(), MAX_LENGTH)).replaceAll("^-+|-+$", "");
        if (cut.isEmpty()) {
            return NAMELESS;
        }
        return RESERVED.contains(cut) ? NAMELESS + "-" + cut : cut;
    }

    /** Made when the first name is needed: the tables of all scripts take a moment to load. */
    private static final class Transliteration {
        private static final Slugify SLUGS =
                Slugify.builder().locale(Locale.ENGLISH).transliterator(true).build();

        private Transliteration() {}
    }
}
