/**
 * Runs work off the interface thread, on one executor. Depends on {@code service}. Begin with {@link
 * nimblestride.desktop.async.LatestOnly} for questions and {@link nimblestride.desktop.async.CommandQueue} for
 * commands.
 */
package nimblestride.desktop.async;
