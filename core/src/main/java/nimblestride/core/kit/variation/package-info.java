/**
 * Every variation of a sticking: keep one part, change the other, in any order. Begin with {@link
 * nimblestride.core.kit.variation.StickingVariations}.
 */
package nimblestride.core.kit.variation;
