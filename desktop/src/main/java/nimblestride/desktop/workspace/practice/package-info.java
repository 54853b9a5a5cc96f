/**
 * The Practice workspace: today, stages, ladder, timing, and the log. Begin with {@link
 * nimblestride.desktop.workspace.practice.PracticeWorkspace}.
 */
package nimblestride.desktop.workspace.practice;
