/** What the program knows about an exercise, in sentences with their sums. */
package nimblestride.core.insight.finding;
