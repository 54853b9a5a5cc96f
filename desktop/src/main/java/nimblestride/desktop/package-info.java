/**
 * Holds the program with a window. Depends on every other module but {@code terminal}. Begin with {@link
 * nimblestride.desktop.app.Main}, then {@link nimblestride.desktop.shell.MainWindow}.
 */
package nimblestride.desktop;
