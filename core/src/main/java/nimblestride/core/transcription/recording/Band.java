package nimblestride.core.transcription.recording;

/** Where most of a hit is heard. */
public enum Band {
    /** As kicks are. */
    LOW(43),
    /** As snares and toms are. */
    MIDDLE(150),
    /** As cymbals are. */
    HIGH(2_500);

    private final double fromHertz;

    Band(double fromHertz) {
        this.fromHertz = fromHertz;
    }

    /** Returns the pitch from which it is heard, in hertz. */
    public double fromHertz() {
        return fromHertz;
    }
}
