/**
 * Puts played hits on the simplest grid that explains them. Begin with {@link
 * nimblestride.core.transcription.quantizing.Quantizer}.
 */
package nimblestride.core.transcription.quantizing;
