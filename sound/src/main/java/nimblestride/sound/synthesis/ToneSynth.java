package nimblestride.sound.synthesis;

import java.util.Arrays;
import java.util.SplittableRandom;
import nimblestride.sound.kit.Sample;

/** Makes tones; lengths in seconds, frequencies in hertz, levels from 0 to 1. */
final class ToneSynth {
    /** A sound ends when it has fallen to a thousandth (60 dB) of its start. */
    private static final double FALL = Math.log(1000);

    private static final double ATTACK = 0.0008;

    private static final double SECONDS_OF_A_STRING = 1.6;
    private static final double PLUCK_LEVEL = 0.5;
    /** An all-pass filter tunes best between a tenth of a sample and somewhat more than one. */
    private static final double SHORTEST_FRACTION = 0.1;

    private final int sampleRate;
    private final long seed;

    /** @param seed of its noise: another seed is another stroke on the same thing */
    ToneSynth(int sampleRate, long seed) {
        this.sampleRate = sampleRate;
        this.seed = seed;
    }

    /** Makes tones that fade together; those too high for the sample rate are left out. */
    Sample partials(double seconds, double level, double... frequencies) {
        float[] samples = silence(seconds);
        for (int i = 0; i < samples.length; i++) {
            double time = (double) i / sampleRate;
            double sum = 0;
            for (double frequency : frequencies) {
                sum += frequency < sampleRate / 2.0 ? Math.sin(2 * Math.PI * frequency * time) : 0;
            }
            samples[i] = (float) (level * envelope(time, seconds) * sum / frequencies.length);
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

    /**
     * Makes a plucked string: a burst of noise that runs round a delay line as long as one period, and is averaged each
     * time (Karplus and Strong, "Digital Synthesis of Plucked-String and Drum Timbres", Computer Music Journal 7:2,
     * 1983). An all-pass filter tunes it between two samples (Jaffe and Smith, "Extensions of the Karplus-Strong
     * Plucked-String Algorithm", in the same issue). Quoted from memory.
     *
     * @param hard from 0, the softest, to 1: a harder pluck is brighter
     */
    Sample plucked(double frequency, double hard) {
        double period = sampleRate / frequency;
        int delay = (int) (period - 0.5 - SHORTEST_FRACTION);
        double fraction = period - 0.5 - delay;
        double tuning = (1 - fraction) / (1 + fraction);
        float[] string = burst(delay, 0.25 + 0.65 * hard);
        double loss = Math.pow(0.001, 1 / (frequency * SECONDS_OF_A_STRING));
        float[] samples = silence(SECONDS_OF_A_STRING);
        double before = 0;
        double averagedBefore = 0;
        double tunedBefore = 0;
        for (int i = 0; i < samples.length; i++) {
            double now = string[i % delay];
            double averaged = loss * (now + before) / 2;
            double tuned = tuning * averaged + averagedBefore - tuning * tunedBefore;
            before = now;
            averagedBefore = averaged;
            tunedBefore = tuned;
            string[i % delay] = (float) tuned;
            double end = Math.min(1, (samples.length - i) / (0.02 * sampleRate));
            samples[i] = (float) (PLUCK_LEVEL * end * Math.min(1, i / (ATTACK * sampleRate)) * now);
        }
        return new Sample(samples);
    }

    /** Returns a burst of noise without a mean, as loud at its peak as 1; the brighter, the less it is smoothed. */
    private float[] burst(int length, double brightness) {
        SplittableRandom random = new SplittableRandom(seed * 1_000_003 + length);
        double[] white = random.doubles(length, -1, 1).toArray();
        double[] smooth = new double[length];
        double last = 0;
        for (int i = 0; i < 2 * length; i++) {
            // The second time round, the end has run into the start.
            last += brightness * (white[i % length] - last);
            smooth[i % length] = last;
        }
        double mean = Arrays.stream(smooth).average().orElse(0);
        double peak = Arrays.stream(smooth)
                .map(sample -> Math.abs(sample - mean))
                .max()
                .orElse(1);
        float[] burst = new float[length];
        for (int i = 0; i < length; i++) {
            burst[i] = (float) ((smooth[i] - mean) / peak);
        }
        return burst;
    }

    private float[] silence(double seconds) {
        return new float[(int) Math.ceil(seconds * sampleRate)];
    }

    private static double envelope(double time, double seconds) {
        return Math.min(1, time / ATTACK) * Math.exp(-FALL * time / seconds);
    }
}
