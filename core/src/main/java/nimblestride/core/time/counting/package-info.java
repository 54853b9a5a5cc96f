/** How a bar is counted aloud, in the schools that differ. */
package nimblestride.core.time.counting;
