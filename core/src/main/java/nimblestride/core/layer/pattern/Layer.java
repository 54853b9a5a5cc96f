package nimblestride.core.layer.pattern;

import java.util.List;
import java.util.Locale;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.kit.orchestration.OrchestrationRule;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.time.value.NoteValue;

/**
 * Something that runs over the phrase.
 *
 * @param offset how late it starts: after the beginning of the phrase, or of each bar or phrase in which it is reset
 * @param downbeatEvery on the 1 of how many bars it plays, counted from the beginning: 1 for every bar, 4 for bars 1, 5, 9;
 *     from 1 to {@value #MAX_BARS_WITHOUT_ONE}
 * @param orchestration rules that move notes from its voice to others, applied in order; at most {@value #MAX_MOVES}
 */
public record Layer(
        Voice voice,
        Pattern pattern,
        NoteValue offset,
        Reset reset,
        int downbeatEvery,
        List<OrchestrationRule> orchestration) {
    public static final int MAX_RULES = 32;
    public static final int MAX_DOWNBEAT_EVERY = 1_024;

    public Layer {
        orchestration = List.copyOf(orchestration);
        if (orchestration.size() > MAX_RULES) {
            throw new InvalidValueException("a layer is moved by at most " + MAX_RULES + " rules");
        }
        if (downbeatEvery < 1 || downbeatEvery > MAX_DOWNBEAT_EVERY) {
            throw new InvalidValueException(String.format(
                    Locale.ROOT,
                    "a layer plays a 1 every 1 to %,d bars, not every %,d",
                    MAX_DOWNBEAT_EVERY,
                    downbeatEvery));
        }
    }

    /** A layer from the beginning on, never reset, of one voice. */
    public static Layer of(Voice voice, Pattern pattern) {
        return new Layer(voice, pattern, NoteValue.ZERO, Reset.NEVER, 1, List.of());
    }

    public Layer withVoice(Voice newVoice) {
        return new Layer(newVoice, pattern, offset, reset, downbeatEvery, orchestration);
    }

    public Layer withPattern(Pattern newPattern) {
        return new Layer(voice, newPattern, offset, reset, downbeatEvery, orchestration);
    }

    public Layer withOffset(NoteValue newOffset) {
        return new Layer(voice, pattern, newOffset, reset, downbeatEvery, orchestration);
    }

    public Layer withReset(Reset newReset) {
        return new Layer(voice, pattern, offset, newReset, downbeatEvery, orchestration);
    }

    public Layer withOrchestration(List<OrchestrationRule> newMoves) {
        return new Layer(voice, pattern, offset, reset, downbeatEvery, newMoves);
    }

    /** The same with a 1 only in one of so many bars. */
    public Layer withDownbeatEvery(int bars) {
        return new Layer(voice, pattern, offset, reset, bars, orchestration);
    }
}
