/** Facts about an exercise, as values without words. Begin with {@link nimblestride.core.insight.fact.FactKind}. */
package nimblestride.core.insight.fact;
