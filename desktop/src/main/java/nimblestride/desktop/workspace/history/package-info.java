/**
 * What the Book keeps of earlier times: the states of an exercise, and what was removed. Begin with {@link
 * nimblestride.desktop.workspace.history.HistoryPane}.
 */
package nimblestride.desktop.workspace.history;
