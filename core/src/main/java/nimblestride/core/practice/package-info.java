/**
 * Holds practicing: what to play in each stage, timing, the log, students, and care for ears and hands. Depends on
 * {@code exercise} and the parents before it. Begin with {@link nimblestride.core.practice.journal.PracticeSession}.
 */
package nimblestride.core.practice;
