/**
 * Starts the program: options, the first window, screenshots. Depends on {@code shell} and everything below it. Begin
 * with {@link nimblestride.desktop.app.Main}.
 */
package nimblestride.desktop.app;
