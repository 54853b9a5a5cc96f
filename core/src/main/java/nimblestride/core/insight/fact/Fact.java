package nimblestride.core.insight.fact;

/** Something the program knows about an exercise, as values without words. */
public sealed interface Fact
        permits LayerFact, CheckFact, CrossingFact, MeetingFact, HandsFact, SectionFact, FillFact, PhraseFact {
    /** Returns what kind of fact it is. */
    FactKind kind();
}
