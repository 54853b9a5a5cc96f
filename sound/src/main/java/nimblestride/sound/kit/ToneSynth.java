package nimblestride.sound.kit;

import java.util.SplittableRandom;

/** Makes decaying tones and noise; lengths in seconds, frequencies in hertz, levels from 0 to 1. */
final class ToneSynth {
    /** A sound ends when it has fallen to a thousandth (60 dB) of its start. */
    private static final double FALL = Math.log(1000);

    private static final double ATTACK = 0.0008;

    private final int sampleRate;
    private final long seed;

    /** @param seed of its noise: another seed is another stroke on the same thing */
    ToneSynth(int sampleRate, long seed) {
        this.sampleRate = sampleRate;
        this.seed = seed;
    }

    /** Makes a drumhead: a tone that falls in pitch as it fades. */
    Sample swept(double from, double to, double seconds, double level) {
        float[] samples = silence(seconds);
        double phase = 0;
        for (int i = 0; i < samples.length; i++) {
            double time = (double) i / sampleRate;
            phase += 2 * Math.PI * (to + (from - to) * Math.exp(-time * 30)) / sampleRate;
            samples[i] = (float) (level * envelope(time, seconds) * Math.sin(phase));
        }
        return new Sample(samples);
    }

    /** Makes wood or metal: tones that fade together. */
    Sample partials(double seconds, double level, double... frequencies) {
        float[] samples = silence(seconds);
        for (int i = 0; i < samples.length; i++) {
            double time = (double) i / sampleRate;
            double sum = 0;
            for (double frequency : frequencies) {
                sum += Math.sin(2 * Math.PI * frequency * time);
            }
            samples[i] = (float) (level * envelope(time, seconds) * sum / frequencies.length);
        }
        return new Sample(samples);
    }

    /**
     * Returns a noise, such as a rustle or a cymbal.
     *
     * @param brightness the higher, the fewer lows remain
     */
    Sample noise(double seconds, double level, double brightness) {
        float[] samples = silence(seconds);
        SplittableRandom random = new SplittableRandom(seed * 1_000_003 + samples.length);
        double lows = 0;
        for (int i = 0; i < samples.length; i++) {
            double white = random.nextDouble(-1, 1);
            lows += (1 - brightness * 0.6) * (white - lows);
            double sample = white - brightness * lows;
            samples[i] = (float) (level * envelope((double) i / sampleRate, seconds) * sample);
        }
        return new Sample(samples);
    }

    /**
     * Returns a plucked and then held tone, whose harmonics each fade to what remains at the end.
     *
     * @param frequency of the lowest harmonic; adjusted slightly so that the held part loops without a seam
     * @param strengths of the harmonics, the lowest first
     * @param held share of them that remains while it is held, from 0 to 1
     */
    Sample held(double frequency, double level, double held, double... strengths) {
        int cycles = (int) Math.max(8, Math.round(frequency / 4));
        int repeated = (int) Math.round(cycles * sampleRate / frequency);
        int plucked = (int) Math.round(sampleRate * 2.0 / repeated) * repeated;
        float[] samples = new float[plucked + repeated];
        double sum = 0;
        for (double strength : strengths) {
            sum += strength;
        }
        for (int harmonic = 1; harmonic <= strengths.length; harmonic++) {
            double step = 2 * Math.PI * harmonic * cycles / repeated;
            double share = level * strengths[harmonic - 1] / sum;
            for (int i = 0; i < samples.length; i++) {
                double gone = Math.min(1, (double) i / plucked);
                double left = held + (1 - held) * Math.exp(-FALL * gone * harmonic / 2) * (1 - gone);
                double attack = Math.min(1, i / (0.004 * sampleRate));
                samples[i] += (float) (share * attack * left * Math.sin(step * i));
            }
        }
        return new Sample(samples).heldFrom(plucked);
    }

    /** Returns two sounds mixed. */
    static Sample mixed(Sample one, Sample other) {
        float[] sum = new float[Math.max(one.length(), other.length())];
        for (int i = 0; i < sum.length; i++) {
            sum[i] = one.after(i) + other.after(i);
        }
        return new Sample(sum);
    }

    private float[] silence(double seconds) {
        return new float[(int) Math.ceil(seconds * sampleRate)];
    }

    private static double envelope(double time, double seconds) {
        return Math.min(1, time / ATTACK) * Math.exp(-FALL * time / seconds);
    }
}
