/** What the voices sound like: synthesised once, then only mixed. */
package nimblestride.sound.kit;
