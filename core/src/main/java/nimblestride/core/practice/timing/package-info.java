/**
 * How early or late each hit is, and what to work on. Begin with {@link nimblestride.core.practice.timing.Timing}.
 */
package nimblestride.core.practice.timing;
