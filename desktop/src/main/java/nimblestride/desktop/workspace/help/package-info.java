/**
 * Help: topics found as you type, with examples to open. Begin with {@link
 * nimblestride.desktop.workspace.help.HelpPane}.
 */
package nimblestride.desktop.workspace.help;
