/**
 * Findings as data, each with its kind and its values. Begin with {@link nimblestride.core.insight.finding.Findings}.
 */
package nimblestride.core.insight.finding;
