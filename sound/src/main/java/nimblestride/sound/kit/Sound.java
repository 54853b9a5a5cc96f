package nimblestride.sound.kit;

/** A recording that never changes: mono samples, mostly from -1 to 1. */
public final class Sound {
    private final float[] samples;

    /** @param samples are copied */
    public Sound(float... samples) {
        this.samples = samples.clone();
    }

    /** How many samples it has. */
    public int length() {
        return samples.length;
    }

    public float at(int sample) {
        return samples[sample];
    }
}
