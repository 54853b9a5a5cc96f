/**
 * The open Book: watched, read from old folders, and exported as files. Begin with {@link
 * nimblestride.desktop.document.library.OpenBook}.
 */
package nimblestride.desktop.document.library;
