/** How an exercise is practised: the stages on the way to it, and the ladder of tempos. */
package nimblestride.core.exercise.plan;
