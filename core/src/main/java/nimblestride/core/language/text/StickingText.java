package nimblestride.core.language.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import nimblestride.core.kit.sticking.Sticking;
import nimblestride.core.kit.stroke.Stroke;

/**
 * Reads and prints stickings: {@code R L R R | L R L L}, with spaces and bar lines anywhere.
 *
 * <p>{@code R} and {@code L} are the hands, {@code K} or {@code F} the foot at the bass drum, {@code H} the one at the
 * hi-hat, {@code .} or {@code -} a rest. {@code >R} is an accent, {@code ^R} a strong one, {@code _R} soft, {@code
 * (R)} a ghost note. Small letters before a stroke are its grace notes: {@code lR} a flam, {@code llR} a drag, {@code
 * lrlR} a ruff. {@code R:} is two notes of half the value in time, {@code Rz} a buzz.
 */
public final class StickingText {
    private static final String EXAMPLE = "For example: >R L R R (L) lR . K";
    private static final String SIGNS =
            "R or L for a hand, K or F for the kick foot, H for the hi-hat foot, or . for a rest; put >"
                    + " before an accent and ( ) around a ghost note. " + EXAMPLE;
    private static final Pattern STEP = Pattern.compile("[.-]|([>^_(]?[rl]*[RLKFH])([:z]?\\)?)");
    private static final Pattern SPACE = Pattern.compile("[\\s|]*");

    private StickingText() {}

    /**
     * Reads a sticking.
     *
     * @throws TextException at the first place that can't be read
     */
    public static Sticking read(String text) {
        return read(new TextCursor(text));
    }

    /** Reads part of a longer text, so that an error points into it. */
    static Sticking read(TextCursor cursor) {
        List<Optional<Stroke>> steps = new ArrayList<>();
        for (cursor.take(SPACE); !cursor.atEnd(); cursor.take(SPACE)) {
            MatchResult step = cursor.take(STEP)
                    .orElseThrow(() -> cursor.part(cursor.at(), cursor.at() + 1).error(SIGNS));
            steps.add(step.group(1) == null ? Optional.empty() : Optional.of(stroke(cursor, step)));
        }
        return cursor.make(() -> new Sticking(steps), ". " + EXAMPLE);
    }

    private static Stroke stroke(TextCursor cursor, MatchResult step) {
        return StrokeSigns.read(step.group(1), step.group(2)).orElseThrow(() -> cursor.group(step, 0)
                .error("one small letter before a stroke (flam), two (drag), or three (ruff); : or z after it; or ( )"
                        + " around a ghost note. " + EXAMPLE));
    }

    /** Prints a sticking as a user would type it. */
    public static String write(Sticking sticking) {
        return sticking.steps().stream()
                .map(step -> step.map(StrokeSigns::letter).orElse("."))
                .collect(Collectors.joining(" "));
    }
}
