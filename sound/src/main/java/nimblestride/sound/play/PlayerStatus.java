package nimblestride.sound.play;

/**
 * How playing goes.
 *
 * @param output what it plays through
 * @param heard whether anything can be heard through it
 * @param milliseconds how long a sample is on its way from the program to the output's end, as the output tells it
 * @param gaps how often the sound broke off because nothing was there to be played
 * @param lost how many outputs have gone away while it played
 */
public record PlayerStatus(String output, boolean heard, long milliseconds, long gaps, int lost) {}
