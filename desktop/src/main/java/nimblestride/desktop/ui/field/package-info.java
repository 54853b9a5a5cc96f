/**
 * Text fields for the typed language, which answer at each keystroke. Begin with {@link
 * nimblestride.desktop.ui.field.TypedField}.
 */
package nimblestride.desktop.ui.field;
