package nimblestride.sound.custom;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import nimblestride.files.FileException;

/**
 * The kits of the user's own, in one folder: each is copied there, so that it does not matter what becomes of the files
 * it came from.
 *
 * @param folder made when the first kit comes
 */
public record KitShelf(Path folder) {
    /** The most bytes of a kit. */
    private static final long MAX_SIZE = 1L << 30;

    private static final String COMING = ".coming";

    /** Returns the names of the kits. */
    public List<String> names() {
        return places().stream().map(KitShelf::name).sorted().toList();
    }

    /**
     * Reads a kit.
     *
     * @throws FileException if it is gone, or can't be read
     */
    public CustomKit read(String name) {
        return CustomKit.read(places().stream()
                .filter(place -> name(place).equals(name))
                .findFirst()
                .orElseThrow(() -> new FileException("the kit " + name + " is not in " + folder
                        + "; add its folder or soundfont again under Sound > Mix")));
    }

    /**
     * Reads a folder or a soundfont, and copies it; a kit of that name is replaced.
     *
     * @return the kit
     * @throws FileException if it is no kit, is larger than a gigabyte, or can't be copied; nothing has changed then
     */
    public CustomKit add(Path source) {
        CustomKit kit = CustomKit.read(source);
        long size = size(source);
        if (size > MAX_SIZE) {
            throw new FileException(String.format(
                    Locale.ROOT, "%s has %,d MB; a kit can have up to %,d MB", source, size >> 20, MAX_SIZE >> 20));
        }
        Path place = folder.resolve(source.getFileName());
        if (source.toAbsolutePath().normalize().equals(place.toAbsolutePath().normalize())) {
            return kit;
        }
        Path coming = folder.resolve(COMING);
        try {
            Files.createDirectories(folder);
            delete(coming);
            copy(source, coming);
            delete(place);
            Files.move(coming, place);
        } catch (IOException e) {
            throw FileException.writing(place, e);
        } catch (UncheckedIOException e) {
            throw FileException.writing(place, e.getCause());
        }
        return CustomKit.read(place);
    }

    private List<Path> places() {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> all = Files.list(folder)) {
            return all.filter(place -> !place.endsWith(COMING)).toList();
        } catch (IOException e) {
            throw FileException.reading(folder, e);
        }
    }

    private static String name(Path place) {
        String name = place.getFileName().toString();
        String ending = "." + CustomKit.SOUNDFONT;
        return name.toLowerCase(Locale.ROOT).endsWith(ending)
                ? name.substring(0, name.length() - ending.length())
                : name;
    }

    private static long size(Path source) {
        try (Stream<Path> files = Files.walk(source, 1)) {
            return files.filter(Files::isRegularFile)
                    .mapToLong(file -> file.toFile().length())
                    .sum();
        } catch (IOException e) {
            throw FileException.reading(source, e);
        }
    }

    /** Copies a file, or a folder with the files in it. */
    private static void copy(Path from, Path to) throws IOException {
        Files.copy(from, to, StandardCopyOption.REPLACE_EXISTING);
        if (Files.isDirectory(from)) {
            try (Stream<Path> files = Files.list(from)) {
                for (Path file : files.filter(Files::isRegularFile).toList()) {
                    Files.copy(file, to.resolve(file.getFileName()));
                }
            }
        }
    }

    private static void delete(Path place) throws IOException {
        if (Files.exists(place)) {
            try (Stream<Path> all = Files.walk(place)) {
                for (Path one : all.sorted(Comparator.reverseOrder()).toList()) {
                    Files.delete(one);
                }
            }
        }
    }
}
