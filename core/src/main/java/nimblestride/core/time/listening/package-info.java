/**
 * Finds the meter of something tapped, or typed as the lengths between accents. Begin with {@link
 * nimblestride.core.time.listening.Listening}.
 */
package nimblestride.core.time.listening;
