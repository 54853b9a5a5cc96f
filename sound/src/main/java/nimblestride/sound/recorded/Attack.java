package nimblestride.sound.recorded;

/**
 * Finds where a recorded stroke is heard, and leaves out what comes before, up to half a millisecond. A foot closes a
 * hi-hat in 15 ms, and a recording of one's own may begin with silence; yet a stroke must be heard on its sample.
 */
final class Attack {
    /** A stroke begins where it reaches this share of its peak. */
    private static final double BEGUN = 0.1;
    /** It is heard where it reaches this share of what it peaks at soon after. */
    private static final double HEARD = 0.6;
    /** How soon, in seconds: a cymbal goes on to swell, and a hi-hat takes some time to close. */
    private static final double SOON = 0.02;
    /** How much is kept before it is heard, in seconds. */
    private static final double BEFORE = 0.0005;
    /** Over how long it fades in, in seconds, so that nothing clicks. */
    private static final double FADE = 0.00027;

    private Attack() {}

    /** Returns a stroke from where it is heard; silence as it is. */
    static float[] heard(float[] all, int sampleRate) {
        float peak = peak(all, 0, all.length);
        if (peak == 0) {
            return all;
        }
        int begun = reaching(BEGUN * peak, all, 0);
        float soon = peak(all, begun, begun + (int) (SOON * sampleRate));
        int heard = reaching(HEARD * soon, all, begun);
        int fade = Math.max(1, (int) (FADE * sampleRate));
        int from = Math.max(0, Math.max(begun - fade, heard - (int) (BEFORE * sampleRate)));
        float[] stroke = new float[all.length - from];
        for (int i = 0; i < stroke.length; i++) {
            stroke[i] = all[from + i] * Math.min(1, (i + 1f) / fade);
        }
        return stroke;
    }

    private static float peak(float[] samples, int from, int to) {
        float peak = Math.abs(samples[from]);
        for (int i = from; i < Math.min(samples.length, to); i++) {
            peak = Math.max(peak, Math.abs(samples[i]));
        }
        return peak;
    }

    /** Returns the first sample from a place on that is as large as asked; one is. */
    private static int reaching(double size, float[] samples, int from) {
        int at = from;
        while (Math.abs(samples[at]) < size) {
            at++;
        }
        return at;
    }
}
