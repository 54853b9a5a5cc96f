/** Meters, groupings, bars and phrases, and how a place in the bar is said. */
package nimblestride.core.time.meter;
