/**
 * Holds what every other package stands on: failures that can be explained, exact whole numbers, and safe words.
 * Depends on nothing but the JDK. Begin with {@link nimblestride.core.foundation.failure.StrideException}.
 */
package nimblestride.core.foundation;
