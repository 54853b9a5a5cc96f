/**
 * Numbers in words, and text that is safe to show anywhere. Begin with {@link
 * nimblestride.core.foundation.words.Counted} and {@link nimblestride.core.foundation.words.PlainText}.
 */
package nimblestride.core.foundation.words;
