package nimblestride.sound.custom;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Stream;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.kit.voice.Voice;
import nimblestride.files.FileException;
import nimblestride.files.UnreadableFileException;
import nimblestride.sound.recorded.StrokeRecordings;
import nimblestride.sound.recording.Recording;
import nimblestride.sound.recording.RecordingFile;

/**
 * A folder of WAV and FLAC files, named by voice and dynamic, as a kit. A dynamic without a file has the one nearest to
 * it; numbered files without a dynamic are spread over all, the softest first.
 *
 * @param problems which files are left out, and why
 */
record KitFolder(Map<String, Map<Dynamic, RecordingFile>> voices, List<String> problems) implements StrokeRecordings {
    /** The most files in a folder. */
    private static final int MAX_FILES = 1_000;

    /** Endings of sounds that are not read, so that nobody wonders where they are. */
    private static final List<String> OTHER_SOUNDS = List.of("aif", "aiff", "mp3", "ogg", "m4a", "wma", "opus");

    private static final List<Dynamic> SOFTEST_FIRST = List.of(Dynamic.values());

    /** A file, and what its name says. */
    private record Named(KitFileName name, RecordingFile file) {}

    /**
     * Reads a folder.
     *
     * @throws FileException if it can't be read, or none of its files can
     */
    static KitFolder read(Path folder) {
        List<String> problems = new ArrayList<>();
        Map<String, List<Named>> byVoice = new TreeMap<>();
        for (Path file : files(folder)) {
            named(file, problems)
                    .ifPresent(named -> byVoice.computeIfAbsent(named.name.voice(), voice -> new ArrayList<>())
                            .add(named));
        }
        if (byVoice.isEmpty()) {
            String why = problems.isEmpty() ? "name files like snare accent.wav" : problems.get(0);
            throw new UnreadableFileException(folder + " has no sound that can be read: " + why);
        }
        Map<String, Map<Dynamic, RecordingFile>> voices = new TreeMap<>();
        byVoice.forEach((voice, files) -> voices.put(voice, byDynamic(files)));
        return new KitFolder(voices, problems);
    }

    private static List<Path> files(Path folder) {
        try (Stream<Path> all = Files.list(folder)) {
            List<Path> files = all.filter(Files::isRegularFile).sorted().toList();
            if (files.size() > MAX_FILES) {
                throw new FileException(folder + " has " + files.size() + " files; a kit can have up to " + MAX_FILES);
            }
            return files;
        } catch (IOException e) {
            throw FileException.reading(folder, e);
        }
    }

    private static Optional<Named> named(Path file, List<String> problems) {
        String name = file.getFileName().toString();
        int dot = name.lastIndexOf('.');
        String ending = name.substring(dot + 1).toLowerCase(Locale.ROOT);
        if (dot > 0 && OTHER_SOUNDS.contains(ending)) {
            problems.add(file + " is left out; use WAV or FLAC");
        }
        if (dot <= 0 || !RecordingFile.ENDINGS.contains(ending)) {
            return Optional.empty();
        }
        RecordingFile recording = new RecordingFile(file);
        try {
            recording.read();
        } catch (StrideException e) {
            problems.add(e.getMessage());
            return Optional.empty();
        }
        KitFileName said = KitFileName.read(name.substring(0, dot));
        if (!said.isOfTheKit()) {
            problems.add(file + " is no voice of the kit; it plays where a voice of your own is named " + said.voice());
        }
        return Optional.of(new Named(said, recording));
    }

    private static Map<Dynamic, RecordingFile> byDynamic(List<Named> files) {
        Map<Dynamic, RecordingFile> by = new EnumMap<>(Dynamic.class);
        files.stream()
                .sorted(Comparator.comparingInt(named -> named.name.number().orElse(0)))
                .forEach(named -> named.name.level().ifPresent(level -> by.putIfAbsent(level, named.file)));
        List<RecordingFile> spread = files.stream()
                .filter(named -> named.name.level().isEmpty())
                .sorted(Comparator.comparingInt(named -> named.name.number().orElse(0)))
                .map(Named::file)
                .toList();
        for (int i = 0; i < SOFTEST_FIRST.size() && !spread.isEmpty(); i++) {
            by.putIfAbsent(SOFTEST_FIRST.get(i), spread.get(i * spread.size() / SOFTEST_FIRST.size()));
        }
        return by;
    }

    @Override
    public Optional<Recording.Source> stroke(Voice voice, Dynamic level) {
        if (voice.isRiff()) {
            return Optional.empty();
        }
        return Optional.ofNullable(voices.get(voice.name()))
                .or(() -> Kit.like(voice).map(like -> voices.get(like.name())))
                .map(files -> nearest(files, level));
    }

    private static RecordingFile nearest(Map<Dynamic, RecordingFile> files, Dynamic level) {
        int wanted = SOFTEST_FIRST.indexOf(level);
        Dynamic nearest = files.keySet().stream()
                .min(Comparator.comparingInt(one -> Math.abs(SOFTEST_FIRST.indexOf(one) - wanted)))
                .orElseThrow();
        return files.get(nearest);
    }
}
