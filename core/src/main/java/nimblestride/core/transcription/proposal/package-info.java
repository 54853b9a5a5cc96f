/**
 * Proposes what a transcription can become, and builds the exercise from the proposals taken. Begin with {@link
 * nimblestride.core.transcription.proposal.Arrangement}.
 */
package nimblestride.core.transcription.proposal;
