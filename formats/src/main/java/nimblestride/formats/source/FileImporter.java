package nimblestride.formats.source;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.transcription.proposal.Arrangement;
import nimblestride.core.transcription.source.Transcription;
import nimblestride.files.FileException;
import nimblestride.files.SourceFile;
import nimblestride.files.UnreadableFileException;
import nimblestride.formats.json.ExerciseJson;
import nimblestride.formats.midi.MidiImport;
import nimblestride.formats.musicxml.MusicXmlImport;

/** Reads scores and MIDI files; what a file is, is told by its first bytes, not by its name. */
public final class FileImporter {
    /** The endings by which such files are known. */
    public static final List<String> ENDINGS = List.of("musicxml", "mxl", "xml", "mid", "midi");

    /** Larger files are refused unread. */
    public static final int MAX_SIZE = 64 << 20;

    private static final String MIDI = "MThd";

    private FileImporter() {}

    /** Returns whether a file's name ends like that of a score or a MIDI file. */
    public static boolean isCalledSo(Path file) {
        String name = file.getFileName().toString().toLowerCase(Locale.ROOT);
        return ENDINGS.stream().anyMatch(ending -> name.endsWith("." + ending));
    }

    /**
     * Returns the exercise in a file of this program or of another one.
     *
     * @throws FileException if the file can't be read, or holds no exercise
     */
    public static Exercise exerciseOf(Path file) {
        return isCalledSo(file) ? exercise(read(file)) : ExerciseJson.read(file);
    }

    /**
     * Reads the music in a file.
     *
     * @throws FileException if the file can't be read, or is neither a score nor a MIDI file
     * @throws java.util.concurrent.CancellationException if the thread is interrupted
     */
    public static Transcription read(Path file) {
        return read(bytes(file), file.getFileName().toString());
    }

    /**
     * Reads the bytes of a file.
     *
     * @throws FileException if the file can't be read, or is too large for a score or a MIDI file
     */
    public static byte[] bytes(Path file) {
        return SourceFile.bytes(file, MAX_SIZE, "a score or a MIDI file");
    }

    /**
     * @param fileName what is brought in is called so, without its ending, where it has no title of its own
     * @throws UnreadableFileException if these are the bytes of none of these files
     */
    public static Transcription read(byte[] file, String fileName) {
        String bare = fileName.replaceFirst("\\.[^.]*$", "");
        String name = bare.isBlank() ? "Imported" : bare;
        String start = new String(file, 0, Math.min(file.length, MIDI.length()), StandardCharsets.ISO_8859_1);
        if (start.equals(MIDI)) {
            return MidiImport.read(file, name);
        }
        // A byte order mark, or an archive, or a document.
        boolean score = start.startsWith("PK")
                || start.stripLeading().startsWith("<")
                || start.startsWith("\u00ef\u00bb\u00bf")
                || start.startsWith("\u00fe\u00ff")
                || start.startsWith("\u00ff\u00fe");
        if (!score) {
            throw new UnreadableFileException(
                    "this is not a score or a MIDI file; try MusicXML (.musicxml, .xml, .mxl) or MIDI (.mid)");
        }
        return MusicXmlImport.read(file, name);
    }

    /**
     * Returns the exercise to import without asking: the likeliest part, in the bars the file names or else those that
     * are certain, with exact repeats as layers and phrase.
     *
     * @throws UnreadableFileException if it can't become an exercise
     */
    public static Exercise exercise(Transcription transcription) {
        try {
            Arrangement arrangement = Arrangement.of(transcription, Arrangement.likeliest(transcription, Map.of()));
            return arrangement.exercise(arrangement.exactOffers());
        } catch (StrideException e) {
            throw new UnreadableFileException("I can't turn this into an exercise: " + e.getMessage());
        }
    }
}
