package nimblestride.core.language.text;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import nimblestride.core.exercise.plan.Stage;
import nimblestride.core.exercise.plan.StageTask;
import nimblestride.core.exercise.plan.TimeAndFill;
import nimblestride.core.kit.voice.Limb;

/**
 * Reads and prints stages: {@code count aloud at 60 %}, {@code right hand alone}, {@code as written in 3+1 at 90 %},
 * {@code all limbs of kick, snare}, {@code displaced by 2 in free time}.
 */
public final class StageText {
    private static final String EXAMPLE = "For example: right hand solo in 3+1 at 70 %";
    private static final String TASKS = "count aloud, pad hand to hand, right hand solo, all limbs, accents and ghosts,"
            + " bar 1, bars 1 to 2, inner bar 1, displaced by 1, or as written";
    private static final Pattern WRITTEN = Pattern.compile(
            "\\s*(.*?)(?:\\s+of\\s+(.+?))?(?:\\s+in\\s+(\\S+|free time))?(?:\\s+at\\s+(\\S+?)\\s*%?)?\\s*",
            Pattern.CASE_INSENSITIVE);
    private static final Pattern FRAME = Pattern.compile("(\\d{1,6})\\+(\\d{1,6})");
    private static final Pattern PERCENT = Pattern.compile("\\d{1,6}");
    private static final Pattern INNER_BAR = Pattern.compile("inner bar (\\d{1,6})", Pattern.CASE_INSENSITIVE);
    private static final Pattern BARS =
            Pattern.compile("bars? (\\d{1,6})(?:\\s*(?:to|-)\\s*(\\d{1,6}))?", Pattern.CASE_INSENSITIVE);
    private static final Pattern DISPLACED = Pattern.compile("displaced by (\\d{1,6})", Pattern.CASE_INSENSITIVE);

    private StageText() {}

    /**
     * Reads a stage.
     *
     * @throws TextException at the first place that can't be read
     */
    public static Stage read(String text) {
        TextCursor whole = new TextCursor(text);
        MatchResult written = whole.match(WRITTEN).orElseThrow(() -> whole.error("a stage. " + EXAMPLE));
        StageTask task = task(whole.group(written, 1));
        List<String> layers = written.group(2) == null
                ? List.of()
                : Arrays.stream(written.group(2).split(",", -1))
                        .map(String::strip)
                        .toList();
        if (layers.contains("")) {
            throw whole.group(written, 2).error("the names of layers, such as of kick, snare. " + EXAMPLE);
        }
        TimeAndFill frame = written.group(3) == null ? TimeAndFill.NONE : frame(whole.group(written, 3));
        int percent = written.group(4) == null ? 100 : percent(whole.group(written, 4));
        return whole.group(written, 4).make(() -> new Stage(task, layers, frame, percent), ". " + EXAMPLE);
    }

    private static StageTask task(TextCursor part) {
        String word = part.content().strip();
        for (StageTask.Usual usual : StageTask.Usual.values()) {
            if (usual.title().equalsIgnoreCase(word)) {
                return usual;
            }
        }
        for (Limb limb : Limb.values()) {
            StageTask.OneLimb solo = new StageTask.OneLimb(limb);
            if (solo.title().equalsIgnoreCase(word) || stored(solo).equalsIgnoreCase(word)) {
                return solo;
            }
        }
        Optional<MatchResult> innerBar = part.match(INNER_BAR);
        if (innerBar.isPresent()) {
            int number = Integer.parseInt(innerBar.get().group(1));
            return part.make(() -> new StageTask.InnerBar(number), ". " + EXAMPLE);
        }
        Optional<MatchResult> bars = part.match(BARS);
        if (bars.isPresent()) {
            int first = Integer.parseInt(bars.get().group(1));
            int last = bars.get().group(2) == null
                    ? first
                    : Integer.parseInt(bars.get().group(2));
            return part.make(() -> new StageTask.SomeBars(first, last), ". " + EXAMPLE);
        }
        MatchResult displaced = part.match(DISPLACED).orElseThrow(() -> part.error(TASKS + ". " + EXAMPLE));
        return part.make(() -> new StageTask.Displaced(Integer.parseInt(displaced.group(1))), ". " + EXAMPLE);
    }

    private static TimeAndFill frame(TextCursor part) {
        if (part.content().toLowerCase(Locale.ROOT).startsWith("free")) {
            return TimeAndFill.FREE;
        }
        MatchResult frame = part.match(FRAME)
                .orElseThrow(() -> part.error("bars of time and of fill, such as 3+1, or free time. " + EXAMPLE));
        return part.make(
                () -> new TimeAndFill(Integer.parseInt(frame.group(1)), Integer.parseInt(frame.group(2))),
                ". " + EXAMPLE);
    }

    private static int percent(TextCursor part) {
        return part.match(PERCENT)
                .map(number -> Integer.parseInt(number.group()))
                .orElseThrow(() -> part.error("a percentage of the tempo, such as 70 %. " + EXAMPLE));
    }

    /** Prints a stage as a user would type it. */
    public static String write(Stage stage) {
        return write(stage, stage.task().title());
    }

    /** Prints a stage as files hold it: in the words of the first version, which reads {@code alone} but not {@code solo}. */
    public static String writeToFile(Stage stage) {
        return write(
                stage,
                stage.task() instanceof StageTask.OneLimb solo
                        ? stored(solo)
                        : stage.task().title());
    }

    private static String stored(StageTask.OneLimb solo) {
        return solo.limb().title() + " alone";
    }

    private static String write(Stage stage, String task) {
        return task
                + (stage.layers().isEmpty() ? "" : " of " + String.join(", ", stage.layers()))
                + (stage.frame().equals(TimeAndFill.NONE)
                        ? ""
                        : " in " + (stage.frame().isFree() ? "free time" : stage.frame()))
                + (stage.percent() == 100 ? "" : " at " + stage.percent() + " %");
    }
}
