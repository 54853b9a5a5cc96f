/** Limits for ears, cautions, and breaks. Begin with {@link nimblestride.core.practice.care.NoiseExposure}. */
package nimblestride.core.practice.care;
