package nimblestride.core.insight.fact;

/**
 * The bars a fact is about.
 *
 * @param bars how many, from the first on
 * @param isAll whether the phrase has no more bars than these
 */
public record LookedAt(long bars, boolean isAll) {}
