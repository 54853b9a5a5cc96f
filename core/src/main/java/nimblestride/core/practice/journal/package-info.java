/**
 * The practice log: minutes, tempos, what stays hard, and what to do today. Begin with {@link
 * nimblestride.core.practice.journal.LogEntry}.
 */
package nimblestride.core.practice.journal;
