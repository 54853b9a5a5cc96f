package nimblestride.benchmarks;

import java.io.File;
import java.io.IOException;
import java.nio.file.FileSystem;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.sqlite.util.OSInfo;

/**
 * The libraries that are not Java, unpacked ahead of a start as the program's script and its package do: the toolkit's beside its jars,
 * the database engine's in the same folder.
 *
 * @param classPath of a program that finds them
 */
record ReadyLibraries(Path folder, String classPath) {
    /** Unpacks those of this program's own class path into a new folder. */
    static ReadyLibraries in(Path folder) throws IOException {
        Files.createDirectory(folder);
        List<String> entries = new ArrayList<>();
        for (String entry : System.getProperty("java.class.path").split(File.pathSeparator)) {
            Path jar = Path.of(entry);
            String name = jar.getFileName().toString();
            if (name.startsWith("javafx-")) {
                unpack(jar, "/", folder);
                jar = Files.copy(jar, folder.resolve(name));
            } else if (name.startsWith("sqlite-jdbc-")) {
                unpack(jar, "/org/sqlite/native/" + OSInfo.getNativeLibFolderPathForCurrentOS(), folder);
            }
            entries.add(jar.toString());
        }
        return new ReadyLibraries(folder, String.join(File.pathSeparator, entries));
    }

    private static void unpack(Path jar, String from, Path folder) throws IOException {
        try (FileSystem inside = FileSystems.newFileSystem(jar);
                Stream<Path> files = Files.list(inside.getPath(from))) {
            for (Path file : files.filter(ReadyLibraries::isLibrary).toList()) {
                Files.copy(file, folder.resolve(file.getFileName().toString()), StandardCopyOption.REPLACE_EXISTING);
            }
        }
    }

    private static boolean isLibrary(Path file) {
        return file.toString().matches(".*\\.(so|dylib|dll)");
    }

    /** Tells the database engine where its library is. */
    String flag() {
        return "-Dorg.sqlite.lib.path=" + folder;
    }
}
