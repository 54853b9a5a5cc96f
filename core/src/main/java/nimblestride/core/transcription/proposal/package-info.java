/** From rhythm that was brought in to an exercise: what is offered, what is taken, what it becomes. */
package nimblestride.core.transcription.proposal;
