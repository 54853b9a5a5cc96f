package nimblestride.core.language.text;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
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
    private static final Pattern SEMICOLON = Pattern.compile(";");
    private static final Pattern BETWEEN_VOICES = Pattern.compile(" and | with |,");
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
        return read(new TextCursor(text), voices);
    }

    /** Reads the end of a longer text, so that an error points into it. */
    static List<OrchestrationRule> read(TextCursor text, NamedVoices voices) {
        List<OrchestrationRule> moves = new ArrayList<>();
        for (TextCursor part : text.split(SEMICOLON)) {
            if (!part.isBlank()) {
                if (moves.size() == Layer.MAX_RULES) {
                    throw part.error("at most " + Layer.MAX_RULES + " rules");
                }
                moves.add(move(part.part(part.stripped().start(), part.end()), voices));
            }
        }
        return moves;
    }

    private static OrchestrationRule move(TextCursor rule, NamedVoices named) {
        TextCursor to = rule.find(" to ", rule.start()).orElseThrow(() -> rule.error("\"to\" and a voice. " + EXAMPLE));
        TextCursor notes = rule.part(rule.start(), to.start());
        MatchResult which = notes.stripped()
                .match(WHICH)
                .orElseThrow(() -> notes.error(
                        "notes, singles, doubles, accents, ghosts, every 3rd note or note 3, with right, left"
                                + " or foot before it if only those. " + EXAMPLE));
        List<Voice> voices = new ArrayList<>();
        for (TextCursor name : rule.part(to.end(), rule.end()).split(BETWEEN_VOICES)) {
            TextCursor shown = name.part(name.stripped().start(), name.end());
            voices.add(named.named(name.content())
                    .orElseThrow(() -> shown.error("a voice: " + named.names() + ". " + EXAMPLE)));
        }
        return rule.make(() -> rule(which, voices), ". " + EXAMPLE);
    }

    private static OrchestrationRule rule(MatchResult which, List<Voice> voices) {
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
