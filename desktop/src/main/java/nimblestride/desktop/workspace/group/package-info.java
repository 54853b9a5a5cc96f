/** The bench for taking a bar apart: its readings, and whether a pattern fills it. */
package nimblestride.desktop.workspace.group;
