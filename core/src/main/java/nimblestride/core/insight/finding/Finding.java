package nimblestride.core.insight.finding;

import java.util.List;
import java.util.Locale;
import java.util.Objects;
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
 * @param bars the bars its sentence names, each with its place
 * @param isBehindMore whether it waits behind More until somebody asks
 * @param details more facts about the same thing, shown when somebody asks
 */
public record Finding(
        Fact fact,
        Optional<Place> place,
        Optional<Fix> fix,
        List<BarLink> bars,
        boolean isBehindMore,
        Details details) {
    public Finding {
        bars = List.copyOf(bars);
    }

    // By hand, so that details are compared last: what Java builds begins with them, and they would be found for it.
    @Override
    public boolean equals(Object other) {
        return other instanceof Finding finding
                && fact.equals(finding.fact)
                && place.equals(finding.place)
                && fix.equals(finding.fix)
                && bars.equals(finding.bars)
                && isBehindMore == finding.isBehindMore
                && details.equals(finding.details);
    }

    @Override
    public int hashCode() {
        return Objects.hash(fact, place, fix, bars, isBehindMore);
    }

    /** Makes a finding that shows at once, or behind More, by its category. */
    public Finding(Fact fact, Optional<Place> place, Optional<Fix> fix) {
        this(fact, place, fix, List.of(), fact.kind().category().isBehindMore(), Details.NONE);
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
    Finding with(Details newDetails, List<BarLink> newBars) {
        return new Finding(fact, place, fix, newBars, isBehindMore, newDetails);
    }

    /** Returns it behind More. */
    Finding behindMore() {
        return new Finding(fact, place, fix, bars, true, details);
    }

    /** Returns where it stands in order. */
    public Category category() {
        return fact.kind().category();
    }

    /** Returns the name of its kind in reports: small letters and hyphens. */
    public String code() {
        return fact.kind().code();
    }

    /** Returns it in words, which are put together each time; what is so and how it works out begin with a capital. */
    public Wording.Words words() {
        Wording.Words words = Wording.of(fact);
        return new Wording.Words(capital(words.sentence()), capital(words.sum()), words.fractions());
    }

    /** Returns what is so, as {@link #words} does. */
    public String sentence() {
        return words().sentence();
    }

    /** Returns how it works out, as {@link #words} does; empty where there is nothing to work out. */
    public String sum() {
        return words().sum();
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
