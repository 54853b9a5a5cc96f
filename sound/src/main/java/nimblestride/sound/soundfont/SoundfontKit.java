package nimblestride.sound.soundfont;

import static nimblestride.sound.soundfont.Generators.*;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.voice.Voice;
import nimblestride.files.UnreadableFileException;
import nimblestride.sound.recorded.StrokeRecordings;
import nimblestride.sound.recording.Recording;
import nimblestride.sound.soundfont.Soundfont.Preset;
import nimblestride.sound.soundfont.SoundfontStroke.Part;

/**
 * The percussion of a soundfont 2 file as a kit: voices by the keys of the General MIDI 1 percussion map, dynamics by
 * velocity. Loops, filters, and envelopes are left out: a recorded drum fades by itself.
 */
public final class SoundfontKit implements StrokeRecordings {
    private static final int PERCUSSION = 128;
    private static final int LOUDEST = 127;
    private static final int USUAL_CENTS_PER_KEY = 100;
    private static final double CENTIBELS = 200;
    /** A coarse offset counts so many sample points. */
    private static final long COARSE = 32_768;

    private static final double MAX_CENTS = 4_800;
    private static final int NO_ROOT_KEY = 60;

    private final Soundfont font;
    private final Preset preset;
    private final Set<String> problems = new LinkedHashSet<>();

    /**
     * Reads the tables of a file; the samples are read when a stroke is asked for.
     *
     * @throws nimblestride.files.FileException if it can't be read, is no soundfont 2, lies about its sizes, or has no
     *     sound on a drum's key
     */
    public SoundfontKit(Path file) {
        this.font = Soundfont.read(file);
        this.preset = font.presets().stream()
                .filter(one -> one.bank() == PERCUSSION)
                .min(Comparator.comparingInt(Preset::number))
                .or(() -> font.presets().stream().findFirst())
                .orElseThrow(() -> new UnreadableFileException(file + " has no sounds"));
        boolean any = false;
        for (int key = Voice.MIN_KEY; key <= Voice.MAX_KEY; key++) {
            for (Dynamic level : Dynamic.values()) {
                any |= !parts(key, level).isEmpty();
            }
        }
        if (!any) {
            String why = problems.isEmpty() ? "" : ": " + problems.iterator().next();
            throw new UnreadableFileException(
                    file + " has no sound on the keys of drums, " + Voice.MIN_KEY + " to " + Voice.MAX_KEY + why);
        }
    }

    /** Returns what is wrong with samples; they are left out. */
    public List<String> problems() {
        return List.copyOf(problems);
    }

    @Override
    public Optional<Recording.Source> stroke(Voice voice, Dynamic level) {
        if (voice.isRiff()) {
            return Optional.empty();
        }
        List<Part> parts = parts(voice.midiKey(), level);
        return parts.isEmpty() ? Optional.empty() : Optional.of(new SoundfontStroke(font.file(), parts));
    }

    private List<Part> parts(int key, Dynamic level) {
        int velocity = (int) Math.round(level.strength() * LOUDEST);
        List<Part> parts = new ArrayList<>();
        for (Generators outer : sounding(preset.zones(), INSTRUMENT, key, velocity)) {
            int number = outer.unsigned(INSTRUMENT);
            if (number < font.instruments().size()) {
                for (Generators inner : sounding(font.instruments().get(number), SAMPLE, key, velocity)) {
                    part(outer, inner, key).ifPresent(parts::add);
                }
            }
        }
        return parts;
    }

    /** Returns the zones for a key and a velocity; a first zone without what they point to holds for all. */
    private static List<Generators> sounding(List<Generators> zones, int pointer, int key, int velocity) {
        boolean global = !zones.isEmpty() && !zones.get(0).has(pointer);
        return zones.stream()
                .filter(zone -> zone.has(pointer))
                .map(zone -> global ? zone.over(zones.get(0)) : zone)
                .filter(zone -> zone.includes(KEYS, key) && zone.includes(VELOCITIES, velocity))
                .toList();
    }

    private Optional<Part> part(Generators outer, Generators inner, int key) {
        int number = inner.unsigned(SAMPLE);
        if (number >= font.samples().size()) {
            problems.add(font.file() + ": key " + key + " points to sample " + number + " of "
                    + font.samples().size());
            return Optional.empty();
        }
        SampleHeader sample = font.samples().get(number);
        long start = sample.start() + inner.signed(START, 0) + COARSE * inner.signed(START_COARSE, 0);
        long end = sample.end() + inner.signed(END, 0) + COARSE * inner.signed(END_COARSE, 0);
        long last = Math.min(end, sample.end());
        String defect = font.defect(Math.max(0, start), last, sample.rate());
        if (!defect.isEmpty()) {
            problems.add(font.file() + ": the sample \"" + sample.name() + "\" " + defect);
            return Optional.empty();
        }
        int usualRoot = sample.rootKey() < 0 ? NO_ROOT_KEY : sample.rootKey();
        int root = inner.signed(ROOT_KEY, -1) < 0 ? usualRoot : inner.signed(ROOT_KEY, usualRoot);
        double cents = (key - root) * inner.signed(CENTS_PER_KEY, USUAL_CENTS_PER_KEY)
                + sample.cents()
                + 100.0 * (inner.signed(SEMITONES, 0) + outer.signed(SEMITONES, 0))
                + inner.signed(CENTS, 0)
                + outer.signed(CENTS, 0);
        if (Math.abs(cents) > MAX_CENTS) {
            problems.add(font.file() + ": key " + key + " plays the sample \"" + sample.name()
                    + "\" more than four octaves from where it was recorded");
            return Optional.empty();
        }
        int attenuation = Math.max(0, inner.signed(ATTENUATION, 0) + outer.signed(ATTENUATION, 0));
        double gain = StrictMath.pow(10, -attenuation / CENTIBELS);
        return Optional.of(new Part(Math.max(0, start), last, sample.rate(), cents / 100, gain));
    }
}
