package nimblestride.core.language.text;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.kit.orchestration.OrchestrationRule;
import nimblestride.core.kit.voice.Limb;
import nimblestride.core.kit.voice.NamedVoices;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.layer.pattern.Layer;

/**
 * Reads and prints an orchestration: {@code right singles to floor tom; doubles to snare; accents to crash and kick;
 * every 3rd note to kick; note 1 to crash}.
 */
public final class OrchestrationText {
    private static final String EXAMPLE = "For example: right singles to floor tom; accents to crash and kick";
    private static final Pattern WHICH = Pattern.compile(
            "(?:(right|left|foot)(?:-hand)?\\s+)?(?:(notes|singles|doubles|accents|ghosts)|every\\s+(\\d{1,6})(?:st|nd|rd|th)\\s+note|note\\s+(\\d{1,6}))");

    private OrchestrationText() {}

    /**
     * Reads rules for voices of the kit.
     *
     * @throws TextException at the first place that can't be read
     */
    public static List<OrchestrationRule> read(String text) {
        return read(text, NamedVoices.KIT);
    }

    /**
     * Reads rules for some voices.
     *
     * @throws TextException at the first place that can't be read
     */
    public static List<OrchestrationRule> read(String text, NamedVoices voices) {
        return read(text, 0, voices);
    }

    /** Reads the end of a longer text, so that an error points into it. */
    static List<OrchestrationRule> read(String text, int from, NamedVoices voices) {
        List<OrchestrationRule> moves = new ArrayList<>();
        int start = from;
        for (String part : text.substring(from).split(";", -1)) {
            int end = start + part.length();
            if (!part.isBlank()) {
                if (moves.size() == Layer.MAX_RULES) {
                    throw new TextException(
                            text, start, end, "expected at most " + Layer.MAX_RULES + " rules that move notes");
                }
                moves.add(move(text, start, end, voices));
            }
            start = end + 1;
        }
        return moves;
    }

    private static OrchestrationRule move(String text, int from, int end, NamedVoices named) {
        int to = text.indexOf(" to ", from);
        if (to < 0 || to >= end) {
            throw wrong(text, from, end, "expected \"to\" and a voice");
        }
        Matcher which = WHICH.matcher(text.substring(from, to).strip());
        if (!which.matches()) {
            throw wrong(
                    text,
                    from,
                    to,
                    "expected notes, singles, doubles, accents, ghosts, every 3rd note or note 3, with right, left"
                            + " or foot before it if only those");
        }
        List<Voice> voices = new ArrayList<>();
        int start = to + " to ".length();
        for (String name : text.substring(start, end).split(" and | with |,", -1)) {
            int at = text.indexOf(name, start);
            voices.add(named.named(name)
                    .orElseThrow(() -> wrong(
                            text,
                            at,
                            at + name.length(),
                            "there is no voice of that name. Voices are " + named.names())));
            start = at + name.length();
        }
        try {
            if (which.group(4) != null) {
                return new OrchestrationRule(
                        OrchestrationRule.Which.NTH, limb(which.group(1)), Integer.parseInt(which.group(4)), voices);
            }
            return which.group(3) != null
                    ? new OrchestrationRule(
                            OrchestrationRule.Which.EVERY_NTH,
                            limb(which.group(1)),
                            Integer.parseInt(which.group(3)),
                            voices)
                    : new OrchestrationRule(kind(which.group(2)), limb(which.group(1)), 0, voices);
        } catch (StrideException e) {
            throw wrong(text, from, end, e.getMessage());
        }
    }

    private static TextException wrong(String text, int from, int to, String message) {
        int first = from;
        while (first < to && Character.isWhitespace(text.charAt(first))) {
            first++;
        }
        return new TextException(text, first, Math.max(first, to), message + ". " + EXAMPLE);
    }

    private static OrchestrationRule.Which kind(String word) {
        return Arrays.stream(OrchestrationRule.Which.values())
                .filter(which -> which.word().equals(word))
                .findFirst()
                .orElseThrow();
    }

    private static Optional<Limb> limb(String word) {
        if (word == null) {
            return Optional.empty();
        }
        return Optional.of(
                switch (word) {
                    case "right" -> Limb.RIGHT_HAND;
                    case "left" -> Limb.LEFT_HAND;
                    default -> Limb.KICK_FOOT;
                });
    }

    /** Prints rules as a user would type them. */
    public static String write(List<OrchestrationRule> moves) {
        return moves.stream().map(OrchestrationText::write).collect(Collectors.joining("; "));
    }

    private static String write(OrchestrationRule move) {
        String limb = move.limb()
                .map(one -> switch (one) {
                    case RIGHT_HAND -> "right ";
                    case LEFT_HAND -> "left ";
                    case KICK_FOOT, HAT_FOOT -> "foot ";
                })
                .orElse("");
        String which =
                switch (move.which()) {
                    case EVERY_NTH -> "every " + move.nth() + ending(move.nth()) + " note";
                    case NTH -> "note " + move.nth();
                    default -> move.which().word();
                };
        return limb + which + " to " + move.to().stream().map(Voice::name).collect(Collectors.joining(" and "));
    }

    private static String ending(int number) {
        if (number / 10 % 10 == 1) {
            return "th";
        }
        return switch (number % 10) {
            case 1 -> "st";
            case 2 -> "nd";
            case 3 -> "rd";
            default -> "th";
        };
    }
}
