/** Finds hits in recordings. Begin with {@link nimblestride.sound.hits.HitFinder}. */
package nimblestride.sound.hits;
