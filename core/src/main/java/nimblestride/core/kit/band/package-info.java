/** Something to play against: a simple stand-in band, generated in any key. */
package nimblestride.core.kit.band;
