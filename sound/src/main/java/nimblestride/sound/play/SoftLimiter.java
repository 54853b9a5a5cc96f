package nimblestride.sound.play;

/** Bends what live hits add to a mix that is loud already, at once and without clipping. */
final class SoftLimiter {
    /** Leaves what is softer as it is. */
    private static final float KNEE = 0.98f;

    private SoftLimiter() {}

    /** Brings samples of any size to between -1 and 1. */
    static void limit(float[] block, int frames) {
        for (int i = 0; i < frames; i++) {
            float size = Math.abs(block[i]);
            if (size > KNEE) {
                block[i] = Math.copySign(bent(size), block[i]);
            }
        }
    }

    /**
     * Returns a value that rises ever more slowly from the knee: at first as steeply as the input, and never above 1.
     */
    private static float bent(float size) {
        float over = (size - KNEE) / (1 - KNEE);
        return KNEE + (1 - KNEE) * over / (1 + over);
    }
}
