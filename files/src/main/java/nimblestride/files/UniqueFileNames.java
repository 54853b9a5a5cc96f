package nimblestride.files;

import java.util.HashSet;
import java.util.Set;

/** Makes names for files that are written together, so that no two of them are the same. */
public final class UniqueFileNames {
    private final Set<String> taken = new HashSet<>();

    /** Makes a file's name, without an ending: {@code weir-steps}, and for the next of that name {@code weir-steps-2}. */
    public String next(String name) {
        String slug = SafeFileName.of(name);
        String unused = slug;
        for (int number = 2; !taken.add(unused); number++) {
            unused = slug + "-" + number;
        }
        return unused;
    }
}
