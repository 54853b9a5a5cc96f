package nimblestride.core.insight.finding;

import java.util.Locale;
import java.util.Optional;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.time.value.NoteValue;

/**
 * Something the program knows about an exercise. Sentence and sum begin with a capital, whatever they begin with: a
 * voice, a number or a word.
 *
 * @param code what kind of thing it is, in small letters and hyphens
 * @param sentence what is so
 * @param sum how it is worked out; empty where there is nothing to work out
 * @param place where on the Road it shows
 * @param fix the change that would mend it
 */
public record Finding(Kind kind, String code, String sentence, String sum, Optional<Place> place, Optional<Fix> fix) {
    public Finding {
        sentence = capital(sentence);
        sum = capital(sum);
    }

    private static String capital(String sentence) {
        int rest = Math.min(1, sentence.length());
        return sentence.substring(0, rest).toUpperCase(Locale.ROOT) + sentence.substring(rest);
    }

    /** In the order in which findings are told. */
    public enum Kind {
        /** Something does not add up. */
        CHECK,
        /** A layer is back where it began. */
        RETURN,
        /** A layer starts on a bar line. */
        LANDING,
        /** What a reset leaves over. */
        REMAINDER,
        /** What a crossing is called. */
        CROSSING,
        /** How a layer sits bar by bar. */
        BEAT,
        /** Layers coincide. */
        MEETING,
        /** What the hands and feet must do. */
        HANDS,
        /** How long something is. */
        LENGTH
    }

    /**
     * @param layer the layer it is about, from 0; -1 for the phrase itself
     * @param at from the first beginning of the phrase
     */
    public record Place(int layer, NoteValue at) {}

    /**
     * @param label what it does, as a button says it
     * @param mended the exercise after it
     */
    public record Fix(String label, Exercise mended) {}
}
