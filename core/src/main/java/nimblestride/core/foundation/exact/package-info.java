/**
 * Whole-number arithmetic that throws instead of wrapping around. Begin with {@link
 * nimblestride.core.foundation.exact.ExactMath}.
 */
package nimblestride.core.foundation.exact;
