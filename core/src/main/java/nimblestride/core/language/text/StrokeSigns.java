package nimblestride.core.language.text;

import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.stroke.Ornament;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Limb;

/** The signs before and after a note for how it is played: {@code >}, {@code ( )}, {@code lR}, {@code z}. */
final class StrokeSigns {
    private static final Pattern BEFORE = Pattern.compile("([>^_(]?)([rl]{0,3})([RLKFH]?)");
    private static final Pattern AFTER = Pattern.compile("([:z]?)(\\)?)");
    /** The sign of each level before a note. */
    static final Map<String, Dynamic> LEVELS =
            Map.of(">", Dynamic.ACCENT, "^", Dynamic.STRONG, "_", Dynamic.SOFT, "(", Dynamic.GHOST, "", Dynamic.NORMAL);
    /** The ornament that so many grace notes make. */
    static final Map<Integer, Ornament> GRACES =
            Map.of(0, Ornament.NONE, 1, Ornament.FLAM, 2, Ornament.DRAG, 3, Ornament.RUFF);

    private StrokeSigns() {}

    /** Reads the signs before and after a note; returns empty where they make no sense together. */
    static Optional<Stroke> read(String before, String after) {
        Matcher first = BEFORE.matcher(before);
        Matcher second = AFTER.matcher(after);
        if (!first.matches()
                || !second.matches()
                || first.group(1).equals("(") == second.group(2).isEmpty()) {
            return Optional.empty();
        }
        Ornament grace = GRACES.get(first.group(2).length());
        Ornament own = second.group(1).isEmpty()
                ? Ornament.NONE
                : second.group(1).equals("z") ? Ornament.BUZZ : Ornament.DOUBLED;
        if (grace != Ornament.NONE && own != Ornament.NONE) {
            return Optional.empty();
        }
        Stroke stroke = new Stroke(LEVELS.get(first.group(1)), grace == Ornament.NONE ? own : grace, Optional.empty());
        return Optional.of(
                first.group(3).isEmpty()
                        ? stroke
                        : stroke.by(limb(first.group(3).charAt(0))));
    }

    /** Returns the limb of a letter: {@code R L K H}, and {@code F} for the kick foot. */
    static Limb limb(char letter) {
        for (Limb limb : Limb.values()) {
            if (limb.letter() == letter) {
                return limb;
            }
        }
        return Limb.KICK_FOOT;
    }

    /** Prints a note with the signs around it, without its limb's letter. */
    static String about(Stroke stroke, String note) {
        String letter = stroke.limb().map(limb -> String.valueOf(limb.letter())).orElse("");
        return signs(stroke, letter + note);
    }

    /** Prints a stroke as its limb's letter with the signs around it. */
    static String letter(Stroke stroke) {
        return signs(stroke, String.valueOf(stroke.limb().orElseThrow().letter()));
    }

    private static String signs(Stroke stroke, String note) {
        boolean left = stroke.limb().equals(Optional.of(Limb.LEFT_HAND));
        String grace = left ? "r" : "l";
        String played =
                switch (stroke.ornament()) {
                    case NONE -> note;
                    case FLAM -> grace + note;
                    case DRAG -> grace + grace + note;
                    case RUFF -> grace + (left ? "l" : "r") + grace + note;
                    case DOUBLED -> note + ":";
                    case BUZZ -> note + "z";
                };
        return level(stroke, played);
    }

    /** Prints what is played with the sign of its level before it, or around it. */
    static String level(Stroke stroke, String played) {
        return switch (stroke.level()) {
            case GHOST -> "(" + played + ")";
            case SOFT -> "_" + played;
            case NORMAL -> played;
            case ACCENT -> ">" + played;
            case STRONG -> "^" + played;
        };
    }
}
