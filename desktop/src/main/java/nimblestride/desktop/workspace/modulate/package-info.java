/** The Shift bench: metric modulation, there and back, and the sections it leads through. */
package nimblestride.desktop.workspace.modulate;
