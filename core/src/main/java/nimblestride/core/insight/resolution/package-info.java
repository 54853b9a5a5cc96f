/** Every way to make a riff fit its bars. Begin with {@link nimblestride.core.insight.resolution.Resolutions}. */
package nimblestride.core.insight.resolution;
