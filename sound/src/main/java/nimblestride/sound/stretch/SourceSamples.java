package nimblestride.sound.stretch;

/** The samples of a recording, mono, from -1 to 1. */
@FunctionalInterface
public interface SourceSamples {
    /** Returns a sample; 0 before the start and after the end. */
    float at(long index);
}
