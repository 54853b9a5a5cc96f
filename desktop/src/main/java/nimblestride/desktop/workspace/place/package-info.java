/** The Place bench: voices on counts, stickings, and what the hands must do. */
package nimblestride.desktop.workspace.place;
