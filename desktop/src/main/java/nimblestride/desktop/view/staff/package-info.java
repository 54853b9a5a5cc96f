/** Drawings of music on the screen and on the printer. */
package nimblestride.desktop.view.staff;
