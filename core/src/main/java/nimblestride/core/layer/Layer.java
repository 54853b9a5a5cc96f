package nimblestride.core.layer;

import java.util.List;
import nimblestride.core.groove.Move;
import nimblestride.core.groove.Voice;
import nimblestride.core.value.NoteValue;

/**
 * Something that runs over the phrase.
 *
 * @param offset how late it starts: after the beginning of the phrase, or of each bar or phrase in which it is reset
 * @param moves rules that move notes from its voice to others, applied in order; at most {@value #MOST_MOVES}
 */
public record Layer(Voice voice, Pattern pattern, NoteValue offset, Reset reset, List<Move> moves) {
    public static final int MOST_MOVES = 32;

    public Layer {
        moves = List.copyOf(moves);
        if (moves.size() > MOST_MOVES) {
            throw new IllegalArgumentException("a layer is moved by at most " + MOST_MOVES + " rules");
        }
    }

    /** A layer from the beginning on, never reset, of one voice. */
    public static Layer of(Voice voice, Pattern pattern) {
        return new Layer(voice, pattern, NoteValue.ZERO, Reset.NEVER, List.of());
    }

    public Layer by(Voice newVoice) {
        return new Layer(newVoice, pattern, offset, reset, moves);
    }

    public Layer playing(Pattern newPattern) {
        return new Layer(voice, newPattern, offset, reset, moves);
    }

    public Layer from(NoteValue newOffset) {
        return new Layer(voice, pattern, newOffset, reset, moves);
    }

    public Layer resetting(Reset newReset) {
        return new Layer(voice, pattern, offset, newReset, moves);
    }

    public Layer moved(List<Move> newMoves) {
        return new Layer(voice, pattern, offset, reset, newMoves);
    }
}
