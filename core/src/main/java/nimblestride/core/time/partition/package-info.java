/**
 * Lists of whole numbers that fill a length: how many there are, and the best first without building the rest. Begin
 * with {@link nimblestride.core.time.partition.Partitions}.
 */
package nimblestride.core.time.partition;
