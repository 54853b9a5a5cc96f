package nimblestride.formats.json;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Optional;
import nimblestride.core.exercise.Exercise;
import nimblestride.formats.file.AtomicFile;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** What lay on the desk when the program was last seen, so that it can be picked up there: format version 1. */
public final class DraftJson {
    private static final String FORMAT = "nimble-stride-draft";
    private static final int VERSION = 1;

    /**
     * @param file the file it belongs to, if it has one
     * @param saved whether that file holds just this exercise
     */
    public record Draft(Exercise exercise, Optional<Path> file, boolean saved) {}

    private DraftJson() {}

    /** @throws IOException if the file cannot be read or holds no draft */
    public static Draft read(Path path) throws IOException {
        JsonPlace root = JsonPlace.root(JsonText.parse(JsonText.load(path)))
                .object("format", "version", "file", "saved", "exercise");
        if (!root.member("format").text().equals(FORMAT)) {
            throw root.member("format").wrong("\"" + FORMAT + "\"");
        }
        if (root.member("version").whole() != VERSION) {
            throw root.member("version").wrong("version " + VERSION);
        }
        JsonPlace file = root.member("file");
        Optional<Path> kept = file.node().isNull() ? Optional.empty() : Optional.of(Path.of(file.text()));
        boolean saved = root.member("saved").node().asBoolean(false);
        return new Draft(ExerciseReader.read(root.member("exercise")), kept, saved);
    }

    /** @throws IOException if the file cannot be written; what was there before is untouched */
    public static void write(Draft draft, Path path) throws IOException {
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        root.put("format", FORMAT);
        root.put("version", VERSION);
        root.put("file", draft.file().map(Path::toString).orElse(null));
        root.put("saved", draft.saved());
        root.set("exercise", ExerciseWriter.write(draft.exercise()));
        AtomicFile.write(path, JsonText.format(root).getBytes(StandardCharsets.UTF_8));
    }
}
