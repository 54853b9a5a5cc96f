package nimblestride.core.insight.finding;

import java.util.List;
import java.util.function.Supplier;
import nimblestride.core.insight.fact.Fact;

/** More facts about a finding, worked out when somebody first asks for them. */
public final class Details {
    /** For a finding about which there is no more to say. */
    public static final Details NONE = new Details(List::of);

    private final Supplier<List<Fact>> source;
    /** Threads that ask at once work out the same. */
    private List<Fact> facts;

    private Details(Supplier<List<Fact>> source) {
        this.source = source;
    }

    /** Returns details that are still to be found. */
    static Details foundBy(Supplier<List<Fact>> source) {
        return new Details(source);
    }

    /** Returns whether nobody can ask for any. */
    public boolean isNone() {
        return this == NONE;
    }

    /** Returns the facts, in the order a player asks. */
    public List<Fact> facts() {
        List<Fact> found = facts;
        if (found == null) {
            found = List.copyOf(source.get());
            facts = found;
        }
        return found;
    }

    @Override
    public boolean equals(Object other) {
        return this == other || (other instanceof Details details && facts().equals(details.facts()));
    }

    @Override
    public int hashCode() {
        return facts().hashCode();
    }
}
