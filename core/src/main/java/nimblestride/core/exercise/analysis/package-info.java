/**
 * Everything that follows from an exercise: realignment, meetings, and the time each section takes. Begin with {@link
 * nimblestride.core.exercise.analysis.Analysis}.
 */
package nimblestride.core.exercise.analysis;
