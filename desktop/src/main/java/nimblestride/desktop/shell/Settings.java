package nimblestride.desktop.shell;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.function.Function;
import nimblestride.core.notation.page.Sheet;
import nimblestride.core.practice.care.BreakSchedule;
import nimblestride.core.time.counting.CountWords;
import nimblestride.core.time.counting.Counting;
import nimblestride.core.time.counting.CountingSystem;
import nimblestride.core.time.counting.SixNotes;
import nimblestride.desktop.ui.look.DisplaySizes;
import nimblestride.files.AtomicFile;
import nimblestride.files.FileException;
import nimblestride.files.Quarantine;
import nimblestride.formats.json.JsonNodeReader;
import nimblestride.formats.json.JsonText;
import nimblestride.formats.json.SheetJson;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.JsonNodeFactory;
import tools.jackson.databind.node.ObjectNode;

/**
 * The settings of the window, saved as JSON in the program's folder.
 *
 * @param width of the window, in pixels
 * @param height of the window, in pixels
 * @param night whether the colors are dark
 * @param reducedMotion whether a moving line replaces the hopping marker
 * @param percent scale of everything
 * @param bookShown whether the Book is shown
 * @param findingsShown whether the findings are shown
 * @param folder in which file dialogs start; empty for the usual one
 * @param counting how the Road is counted
 * @param sheet of which paper, sections and stages are remembered
 * @param rests minutes of playing after which a break is due; 0 for no reminder
 * @param sound the sound settings
 */
record Settings(
        double width,
        double height,
        boolean night,
        boolean reducedMotion,
        int percent,
        boolean bookShown,
        boolean findingsShown,
        String folder,
        Counting counting,
        Sheet sheet,
        int rests,
        SoundSettings sound) {
    static final Settings DEFAULT = new Settings(
            1280,
            800,
            false,
            false,
            DisplaySizes.DEFAULT,
            true,
            true,
            "",
            Counting.DEFAULT,
            Sheet.DEFAULT,
            BreakSchedule.DEFAULT.minutes(),
            SoundSettings.DEFAULT);

    private static final String FILE = "settings.json";
    private static final String OLD_FILE = "settings.properties";
    private static final String FORMAT = "nimble-stride-settings";
    private static final double MIN_SIZE = 1;
    private static final double MAX_SIZE = 100_000;

    /**
     * The settings found, and what the user should know about them.
     *
     * @param problem one line; empty for none
     */
    record Found(Settings settings, String problem) {}

    /** Reads the settings in a folder. Moves unreadable ones aside, and uses the defaults. */
    static Found in(Path folder) {
        Path file = folder.resolve(FILE);
        Path old = folder.resolve(OLD_FILE);
        if (Files.exists(file)) {
            return found(file, Settings::read);
        }
        return Files.exists(old) ? found(old, LegacySettings::read) : new Found(DEFAULT, "");
    }

    private static Found found(Path file, Function<Path, Settings> reading) {
        try {
            return new Found(reading.apply(file), "");
        } catch (RuntimeException e) {
            return new Found(DEFAULT, "I can't read the settings, so the defaults apply. " + aside(file));
        }
    }

    private static String aside(Path file) {
        try {
            return "The old settings are now in " + Quarantine.move(file) + ".";
        } catch (FileException e) {
            return "The old settings are still there: " + e.getMessage() + ".";
        }
    }

    private static Settings read(Path file) {
        JsonNodeReader root = JsonNodeReader.root(JsonText.parse(JsonText.load(file)));
        if (!root.member("format").text().equals(FORMAT)) {
            throw root.member("format").wrong("\"" + FORMAT + "\"");
        }
        return new Settings(
                root.member("width").number(MIN_SIZE, MAX_SIZE),
                root.member("height").number(MIN_SIZE, MAX_SIZE),
                root.member("night").truth(),
                root.member("reducedMotion").truth(),
                DisplaySizes.nearest(root.member("percent").whole()),
                root.member("bookShown").truth(),
                // Settings written before the findings could fold, and before folders were remembered, state neither.
                !root.has("findingsShown") || root.member("findingsShown").truth(),
                root.has("folder") ? root.member("folder").text() : "",
                new Counting(root.member("counting").oneOf(CountingSystem.class), words(root)),
                SheetJson.read(root.member("sheet")),
                root.make(() -> new BreakSchedule(root.member("rests").whole()).minutes()),
                SoundSettings.read(root.member("sound")));
    }

    /** Reads the words of a count. Settings written before they could be chosen state none. */
    private static CountWords words(JsonNodeReader root) {
        if (!root.has("sixNotes")) {
            return CountWords.DEFAULT;
        }
        SixNotes sixNotes = root.member("sixNotes").oneOf(SixNotes.class);
        JsonNodeReader own = root.member("ownWords");
        List<String> words = own.items(CountWords.MAX_SYLLABLES).stream()
                .map(JsonNodeReader::text)
                .toList();
        return own.make(() -> new CountWords(sixNotes, words));
    }

    /**
     * Writes the settings into a folder.
     *
     * @throws FileException if they can't be written; the old file stays
     */
    void write(Path folder) {
        ObjectNode root = JsonNodeFactory.instance.objectNode();
        root.put("format", FORMAT);
        root.put("width", width);
        root.put("height", height);
        root.put("night", night);
        root.put("reducedMotion", reducedMotion);
        root.put("percent", percent);
        root.put("bookShown", bookShown);
        root.put("findingsShown", findingsShown);
        root.put("folder", this.folder);
        root.put("counting", counting.system().name());
        root.put("sixNotes", counting.words().sixNotes().name());
        ArrayNode ownWords = root.putArray("ownWords");
        counting.words().own().forEach(ownWords::add);
        SheetJson.write(sheet.usual(), root.putObject("sheet"));
        root.put("rests", rests);
        sound.write(root.putObject("sound"));
        try {
            Files.createDirectories(folder);
        } catch (IOException e) {
            throw FileException.writing(folder, e);
        }
        AtomicFile.write(folder.resolve(FILE), JsonText.format(root).getBytes(StandardCharsets.UTF_8));
    }
}
