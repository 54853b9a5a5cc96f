package nimblestride.desktop.bringing;

import java.io.IOException;
import java.io.Reader;
import java.io.Writer;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Properties;
import nimblestride.core.groove.Kit;
import nimblestride.core.groove.Voice;

/** Which voice each sound of other programs stands for, as it was last chosen: the user's own drum map. */
public final class RememberedVoices {
    private static final String LEFT_OUT = "";

    private final Path file;

    public RememberedVoices(Path file) {
        this.file = file;
    }

    /** What is remembered; nothing where the file is not there or makes no sense. */
    public Map<String, Optional<Voice>> read() {
        Properties properties = new Properties();
        if (Files.exists(file)) {
            try (Reader reader = Files.newBufferedReader(file)) {
                properties.load(reader);
            } catch (IOException | IllegalArgumentException e) {
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

    /** Remembers what was chosen, with what was before. */
    public void keep(Map<String, Optional<Voice>> chosen) throws IOException {
        Map<String, Optional<Voice>> all = new HashMap<>(read());
        all.putAll(chosen);
        Properties properties = new Properties();
        all.forEach((sound, voice) ->
                properties.setProperty(sound, voice.map(Voice::name).orElse(LEFT_OUT)));
        Files.createDirectories(file.getParent());
        try (Writer writer = Files.newBufferedWriter(file)) {
            properties.store(writer, "Which voice each sound of other programs stands for");
        }
    }
}
