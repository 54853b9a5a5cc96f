/**
 * Colors, fonts, marks, and the canvas: chart paper by day, a dim stage by night. Begin with {@link
 * nimblestride.desktop.ui.look.Palette}.
 */
package nimblestride.desktop.ui.look;
