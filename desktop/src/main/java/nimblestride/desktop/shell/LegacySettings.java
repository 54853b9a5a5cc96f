package nimblestride.desktop.shell;

import java.io.IOException;
import java.io.Reader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.Properties;
import java.util.concurrent.ThreadLocalRandom;
import nimblestride.core.kit.band.BackingBand;
import nimblestride.core.kit.band.BandKey;
import nimblestride.core.kit.band.BandTime;
import nimblestride.core.kit.band.Mode;
import nimblestride.core.notation.page.PaperSize;
import nimblestride.core.notation.page.Sheet;
import nimblestride.core.notation.page.SheetItem;
import nimblestride.core.practice.care.BreakSchedule;
import nimblestride.core.time.counting.Counting;
import nimblestride.core.time.counting.CountingSystem;
import nimblestride.core.time.value.NoteValue;
import nimblestride.desktop.ui.look.DisplaySizes;
import nimblestride.files.FileException;
import nimblestride.sound.midi.PadResponse;
import nimblestride.sound.render.ClickSettings;
import nimblestride.sound.render.Mix;
import nimblestride.sound.render.SilentBars;

/** Reads the settings of version 0.1.0, a properties file; a missing or unusable value becomes the default. */
final class LegacySettings {
    private static final String VOICE = "level.voice.";

    private final Properties properties;

    private LegacySettings(Properties properties) {
        this.properties = properties;
    }

    /** @throws RuntimeException if the file can't be read or is damaged */
    static Settings read(Path file) {
        Properties properties = new Properties();
        try (Reader reader = Files.newBufferedReader(file)) {
            properties.load(reader);
        } catch (IOException e) {
            throw FileException.reading(file, e);
        }
        return new LegacySettings(properties).settings();
    }

    private Settings settings() {
        Settings usual = Settings.DEFAULT;
        return new Settings(
                size("width", usual.width()),
                size("height", usual.height()),
                flag("night", usual.night()),
                flag("reducedMotion", usual.reducedMotion()),
                percent(),
                flag("bookShown", usual.bookShown()),
                usual.findingsShown(),
                usual.folder(),
                Counting.of(counting()),
                sheet(),
                rests(),
                sound());
    }

    private SoundSettings sound() {
        try {
            return new SoundSettings(
                    click(),
                    number("sound.countIn", 8),
                    band(),
                    levels(),
                    number("sound.latency", 1_000),
                    Optional.ofNullable(properties.getProperty("sound.card")),
                    PadResponse.DEFAULT);
        } catch (RuntimeException e) {
            // Settings of a sound that never existed need no message.
            return SoundSettings.DEFAULT;
        }
    }

    private Sheet sheet() {
        Sheet usual = Settings.DEFAULT.sheet();
        List<String> sections =
                List.of(properties.getProperty("sheet.sections", "").split(",", -1));
        Sheet sheet = usual;
        if (Arrays.stream(SheetItem.values()).anyMatch(section -> sections.contains(section.name()))) {
            for (SheetItem section : SheetItem.values()) {
                sheet = sheet.with(section, sections.contains(section.name()));
            }
        }
        PaperSize paper = Arrays.stream(PaperSize.values())
                .filter(one -> one.name().equals(properties.getProperty("sheet.paper", "")))
                .findFirst()
                .orElse(usual.paper());
        try {
            return sheet.on(paper)
                    .inStages(
                            Integer.parseInt(properties.getProperty("sheet.stages", "")),
                            Integer.parseInt(properties.getProperty("sheet.firstPercent", "")));
        } catch (RuntimeException e) {
            return sheet.on(paper);
        }
    }

    private int percent() {
        try {
            return DisplaySizes.nearest(Double.parseDouble(properties.getProperty("percent", "")));
        } catch (NumberFormatException e) {
            return Settings.DEFAULT.percent();
        }
    }

    private int rests() {
        try {
            return new BreakSchedule(Integer.parseInt(properties.getProperty("rests", ""))).minutes();
        } catch (RuntimeException e) {
            return Settings.DEFAULT.rests();
        }
    }

    private double size(String key, double usual) {
        try {
            double value = Double.parseDouble(properties.getProperty(key, ""));
            return value >= 400 && value <= 20_000 ? value : usual;
        } catch (NumberFormatException e) {
            return usual;
        }
    }

    private CountingSystem counting() {
        String name = properties.getProperty("counting", "");
        return Arrays.stream(CountingSystem.values())
                .filter(countingSystem -> countingSystem.name().equals(name))
                .findFirst()
                .orElse(CountingSystem.AUTOMATIC);
    }

    private boolean flag(String key, boolean usual) {
        return Boolean.parseBoolean(properties.getProperty(key, Boolean.toString(usual)));
    }

    private int number(String key, int most) {
        return Math.max(0, Math.min(most, Integer.parseInt(properties.getProperty(key, "0"))));
    }

    private ClickSettings click() {
        List<String> levels = List.of(properties
                .getProperty("click.levels", "BAR,GROUP")
                .replace("GROUP", "BEAT")
                .split(",", -1));
        ClickSettings click = ClickSettings.NONE;
        for (ClickSettings.Level level : ClickSettings.Level.values()) {
            click = click.with(level, levels.contains(level.name()));
        }
        String[] silence = properties.getProperty("click.silence", "0 of 1").split(" of ", -1);
        boolean byChance = silence[0].endsWith("%");
        SilentBars silent = byChance
                ? new SilentBars.AtRandom(
                        Integer.parseInt(silence[0].substring(0, silence[0].length() - 1)),
                        ThreadLocalRandom.current().nextLong())
                : new SilentBars.Regular(Integer.parseInt(silence[0]), Integer.parseInt(silence[1]));
        return click.silent(silent)
                .onceIn(Integer.parseInt(properties.getProperty("click.every", "1")))
                .pulsing(NoteValue.parse(properties.getProperty("click.pulse", "1/4")));
    }

    private Optional<BackingBand> band() {
        String line = properties.getProperty("band.line", "");
        if (line.isEmpty()) {
            return Optional.empty();
        }
        String pulse = properties.getProperty("band.pulse", "");
        BandKey key = new BandKey(
                Integer.parseInt(properties.getProperty("band.tonic", "0")),
                Mode.valueOf(properties.getProperty("band.mode", Mode.MAJOR.name())));
        return Optional.of(new BackingBand(
                BackingBand.Line.valueOf(line),
                key,
                pulse.isEmpty() ? BandTime.BEATS : new BandTime.Pulse(NoteValue.parse(pulse))));
    }

    private Mix levels() {
        Mix mix = Mix.IN_A_ROOM
                .withClick(Double.parseDouble(properties.getProperty("level.click", "1")))
                .withBand(Double.parseDouble(properties.getProperty("level.band", "1")));
        for (String key : properties.stringPropertyNames()) {
            if (key.startsWith(VOICE)) {
                double level = Double.parseDouble(properties.getProperty(key));
                mix = mix.voices(voices -> voices.with(key.substring(VOICE.length()), level));
            }
        }
        return mix;
    }
}
