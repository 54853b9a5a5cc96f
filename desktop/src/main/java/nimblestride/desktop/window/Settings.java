package nimblestride.desktop.window;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.Reader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Properties;
import java.util.stream.Collectors;
import nimblestride.core.care.Rests;
import nimblestride.core.counting.CountingSchool;
import nimblestride.core.sheet.Paper;
import nimblestride.core.sheet.Section;
import nimblestride.core.sheet.Sheet;
import nimblestride.desktop.look.Sizes;
import nimblestride.formats.file.AtomicFile;

/**
 * What the program remembers of its window. Settings that are missing or make no sense are the usual ones.
 *
 * @param width of the window, in pixels
 * @param height of the window, in pixels
 * @param night whether the dim stage is shown in place of chart paper
 * @param reducedMotion whether a moving line takes the place of the hopping marker
 * @param percent how large everything is, of its usual size
 * @param bookShown whether the Book is unfolded
 * @param counting how the Road is counted
 * @param sheet what stands on a sheet; of it the paper, the sections and the stages are remembered
 * @param rests after how many minutes of playing a rest is due; 0 for no reminder
 * @param sound how it sounds
 */
record Settings(
        double width,
        double height,
        boolean night,
        boolean reducedMotion,
        int percent,
        boolean bookShown,
        CountingSchool counting,
        Sheet sheet,
        int rests,
        RememberedSound sound) {
    public static final Settings USUAL = new Settings(
            1280,
            800,
            false,
            false,
            Sizes.USUAL,
            true,
            CountingSchool.BEATS,
            Sheet.USUAL,
            Rests.USUAL.minutes(),
            RememberedSound.USUAL);

    static Settings read(Path file) {
        Properties properties = new Properties();
        if (Files.exists(file)) {
            try (Reader reader = Files.newBufferedReader(file)) {
                properties.load(reader);
            } catch (IOException | IllegalArgumentException e) {
                return USUAL;
            }
        }
        return new Settings(
                number(properties, "width", USUAL.width),
                number(properties, "height", USUAL.height),
                flag(properties, "night", USUAL.night),
                flag(properties, "reducedMotion", USUAL.reducedMotion),
                percent(properties),
                flag(properties, "bookShown", USUAL.bookShown),
                school(properties.getProperty("counting", "")),
                sheet(properties),
                rests(properties),
                RememberedSound.read(properties));
    }

    private static Sheet sheet(Properties properties) {
        Sheet usual = USUAL.sheet;
        List<String> sections =
                List.of(properties.getProperty("sheet.sections", "").split(",", -1));
        Sheet sheet = usual;
        if (Arrays.stream(Section.values()).anyMatch(section -> sections.contains(section.name()))) {
            for (Section section : Section.values()) {
                sheet = sheet.with(section, sections.contains(section.name()));
            }
        }
        Paper paper = Arrays.stream(Paper.values())
                .filter(one -> one.name().equals(properties.getProperty("sheet.paper", "")))
                .findFirst()
                .orElse(usual.paper());
        try {
            return sheet.on(paper)
                    .inStages(
                            Integer.parseInt(properties.getProperty("sheet.stages", "")),
                            Integer.parseInt(properties.getProperty("sheet.firstPercent", "")));
        } catch (IllegalArgumentException e) {
            return sheet.on(paper);
        }
    }

    private static int percent(Properties properties) {
        try {
            return Sizes.nearest(Double.parseDouble(properties.getProperty("percent", "")));
        } catch (NumberFormatException e) {
            return USUAL.percent;
        }
    }

    private static int rests(Properties properties) {
        try {
            return new Rests(Integer.parseInt(properties.getProperty("rests", ""))).minutes();
        } catch (IllegalArgumentException e) {
            return USUAL.rests;
        }
    }

    private static double number(Properties properties, String key, double usual) {
        try {
            double value = Double.parseDouble(properties.getProperty(key, ""));
            return value >= 400 && value <= 20_000 ? value : usual;
        } catch (NumberFormatException e) {
            return usual;
        }
    }

    private static CountingSchool school(String name) {
        return Arrays.stream(CountingSchool.values())
                .filter(school -> school.name().equals(name))
                .findFirst()
                .orElse(USUAL.counting);
    }

    private static boolean flag(Properties properties, String key, boolean usual) {
        return Boolean.parseBoolean(properties.getProperty(key, Boolean.toString(usual)));
    }

    void write(Path file) throws IOException {
        Properties properties = new Properties();
        properties.setProperty("width", Double.toString(width));
        properties.setProperty("height", Double.toString(height));
        properties.setProperty("night", Boolean.toString(night));
        properties.setProperty("reducedMotion", Boolean.toString(reducedMotion));
        properties.setProperty("percent", Integer.toString(percent));
        properties.setProperty("bookShown", Boolean.toString(bookShown));
        properties.setProperty("counting", counting.name());
        properties.setProperty("sheet.paper", sheet.paper().name());
        properties.setProperty(
                "sheet.sections",
                sheet.sections().stream().map(Section::name).sorted().collect(Collectors.joining(",")));
        properties.setProperty("sheet.stages", Integer.toString(sheet.stages()));
        properties.setProperty("sheet.firstPercent", Integer.toString(sheet.firstPercent()));
        properties.setProperty("rests", Integer.toString(rests));
        sound.write(properties);
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        properties.store(out, "Nimble Stride");
        AtomicFile.write(file, out.toByteArray());
    }
}
