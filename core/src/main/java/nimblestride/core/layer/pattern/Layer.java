package nimblestride.core.layer.pattern;

import java.util.List;
import java.util.Locale;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.kit.orchestration.OrchestrationRule;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.time.value.NoteValue;

/**
 * Something that runs over the phrase.
 *
 * @param offset how late it starts: after the start of the phrase, or of each bar or phrase in which it resets
 * @param downbeatEvery plays the 1 of one bar in so many, from the first: 1 for every bar, 4 for bars 1, 5, 9; from 1
 *     to {@value #MAX_DOWNBEAT_EVERY}
 * @param orchestration rules that move notes from its voice to others, applied in order; at most {@value #MAX_RULES}
 */
public record Layer(
        Voice voice,
        Pattern pattern,
        NoteValue offset,
        Reset reset,
        int downbeatEvery,
        List<OrchestrationRule> orchestration) {
    /** The most rules in an orchestration. */
    public static final int MAX_RULES = 32;
    /** The most bars from one downbeat to the next. */
    public static final int MAX_DOWNBEAT_EVERY = 1_024;

    /** @throws InvalidValueException if there are too many rules, or {@code downbeatEvery} is out of range */
    public Layer {
        orchestration = List.copyOf(orchestration);
        if (orchestration.size() > MAX_RULES) {
            throw new InvalidValueException("a layer holds up to " + MAX_RULES + " rules");
        }
        if (downbeatEvery < 1 || downbeatEvery > MAX_DOWNBEAT_EVERY) {
            throw new InvalidValueException(String.format(
                    Locale.ROOT,
                    "play a downbeat every 1 to %,d bars, not every %,d",
                    MAX_DOWNBEAT_EVERY,
                    downbeatEvery));
        }
    }

    /** Returns a layer of one voice that starts on 1 and never resets. */
    public static Layer of(Voice voice, Pattern pattern) {
        return new Layer(voice, pattern, NoteValue.ZERO, Reset.NEVER, 1, List.of());
    }

    /** Returns its voice, and then those to which rules move its notes. */
    public Stream<Voice> voices() {
        return Stream.concat(Stream.of(voice), orchestration.stream().flatMap(rule -> rule.to().stream()));
    }

    /** Returns the layer with others in the place of its voices. */
    public Layer withVoices(UnaryOperator<Voice> change) {
        return withVoice(change.apply(voice))
                .withOrchestration(orchestration.stream()
                        .map(rule -> new OrchestrationRule(
                                rule.which(),
                                rule.limb(),
                                rule.nth(),
                                rule.to().stream().map(change).toList()))
                        .toList());
    }

    /** Returns the layer with another voice. */
    public Layer withVoice(Voice newVoice) {
        return new Layer(newVoice, pattern, offset, reset, downbeatEvery, orchestration);
    }

    /** Returns the layer with another pattern. */
    public Layer withPattern(Pattern newPattern) {
        return new Layer(voice, newPattern, offset, reset, downbeatEvery, orchestration);
    }

    /** Returns the layer with another offset. */
    public Layer withOffset(NoteValue newOffset) {
        return new Layer(voice, pattern, newOffset, reset, downbeatEvery, orchestration);
    }

    /** Returns the layer with another reset. */
    public Layer withReset(Reset newReset) {
        return new Layer(voice, pattern, offset, newReset, downbeatEvery, orchestration);
    }

    /**
     * Returns the layer with another orchestration.
     *
     * @throws InvalidValueException if it has more than {@value #MAX_RULES} rules
     */
    public Layer withOrchestration(List<OrchestrationRule> newMoves) {
        return new Layer(voice, pattern, offset, reset, downbeatEvery, newMoves);
    }

    /**
     * Returns the layer with a downbeat in one bar of so many.
     *
     * @throws InvalidValueException if that is not from 1 to {@value #MAX_DOWNBEAT_EVERY}
     */
    public Layer withDownbeatEvery(int bars) {
        return new Layer(voice, pattern, offset, reset, bars, orchestration);
    }
}
