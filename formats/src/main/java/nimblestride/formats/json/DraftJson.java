package nimblestride.formats.json;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Optional;
import java.util.UUID;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.files.AtomicFile;
import nimblestride.files.FileException;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/** Reads and writes what was open when the program was last seen: format version 1. */
public final class DraftJson {
    private static final String FORMAT = "nimble-stride-draft";
    private static final int VERSION = 1;

    /**
     * The open exercise.
     *
     * @param inBook exercise of the Book it is; empty for none
     * @param saved whether the Book holds just this exercise, or nobody has touched it
     */
    public record Draft(Exercise exercise, Optional<InBook> inBook, boolean saved) {
        /** Returns a draft of an exercise that nobody has touched yet. */
        public static Draft of(Exercise exercise) {
            return new Draft(exercise, Optional.empty(), true);
        }
    }

    /** An exercise of the Book, as it was when it was last read or written. */
    public record InBook(UUID id, long revision) {}

    private DraftJson() {}

    /**
     * Reads a draft.
     *
     * @throws FileException if the file can't be read or holds no draft
     */
    public static Draft read(Path path) {
        JsonNodeReader root = JsonNodeReader.root(JsonText.parse(JsonText.load(path)))
                // Version 0.1.0 wrote the file an exercise came from.
                .object("format", "version", "file", "book", "saved", "exercise");
        if (!root.member("format").text().equals(FORMAT)) {
            throw root.member("format").wrong("\"" + FORMAT + "\"");
        }
        if (root.member("version").whole() != VERSION) {
            throw root.member("version").wrong("version " + VERSION);
        }
        boolean saved = root.member("saved").node().asBoolean(false);
        Optional<InBook> inBook = root.optional("book", DraftJson::inBook);
        return new Draft(ExerciseReader.read(root.member("exercise")), inBook, saved);
    }

    private static InBook inBook(JsonNodeReader place) {
        place.object("id", "revision");
        return new InBook(place.member("id").id(), place.member("revision").whole());
    }

    /**
     * Writes a draft.
     *
     * @throws FileException if the file can't be written; what was there before is untouched
     */
    public static void write(Draft draft, Path path) {
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        root.put("format", FORMAT);
        root.put("version", VERSION);
        draft.inBook()
                .ifPresent(book ->
                        root.putObject("book").put("id", book.id().toString()).put("revision", book.revision()));
        root.put("saved", draft.saved());
        root.set("exercise", ExerciseWriter.write(draft.exercise()));
        AtomicFile.write(path, JsonText.format(root).getBytes(StandardCharsets.UTF_8));
    }
}
