/** What the program knows about the exercise, in sentences. */
package nimblestride.desktop.workspace.findings;
