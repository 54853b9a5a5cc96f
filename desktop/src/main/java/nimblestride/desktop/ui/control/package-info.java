/**
 * Small controls and layouts that never cut off their text. Begin with {@link
 * nimblestride.desktop.ui.control.ControlTip}.
 */
package nimblestride.desktop.ui.control;
