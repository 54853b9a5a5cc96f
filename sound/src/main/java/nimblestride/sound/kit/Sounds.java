package nimblestride.sound.kit;

/** The sounds of a kit, a click, and a band, at whatever sample rate a sound card takes. */
@FunctionalInterface
public interface Sounds {
    /** Returns the sounds at a rate, in samples per second. */
    SampleSet at(int sampleRate);
}
