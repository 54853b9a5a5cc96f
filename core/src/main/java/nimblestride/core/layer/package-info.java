/**
 * Holds what runs across the bar line, and what it does there: alignment, crossing, modulation, limbs. Depends on
 * {@code kit}, {@code time}, and {@code foundation}. Begin with {@link nimblestride.core.layer.pattern.Layer}, then
 * {@link nimblestride.core.layer.alignment.Alignment}.
 */
package nimblestride.core.layer;
