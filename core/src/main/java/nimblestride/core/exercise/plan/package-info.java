/**
 * How to practice an exercise: its stages, its ladder of tempos, time and fill. Begin with {@link
 * nimblestride.core.exercise.plan.PracticePlan}.
 */
package nimblestride.core.exercise.plan;
