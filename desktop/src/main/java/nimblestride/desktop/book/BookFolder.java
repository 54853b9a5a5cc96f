package nimblestride.desktop.book;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.stream.Stream;
import nimblestride.core.exercise.Exercise;
import nimblestride.core.text.BarsText;
import nimblestride.formats.json.ExerciseJson;

/** A folder of exercise files. */
public record BookFolder(Path folder) {
    /**
     * A file of the Book.
     *
     * @param name of the exercise, or of the file where it cannot be read
     * @param about its bars, or why it cannot be read
     */
    public record Entry(Path file, String name, String about, boolean readable) {}

    /** Reads every exercise file in the folder, by name; one that cannot be read says why. */
    public List<Entry> entries() throws IOException {
        Files.createDirectories(folder);
        List<Entry> entries = new ArrayList<>();
        try (Stream<Path> files = Files.list(folder)) {
            files.filter(file -> file.getFileName().toString().endsWith(".json"))
                    .forEach(file -> entries.add(entry(file)));
        }
        entries.sort(Comparator.comparing(Entry::name, String.CASE_INSENSITIVE_ORDER));
        return entries;
    }

    /** Those that can be read; none where the folder cannot. */
    public List<Entry> readable() {
        try {
            return entries().stream().filter(Entry::readable).toList();
        } catch (IOException e) {
            return List.of();
        }
    }

    private static Entry entry(Path file) {
        try {
            Exercise exercise = ExerciseJson.read(file);
            String bars = BarsText.write(exercise.phrase());
            return new Entry(file, exercise.name(), bars, true);
        } catch (IOException e) {
            return new Entry(file, file.getFileName().toString(), e.getMessage(), false);
        }
    }
}
