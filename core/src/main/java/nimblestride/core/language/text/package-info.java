/** The typed language, read and written: bars, layers, values and tempo. What is written reads back as the same thing. */
package nimblestride.core.language.text;
