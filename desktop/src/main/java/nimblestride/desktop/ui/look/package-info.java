/** Colours, faces and marks: chart paper by day, a dim stage by night. */
package nimblestride.desktop.ui.look;
