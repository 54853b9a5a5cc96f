package nimblestride.core.transcription.recording;

/** Where most of a hit is heard. */
public enum Band {
    /** Below 150 Hz, as kicks are. */
    LOW,
    /** As snares and toms are. */
    MIDDLE,
    /** Above 2.5 kHz, as cymbals are. */
    HIGH
}
