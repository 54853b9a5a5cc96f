/** Ways to group and feel a bar, the easiest first. Begin with {@link nimblestride.core.time.reading.Readings}. */
package nimblestride.core.time.reading;
