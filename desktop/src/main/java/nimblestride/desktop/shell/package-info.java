/**
 * The window around it all: heading, menus, keys, status bar, settings. Depends on every other package of the desktop
 * but {@code app}. Begin with {@link nimblestride.desktop.shell.WindowComposition}.
 */
package nimblestride.desktop.shell;
