package nimblestride.sound.play;

/**
 * How playing goes.
 *
 * @param output what it plays through
 * @param heard whether anything can be heard through it
 * @param milliseconds how long a sample takes from the program to the output's end, as the output says
 * @param sampleRate samples per second
 * @param buffer how many samples the output takes ahead
 * @param gaps how often the sound broke off because nothing was ready
 * @param lost how many outputs went away while it played
 */
public record PlayerStatus(
        String output, boolean heard, long milliseconds, int sampleRate, int buffer, long gaps, int lost) {}
