/**
 * Holds the typed language, which is read and printed here, and the search words. Depends on {@code practice}, {@code
 * exercise}, and the parents before them. Begin with {@link nimblestride.core.language.text.BarsText}.
 */
package nimblestride.core.language;
