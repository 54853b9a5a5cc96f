/** Filters that run over samples. Begin with {@link nimblestride.sound.filter.Biquad}. */
package nimblestride.sound.filter;
