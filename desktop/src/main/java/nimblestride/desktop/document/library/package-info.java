/** The Book: a folder of exercises, and the sample one that ships with the program. */
package nimblestride.desktop.document.library;
