package nimblestride.core.insight.finding;

import java.util.List;
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
 * @param details more facts about the same thing, shown when somebody asks
 * @param bars the bars its sentence names, each with its place
 * @param isBehindMore whether it waits behind More until somebody asks
 */
public record Finding(
        Fact fact,
        Optional<Place> place,
        Optional<Fix> fix,
        List<Fact> details,
        List<BarLink> bars,
        boolean isBehindMore) {
    public Finding {
        details = List.copyOf(details);
        bars = List.copyOf(bars);
    }

    /** Makes a finding that shows at once, or behind More, by its category. */
    public Finding(Fact fact, Optional<Place> place, Optional<Fix> fix) {
        this(fact, place, fix, List.of(), List.of(), fact.kind().category().isBehindMore());
    }

    /** Makes a finding without a fix. */
    static Finding at(int layer, NoteValue at, Fact fact) {
        return new Finding(fact, Optional.of(new Place(layer, at)), Optional.empty());
    }

    /** Makes a finding that shows nowhere on the Road, without a fix. */
    static Finding of(Fact fact) {
        return new Finding(fact, Optional.empty(), Optional.empty());
    }

    /** Returns it with facts to show when somebody asks, and links to the bars its sentence names. */
    Finding with(List<Fact> newDetails, List<BarLink> newBars) {
        return new Finding(fact, place, fix, newDetails, newBars, isBehindMore);
    }

    /** Returns it behind More. */
    Finding behindMore() {
        return new Finding(fact, place, fix, details, bars, true);
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

    /** Returns the same sum in fractions of a whole note; empty where the words say it all. */
    public String fractions() {
        return Wording.of(fact).fractions();
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
     * A bar a sentence names.
     *
     * @param label as the sentence writes it: {@code 1,021}
     * @param place its 1 on the Road
     */
    public record BarLink(String label, Place place) {}

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
