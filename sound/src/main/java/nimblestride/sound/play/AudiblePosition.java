package nimblestride.sound.play;

/**
 * What is heard now.
 *
 * @param section of the exercise, from 0
 * @param moment in whole notes from the beginning of that section; for drawing only
 */
public record AudiblePosition(int section, double moment) {}
