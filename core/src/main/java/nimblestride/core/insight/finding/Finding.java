package nimblestride.core.insight.finding;

import java.util.Locale;
import java.util.Optional;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.insight.fact.Category;
import nimblestride.core.insight.fact.Fact;
import nimblestride.core.insight.fact.Remedy;
import nimblestride.core.insight.wording.RemedyWording;
import nimblestride.core.insight.wording.Wording;
import nimblestride.core.time.value.NoteValue;

/**
 * A fact about an exercise, where it shows, and what would fix it. Its words come from {@link Wording}.
 *
 * @param fact what is so, as values
 * @param place where on the Road it shows
 * @param fix the change that would fix it
 */
public record Finding(Fact fact, Optional<Place> place, Optional<Fix> fix) {
    /** Makes a finding without a fix. */
    static Finding at(int layer, NoteValue at, Fact fact) {
        return new Finding(fact, Optional.of(new Place(layer, at)), Optional.empty());
    }

    /** Makes a finding that shows nowhere on the Road, without a fix. */
    static Finding of(Fact fact) {
        return new Finding(fact, Optional.empty(), Optional.empty());
    }

    /** Returns where it stands in order. */
    public Category category() {
        return fact.kind().category();
    }

    /** Returns the name of its kind in reports: small letters and hyphens. */
    public String code() {
        return fact.kind().code();
    }

    /** Returns what is so, in words that begin with a capital. */
    public String sentence() {
        return capital(Wording.of(fact).sentence());
    }

    /** Returns how it works out, in words; empty where there is nothing to work out. */
    public String sum() {
        return capital(Wording.of(fact).sum());
    }

    private static String capital(String sentence) {
        int first = Math.min(1, sentence.length());
        return sentence.substring(0, first).toUpperCase(Locale.ROOT) + sentence.substring(first);
    }

    /**
     * A place on the Road.
     *
     * @param layer the layer it is about, from 0; -1 for the phrase itself
     * @param at from the first beginning of the phrase
     */
    public record Place(int layer, NoteValue at) {}

    /**
     * A change that fixes what does not add up.
     *
     * @param remedy what it does
     * @param fixed the exercise after it
     */
    public record Fix(Remedy remedy, Exercise fixed) {
        /** Returns what its button says. */
        public String label() {
            return RemedyWording.of(remedy);
        }
    }
}
