/**
 * Holds the look of the program and its shared controls. Depends on {@code async} and {@code document}. Begin with
 * {@link nimblestride.desktop.ui.look.Palette}.
 */
package nimblestride.desktop.ui;
