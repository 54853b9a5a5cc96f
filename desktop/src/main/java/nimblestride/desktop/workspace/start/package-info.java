/**
 * The start page: a card for each job, the last exercises, and today's practice. Begin with {@link
 * nimblestride.desktop.workspace.start.StartPane}.
 */
package nimblestride.desktop.workspace.start;
