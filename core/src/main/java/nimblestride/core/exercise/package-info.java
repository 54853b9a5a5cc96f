/**
 * Holds the exercise as one immutable value, its edits, its history, and everything computed from it. Depends on
 * {@code layer} and the parents before it. Begin with {@link nimblestride.core.exercise.model.Exercise}, then {@link
 * nimblestride.core.exercise.analysis.Analysis}.
 */
package nimblestride.core.exercise;
