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
import nimblestride.formats.export.ExportFormat;
import nimblestride.sound.recorded.RecordedKit;
import nimblestride.sound.render.ClickSettings;
import nimblestride.sound.render.Mix;
import nimblestride.sound.render.PlaybackRequest;
import nimblestride.sound.wav.WavFile;
import nimblestride.web.Booklet;
import nimblestride.web.PageContent;
import nimblestride.web.PracticePage;

/**
 * A format of {@code stride export}.
 *
 * @param typed its name on the command line
 * @param ending of its files, after the dot
 */
record ExportTarget(String typed, String ending, Writing writing) {
    /** Writes an exercise to a file. */
    interface Writing {
        /**
         * Writes an exercise.
         *
         * @throws IllegalArgumentException if this format can't hold it
         */
        void write(Exercise exercise, Path target);
    }

    private static final List<ExportTarget> ALL = Stream.concat(
                    Arrays.stream(ExportFormat.values()).map(ExportTarget::read),
                    Stream.of(
                            new ExportTarget("wav", "wav", ExportTarget::sounding),
                            new ExportTarget("html", "html", ExportTarget::page)))
            .toList();

    private static ExportTarget read(ExportFormat form) {
        return new ExportTarget(
                form.typed(),
                form.ending(),
                (exercise, target) -> AtomicFile.write(target, form.write(exercise, Sheet.DEFAULT)));
    }

    /** Writes the exercise as it sounds, without a click. */
    private static void sounding(Exercise exercise, Path target) {
        PlaybackRequest take = new PlaybackRequest(exercise, ClickSettings.NONE).mixed(Mix.IN_A_ROOM);
        RecordedKit kit = RecordedKit.shipped(WavFile.SAMPLE_RATE);
        AtomicFile.write(target, out -> WavFile.DEFAULT.write(take, kit, out, WavFile.Progress.TO_THE_END));
    }

    /** Writes a practice page for anybody. */
    private static void page(Exercise exercise, Path target) {
        AtomicFile.write(target, PracticePage.write(Booklet.of(PageContent.of(exercise))));
    }

    /** Returns the format with a name; empty for none. */
    static Optional<ExportTarget> named(String name) {
        String wanted = name.strip().toLowerCase(Locale.ROOT);
        return ALL.stream().filter(form -> form.typed.equals(wanted)).findFirst();
    }

    /** Returns all names. */
    static String names() {
        return ALL.stream().map(ExportTarget::typed).collect(Collectors.joining(", "));
    }
}
