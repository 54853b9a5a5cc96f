package nimblestride.desktop.workspace.importing;

import java.io.IOException;
import java.io.OutputStreamWriter;
import java.io.Reader;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Properties;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.kit.voice.Voice;
import nimblestride.files.AtomicFile;
import nimblestride.files.FileException;
import nimblestride.files.Quarantine;

/** Remembers which voice each sound of other programs maps to: the user's own drum map. */
public final class DrumMap {
    private static final String LEFT_OUT = "";

    private final Path file;

    /** @param file to keep it in */
    public DrumMap(Path file) {
        this.file = file;
    }

    /** Returns the map; an empty one if the file is missing or damaged. */
    public Map<String, Optional<Voice>> read() {
        Properties properties = new Properties();
        if (Files.exists(file)) {
            try (Reader reader = Files.newBufferedReader(file)) {
                properties.load(reader);
            } catch (IOException | IllegalArgumentException e) {
                // Moves a damaged file aside, wherever the damage is, and starts a new map.
                Quarantine.move(file);
                return Map.of();
            }
        }
        Map<String, Optional<Voice>> voices = new HashMap<>();
        properties.forEach((sound, voice) -> {
            Optional<Voice> named = Kit.named(voice.toString());
            if (named.isPresent() || voice.equals(LEFT_OUT)) {
                voices.put(sound.toString(), named);
            }
        });
        return voices;
    }

    /** Adds choices to the map and saves it. */
    public void keep(Map<String, Optional<Voice>> chosen) {
        Map<String, Optional<Voice>> all = new HashMap<>(read());
        all.putAll(chosen);
        Properties properties = new Properties();
        all.forEach((sound, voice) ->
                properties.setProperty(sound, voice.map(Voice::name).orElse(LEFT_OUT)));
        try {
            Files.createDirectories(file.getParent());
        } catch (IOException e) {
            throw FileException.writing(file, e);
        }
        AtomicFile.write(file, out -> {
            Writer writer = new OutputStreamWriter(out, StandardCharsets.UTF_8);
            properties.store(writer, "The voice for each imported sound");
            writer.flush();
        });
    }
}
