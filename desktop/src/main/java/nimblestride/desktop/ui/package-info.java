/**
 * Holds the look of the program and its shared controls. Depends on {@code document}, {@code async}, and {@code
 * service}. Begin with {@link nimblestride.desktop.ui.look.Palette}.
 */
package nimblestride.desktop.ui;
