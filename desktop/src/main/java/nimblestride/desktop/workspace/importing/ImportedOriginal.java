package nimblestride.desktop.workspace.importing;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import nimblestride.core.transcription.source.Transcription;
import nimblestride.files.UnreadableFileException;
import nimblestride.formats.source.FileImporter;

/** Another program's file, or a pasted score. */
public final class ImportedOriginal {
    private final String name;
    private final Reading reading;

    private interface Reading {
        byte[] bytes();
    }

    private ImportedOriginal(String name, Reading reading) {
        this.name = name;
        this.reading = reading;
    }

    /** Takes a file. */
    public static ImportedOriginal of(Path file) {
        return new ImportedOriginal(file.getFileName().toString(), () -> FileImporter.bytes(file));
    }

    /** Takes a score pasted as text. */
    public static ImportedOriginal pasted(String text) {
        byte[] bytes = text.getBytes(StandardCharsets.UTF_8);
        return new ImportedOriginal("pasted.musicxml", () -> bytes);
    }

    /** Returns the name of the file. */
    public String name() {
        return name;
    }

    byte[] bytes() {
        return reading.bytes();
    }

    /**
     * Reads the music.
     *
     * @throws UnreadableFileException if it is neither a score nor a MIDI file
     */
    Transcription transcribed(byte[] bytes) {
        return FileImporter.read(bytes, name);
    }
}
