package nimblestride.desktop.book;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/** The sample Book: a community drum troupe prepares a riverside lantern parade. All of it is invented. */
public final class SampleBook {
    private static final List<String> FILES = List.of(
            "weir-steps.json",
            "lamplighters-walk.json",
            "oars-in-elevens.json",
            "lantern-bridge.json",
            "paper-boats.json",
            "five-across-the-ferry.json",
            "drifting-reeds.json",
            "towpath-fourteen.json",
            "three-mooring-posts.json",
            "rope-walk.json",
            "lock-gate.json",
            "turning-the-barge.json");

    private SampleBook() {}

    /**
     * Puts a fresh copy into a folder.
     *
     * @return the piece to open first
     */
    public static Path copyTo(Path folder) throws IOException {
        Files.createDirectories(folder);
        for (String file : FILES) {
            try (InputStream in = SampleBook.class.getResourceAsStream(file)) {
                if (in == null) {
                    throw new IOException("the sample " + file + " is not in the program");
                }
                Files.copy(in, folder.resolve(file));
            }
        }
        return folder.resolve(FILES.get(0));
    }
}
