/** The bench for what runs across the bar line: layers are added, changed and removed here. */
package nimblestride.desktop.workspace.cross;
