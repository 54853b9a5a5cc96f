/** Fields in which the typed language is written, answering at each keystroke. */
package nimblestride.desktop.ui.field;
