/**
 * The words for facts: one class for each kind, so that one screen shows all of its sentences. Begin with {@link
 * nimblestride.core.insight.wording.Wording}.
 */
package nimblestride.core.insight.wording;
