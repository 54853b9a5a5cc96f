/**
 * Holds what every part of the window may ask for: dialogs, status, navigation, library, and export. Depends on no
 * other package of the desktop; the shell implements it. Begin with {@link
 * nimblestride.desktop.service.WindowServices}.
 */
package nimblestride.desktop.service;
