/**
 * Metric modulation: pivots, exact tempos, chains, and the way back. Begin with {@link
 * nimblestride.core.layer.modulation.Modulation}.
 */
package nimblestride.core.layer.modulation;
