package nimblestride.core.transcription.source;

/** Where the bars of a transcription come from. */
public enum MeterSource {
    /** They are written. */
    WRITTEN,
    /** They are 4/4 throughout, which is what programs write where nobody has said anything. */
    USUAL,
    /** None are named; 4/4 stands in for them. */
    NONE
}
