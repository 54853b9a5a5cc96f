/**
 * Finds the facts of an exercise, where each shows on the Road, and what would fix it. Begin with {@link
 * nimblestride.core.insight.finding.Findings}.
 */
package nimblestride.core.insight.finding;
