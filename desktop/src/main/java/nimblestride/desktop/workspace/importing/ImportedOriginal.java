package nimblestride.desktop.workspace.importing;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import nimblestride.core.transcription.source.Transcription;
import nimblestride.files.UnreadableFileException;
import nimblestride.formats.source.FileImporter;

/** A file of another program, or what was pasted in its place. */
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

    public static ImportedOriginal of(Path file) {
        return new ImportedOriginal(file.getFileName().toString(), () -> FileImporter.bytes(file));
    }

    /** A score that was copied as text. */
    public static ImportedOriginal pasted(String text) {
        byte[] bytes = text.getBytes(StandardCharsets.UTF_8);
        return new ImportedOriginal("pasted.musicxml", () -> bytes);
    }

    public String name() {
        return name;
    }

    byte[] bytes() {
        return reading.bytes();
    }

    /** @throws UnreadableFileException if it is no score and no MIDI file */
    Transcription transcribed(byte[] bytes) {
        return FileImporter.read(bytes, name);
    }
}
