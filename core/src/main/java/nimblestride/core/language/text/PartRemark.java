package nimblestride.core.language.text;

/**
 * What there is to say of a place in a part that somebody writes.
 *
 * @param from where the place begins in the text, from 0
 * @param to its end
 * @param words as a drummer reads them
 * @param wrong whether the part can't be used so; otherwise it asks whether that was meant
 */
public record PartRemark(int from, int to, String words, boolean wrong) {}
