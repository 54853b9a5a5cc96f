/** A simple backing band in any key. Begin with {@link nimblestride.core.kit.band.BackingBand}. */
package nimblestride.core.kit.band;
