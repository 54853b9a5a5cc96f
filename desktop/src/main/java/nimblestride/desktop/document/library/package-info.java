/**
 * The open Book: every edit saved, changes that can be undone, read from old folders, and exported as files. Begin with
 * {@link nimblestride.desktop.document.library.OpenBook}.
 */
package nimblestride.desktop.document.library;
