/** Which lists of whole numbers fill a length: how many there are, and the best first without building the rest. */
package nimblestride.core.time.partition;
