/**
 * The kit as recorded: five strokes of each sound, from the softest to the hardest, and how one of them becomes the stroke
 * that is heard. Begin with {@link nimblestride.sound.recorded.RecordedKit}.
 */
package nimblestride.sound.recorded;
