package nimblestride.desktop.words;

import java.io.ByteArrayInputStream;
import java.io.DataInputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URI;
import java.nio.file.FileSystem;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.security.CodeSource;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

/**
 * Reads the text constants of compiled classes, as the Java Virtual Machine Specification lays them out (section 4.4): every
 * message is among them, also those no test brings about.
 */
final class ClassStrings {
    private ClassStrings() {}

    /** Returns the constants of every class that comes from the same place as one, by the name of the class. */
    static Map<String, List<String>> beside(Class<?> one) {
        CodeSource source = one.getProtectionDomain().getCodeSource();
        try {
            Path place = Path.of(source.getLocation().toURI());
            if (Files.isDirectory(place)) {
                return in(place);
            }
            try (FileSystem jar = FileSystems.newFileSystem(URI.create("jar:" + place.toUri()), Map.of())) {
                return in(jar.getPath("/"));
            }
        } catch (IOException | java.net.URISyntaxException e) {
            throw new IllegalStateException(source.getLocation().toString(), e);
        }
    }

    private static Map<String, List<String>> in(Path folder) throws IOException {
        Map<String, List<String>> all = new HashMap<>();
        try (Stream<Path> files = Files.walk(folder)) {
            files.filter(file -> file.toString().endsWith(".class"))
                    .forEach(file -> all.put(folder.relativize(file).toString(), strings(file)));
        }
        return all;
    }

    private static List<String> strings(Path file) {
        try (DataInputStream in = new DataInputStream(new ByteArrayInputStream(Files.readAllBytes(file)))) {
            in.skipBytes(8);
            int count = in.readUnsignedShort();
            Map<Integer, String> texts = new HashMap<>();
            List<Integer> constants = new ArrayList<>();
            for (int i = 1; i < count; i++) {
                int tag = in.readUnsignedByte();
                switch (tag) {
                    case 1 -> texts.put(i, in.readUTF());
                    case 8 -> constants.add(in.readUnsignedShort());
                    case 7, 16, 19, 20 -> in.skipBytes(2);
                    case 15 -> in.skipBytes(3);
                    case 5, 6 -> {
                        in.skipBytes(8);
                        // Long and double take two places.
                        i++;
                    }
                    default -> in.skipBytes(4);
                }
            }
            return constants.stream().map(texts::get).toList();
        } catch (IOException e) {
            throw new UncheckedIOException(file.toString(), e);
        }
    }
}
