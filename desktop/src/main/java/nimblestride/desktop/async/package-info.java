/** Work off the interface thread. Begin with {@link nimblestride.desktop.async.Commands}. */
package nimblestride.desktop.async;
