/** What meter something is in: from taps on a key, or from the lengths between its accents. */
package nimblestride.core.time.listening;
