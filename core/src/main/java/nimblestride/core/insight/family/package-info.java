/**
 * Sets of exercises made from one: displaced, without accents, in other meters, with an implied modulation. Begin with
 * {@link nimblestride.core.insight.family.Family}.
 */
package nimblestride.core.insight.family;
