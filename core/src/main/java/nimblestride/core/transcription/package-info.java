/**
 * Holds rhythm from outside sources and turns it into exercises. Depends on {@code exercise} and the parents before
 * it. Begin with {@link nimblestride.core.transcription.source.Transcription}, then {@link
 * nimblestride.core.transcription.proposal.Arrangement}.
 */
package nimblestride.core.transcription;
