/**
 * The Book pane: exercises found as you type, collections, and tags. Begin with {@link
 * nimblestride.desktop.workspace.book.BookPane}.
 */
package nimblestride.desktop.workspace.book;
