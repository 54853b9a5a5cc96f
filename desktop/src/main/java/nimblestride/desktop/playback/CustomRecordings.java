package nimblestride.desktop.playback;

import java.io.IOException;
import java.net.URLDecoder;
import java.net.URLEncoder;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.files.AtomicFile;
import nimblestride.files.FileException;
import nimblestride.files.SourceFile;
import nimblestride.sound.custom.ChosenSounds;
import nimblestride.sound.recording.RecordingFile;

/**
 * The recordings the user has given to voices. A copy of each is kept, so that it does not matter what becomes of the
 * file.
 */
public final class CustomRecordings {
    /** Of the copies, whatever they hold: earlier versions took WAV files only. */
    private static final String ENDING = ".wav";

    private static final int MAX_SIZE = 64 << 20;

    private final Path folder;
    private final ChosenSounds sounds;

    /** @param folder of the copies, made when it is needed */
    public CustomRecordings(Path folder, ChosenSounds sounds) {
        this.folder = folder;
        this.sounds = sounds;
    }

    /** Returns the voices that have recordings of their own. */
    public Set<String> voices() {
        return sounds.voices();
    }

    /**
     * Reads all copies.
     *
     * @return what is wrong with those that can't be read; their voices keep their default sound
     */
    public List<String> read() {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(file -> file.toString().endsWith(ENDING))
                    .sorted()
                    .flatMap(file -> read(file).stream())
                    .toList();
        } catch (IOException e) {
            return List.of(FileException.reading(folder, e).getMessage());
        }
    }

    private List<String> read(Path file) {
        try {
            RecordingFile recording = new RecordingFile(file);
            recording.read();
            sounds.put(voice(file), recording);
            return List.of();
        } catch (StrideException e) {
            return List.of(e.getMessage());
        } catch (IllegalArgumentException e) {
            return List.of("the file name " + file + " matches no voice");
        }
    }

    /**
     * Gives a voice a recording of its own, for good.
     *
     * @throws FileException if it is no recording that can be read, or can't be kept; the voice sounds as before
     */
    public void put(String voice, Path chosen) {
        new RecordingFile(chosen).read();
        try {
            Files.createDirectories(folder);
        } catch (IOException e) {
            throw FileException.writing(folder, e);
        }
        AtomicFile.write(file(voice), SourceFile.bytes(chosen, MAX_SIZE, "a WAV or FLAC file"));
        sounds.put(voice, new RecordingFile(file(voice)));
    }

    /**
     * Gives a voice its default sound again.
     *
     * @throws FileException if the copy can't be removed
     */
    public void remove(String voice) {
        sounds.remove(voice);
        try {
            Files.deleteIfExists(file(voice));
        } catch (IOException e) {
            throw FileException.writing(file(voice), e);
        }
    }

    private Path file(String voice) {
        return folder.resolve(URLEncoder.encode(voice, StandardCharsets.UTF_8) + ENDING);
    }

    private static String voice(Path file) {
        String name = file.getFileName().toString();
        return URLDecoder.decode(name.substring(0, name.length() - ENDING.length()), StandardCharsets.UTF_8);
    }
}
