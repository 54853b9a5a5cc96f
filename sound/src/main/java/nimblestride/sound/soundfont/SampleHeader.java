package nimblestride.sound.soundfont;

/**
 * Where a sample is in the file, and how it was taken.
 *
 * @param start first sample point, counted from the first of the file
 * @param end the sample point after the last
 * @param rate sample points per second
 * @param rootKey MIDI key of its pitch
 * @param cents by which it is to be played higher
 */
record SampleHeader(String name, long start, long end, long rate, int rootKey, int cents) {}
