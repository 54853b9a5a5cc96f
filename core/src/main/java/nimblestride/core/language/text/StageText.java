package nimblestride.core.language.text;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nimblestride.core.exercise.plan.Stage;
import nimblestride.core.exercise.plan.StageTask;
import nimblestride.core.exercise.plan.TimeAndFill;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.kit.voice.Limb;

/**
 * Reads and prints stages: {@code count aloud at 60 %}, {@code right hand alone}, {@code as written in 3+1 at 90 %},
 * {@code all limbs of kick, snare}, {@code displaced by 2 in free time}.
 */
public final class StageText {
    private static final String EXAMPLE = "For example: right hand alone in 3+1 at 70 %";
    private static final String TASKS =
            "count aloud, pad hand to hand, right hand alone, all limbs, accents and ghosts,"
                    + " displaced by 1, or as written";
    private static final Pattern WRITTEN = Pattern.compile(
            "\\s*(.*?)(?:\\s+of\\s+(.+?))?(?:\\s+in\\s+(\\S+|free time))?(?:\\s+at\\s+(\\S+?)\\s*%?)?\\s*",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern FRAME = Pattern.compile("(\\d{1,6})\\+(\\d{1,6})");
    private static final Pattern DISPLACED = Pattern.compile("displaced by (\\d{1,6})", Pattern.CASE_INSENSITIVE);

    private StageText() {}

    /**
     * Reads a stage.
     *
     * @throws TextException at the first place that can't be read
     */
    public static Stage read(String text) {
        Matcher written = WRITTEN.matcher(text);
        if (!written.matches()) {
            throw new TextException(text, 0, text.length(), "expected a stage. " + EXAMPLE);
        }
        StageTask task = task(text, written);
        List<String> layers = written.group(2) == null
                ? List.of()
                : Arrays.stream(written.group(2).split(",", -1))
                        .map(String::strip)
                        .toList();
        if (layers.contains("")) {
            throw wrong(text, written, 2, "expected the names of layers, as in of kick, snare. " + EXAMPLE);
        }
        TimeAndFill frame = written.group(3) == null ? TimeAndFill.NONE : frame(text, written);
        int percent = written.group(4) == null ? 100 : percent(text, written);
        return made(text, written, 4, () -> new Stage(task, layers, frame, percent));
    }

    private static StageTask task(String text, Matcher written) {
        String word = written.group(1).strip();
        for (StageTask.Usual usual : StageTask.Usual.values()) {
            if (usual.title().equalsIgnoreCase(word)) {
                return usual;
            }
        }
        for (Limb limb : Limb.values()) {
            StageTask alone = new StageTask.OneLimb(limb);
            if (alone.title().equalsIgnoreCase(word)) {
                return alone;
            }
        }
        Matcher displaced = DISPLACED.matcher(word);
        if (displaced.matches()) {
            return made(text, written, 1, () -> new StageTask.Displaced(Integer.parseInt(displaced.group(1))));
        }
        throw wrong(text, written, 1, "expected " + TASKS + ". " + EXAMPLE);
    }

    private static TimeAndFill frame(String text, Matcher written) {
        if (written.group(3).toLowerCase(Locale.ROOT).startsWith("free")) {
            return TimeAndFill.FREE;
        }
        Matcher frame = FRAME.matcher(written.group(3));
        if (!frame.matches()) {
            throw wrong(text, written, 3, "expected rounds of time and of fill, as in 3+1, or free time. " + EXAMPLE);
        }
        return made(
                text,
                written,
                3,
                () -> new TimeAndFill(Integer.parseInt(frame.group(1)), Integer.parseInt(frame.group(2))));
    }

    private static int percent(String text, Matcher written) {
        return Optional.of(written.group(4))
                .filter(number -> number.matches("\\d{1,6}"))
                .map(Integer::parseInt)
                .orElseThrow(() -> wrong(text, written, 4, "expected hundredths of the tempo, as in 70 %. " + EXAMPLE));
    }

    private static <T> T made(String text, Matcher written, int group, Supplier<T> value) {
        try {
            return value.get();
        } catch (StrideException e) {
            throw wrong(text, written, group, e.getMessage() + ". " + EXAMPLE);
        }
    }

    private static TextException wrong(String text, Matcher written, int group, String expected) {
        int from = written.group(group) == null ? text.length() : written.start(group);
        int to = written.group(group) == null ? text.length() : written.end(group);
        return new TextException(text, from, to, expected);
    }

    /** Prints a stage as a user would type it. */
    public static String write(Stage stage) {
        return stage.task().title()
                + (stage.layers().isEmpty() ? "" : " of " + String.join(", ", stage.layers()))
                + (stage.frame().equals(TimeAndFill.NONE)
                        ? ""
                        : " in " + (stage.frame().isFree() ? "free time" : stage.frame()))
                + (stage.percent() == 100 ? "" : " at " + stage.percent() + " %");
    }
}
