/**
 * Holds what the program says about an exercise: findings, resolutions, families, and the glossary. Depends on {@code
 * exercise} and the parents before it. Begin with {@link nimblestride.core.insight.finding.Findings}.
 */
package nimblestride.core.insight;
