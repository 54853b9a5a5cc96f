/** Work off the interface thread. Begin with {@link nimblestride.desktop.async.CommandQueue}. */
package nimblestride.desktop.async;
