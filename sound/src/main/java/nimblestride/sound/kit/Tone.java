package nimblestride.sound.kit;

import java.util.SplittableRandom;

/** Decaying tones and noise; lengths in seconds, frequencies in hertz, levels from 0 to 1. */
final class Tone {
    /** A sound ends when it has fallen to a thousandth, 60 dB, of its beginning. */
    private static final double FALL = Math.log(1000);

    private static final double ATTACK = 0.0008;

    private final int sampleRate;

    Tone(int sampleRate) {
        this.sampleRate = sampleRate;
    }

    /** A struck skin: a tone that falls in pitch as it fades. */
    Sound swept(double from, double to, double seconds, double level) {
        float[] samples = silence(seconds);
        double phase = 0;
        for (int i = 0; i < samples.length; i++) {
            double time = (double) i / sampleRate;
            phase += 2 * Math.PI * (to + (from - to) * Math.exp(-time * 30)) / sampleRate;
            samples[i] = (float) (level * envelope(time, seconds) * Math.sin(phase));
        }
        return new Sound(samples);
    }

    /** Struck wood or metal: tones that fade together. */
    Sound partials(double seconds, double level, double... frequencies) {
        float[] samples = silence(seconds);
        for (int i = 0; i < samples.length; i++) {
            double time = (double) i / sampleRate;
            double sum = 0;
            for (double frequency : frequencies) {
                sum += Math.sin(2 * Math.PI * frequency * time);
            }
            samples[i] = (float) (level * envelope(time, seconds) * sum / frequencies.length);
        }
        return new Sound(samples);
    }

    /** A rustle or a cymbal: noise, the brighter the less of its lows is left. */
    Sound noise(double seconds, double level, double brightness) {
        float[] samples = silence(seconds);
        SplittableRandom random = new SplittableRandom(samples.length);
        double lows = 0;
        for (int i = 0; i < samples.length; i++) {
            double white = random.nextDouble(-1, 1);
            lows += (1 - brightness * 0.6) * (white - lows);
            double sample = white - brightness * lows;
            samples[i] = (float) (level * envelope((double) i / sampleRate, seconds) * sample);
        }
        return new Sound(samples);
    }

    /** Two sounds at once. */
    static Sound mixed(Sound one, Sound other) {
        float[] sum = new float[Math.max(one.length(), other.length())];
        for (int i = 0; i < sum.length; i++) {
            sum[i] = (i < one.length() ? one.at(i) : 0) + (i < other.length() ? other.at(i) : 0);
        }
        return new Sound(sum);
    }

    private float[] silence(double seconds) {
        return new float[(int) Math.ceil(seconds * sampleRate)];
    }

    private static double envelope(double time, double seconds) {
        return Math.min(1, time / ATTACK) * Math.exp(-FALL * time / seconds);
    }
}
