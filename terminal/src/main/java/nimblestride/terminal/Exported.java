package nimblestride.terminal;

import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.notation.page.Sheet;
import nimblestride.files.AtomicFile;
import nimblestride.formats.export.Form;
import nimblestride.sound.kit.SynthesisedKit;
import nimblestride.sound.render.Click;
import nimblestride.sound.render.Take;
import nimblestride.sound.wav.WavFile;

/**
 * A form an exercise is exported in: one of those that are read, or as it sounds.
 *
 * @param typed its name where forms are typed
 * @param ending of its files, after the dot
 */
record Exported(String typed, String ending, Writing writing) {
    /** Writes an exercise to a file. */
    interface Writing {
        /** @throws IllegalArgumentException if this form cannot hold the exercise */
        void write(Exercise exercise, Path target);
    }

    private static final List<Exported> ALL = Stream.concat(
                    Arrays.stream(Form.values()).map(Exported::read),
                    Stream.of(new Exported("wav", "wav", Exported::sounding)))
            .toList();

    private static Exported read(Form form) {
        return new Exported(
                form.typed(),
                form.ending(),
                (exercise, target) -> AtomicFile.write(target, form.write(exercise, Sheet.USUAL)));
    }

    /** Without a click, as it is played. */
    private static void sounding(Exercise exercise, Path target) {
        Take take = new Take(exercise, Click.NONE);
        SynthesisedKit kit = new SynthesisedKit(WavFile.SAMPLE_RATE);
        AtomicFile.write(target, out -> WavFile.USUAL.write(take, kit, out, WavFile.Progress.TO_THE_END));
    }

    /** The form typed so. */
    static Optional<Exported> named(String name) {
        String wanted = name.strip().toLowerCase(Locale.ROOT);
        return ALL.stream().filter(form -> form.typed.equals(wanted)).findFirst();
    }

    /** All names that can be typed. */
    static String names() {
        return ALL.stream().map(Exported::typed).collect(Collectors.joining(", "));
    }
}
