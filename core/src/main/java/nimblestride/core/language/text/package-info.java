/**
 * Reads and prints what people type: bars, layers, values, tempos, stickings, log lines. What is printed reads back as
 * the same value. Begin with {@link nimblestride.core.language.text.BarsText}.
 */
package nimblestride.core.language.text;
