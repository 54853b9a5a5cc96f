package nimblestride.desktop.document.library;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.files.FileException;
import nimblestride.formats.json.ExerciseJson;

/**
 * A Book as version 0.1.0 first kept it: a folder of exercise files.
 *
 * @param exercises those that can be read
 * @param unreadable the others, each with the reason
 */
record LegacyBookFolder(List<Exercise> exercises, List<String> unreadable) {
    /**
     * Reads a folder; one that is not there holds nothing. Its files stay.
     *
     * @throws FileException if the folder can't be read
     */
    static LegacyBookFolder in(Path folder) {
        List<Exercise> exercises = new ArrayList<>();
        List<String> unreadable = new ArrayList<>();
        for (Path file : files(folder)) {
            try {
                exercises.add(ExerciseJson.read(file));
            } catch (StrideException e) {
                unreadable.add(file.getFileName() + ": " + e.getMessage());
            }
        }
        return new LegacyBookFolder(exercises, unreadable);
    }

    private static List<Path> files(Path folder) {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder)) {
            return files.filter(path -> path.toString().endsWith(".json"))
                    .sorted()
                    .toList();
        } catch (IOException e) {
            throw FileException.reading(folder, e);
        }
    }
}
