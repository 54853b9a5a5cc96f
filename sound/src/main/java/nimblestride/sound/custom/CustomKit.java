package nimblestride.sound.custom;

import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import nimblestride.sound.recorded.StrokeRecordings;
import nimblestride.sound.soundfont.SoundfontKit;

/**
 * A kit of the user's own.
 *
 * @param recordings of the voices it has; the kit that ships has the others
 * @param problems which of its files are left out, and why
 */
public record CustomKit(String name, StrokeRecordings recordings, List<String> problems) {
    /** The ending of a soundfont. */
    public static final String SOUNDFONT = "sf2";

    public CustomKit {
        problems = List.copyOf(problems);
    }

    /**
     * Reads a folder of WAV and FLAC files, or a soundfont 2.
     *
     * @throws nimblestride.files.FileException if it holds no sound that can be read
     */
    public static CustomKit read(Path place) {
        String name = place.getFileName().toString();
        if (name.toLowerCase(Locale.ROOT).endsWith("." + SOUNDFONT)) {
            SoundfontKit font = new SoundfontKit(place);
            String plain = name.substring(0, name.length() - SOUNDFONT.length() - 1);
            return new CustomKit(plain, font, font.problems());
        }
        KitFolder folder = KitFolder.read(place);
        return new CustomKit(name, folder, folder.problems());
    }
}
