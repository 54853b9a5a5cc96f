package nimblestride.benchmarks;

import java.util.Arrays;
import java.util.List;
import java.util.Random;

/** A band beside the kit: a bass and a guitar that pluck with some of the hits, and chords that swell and last a bar. */
final class Band {
    private static final double BASS = 55;
    private static final double GUITAR = 330;
    private static final double CHORD = 165;
    private static final List<Integer> SCALE = List.of(0, 3, 5, 7, 10);
    private static final int HARMONICS = 6;
    private static final double PLUCK = 0.004;
    private static final double SWELL = 0.25;

    private final int sampleRate;
    private final Random random;

    Band(int sampleRate, Random random) {
        this.sampleRate = sampleRate;
        this.random = random;
    }

    /**
     * Plays along.
     *
     * @param samples to play into
     * @param bars when bars start, in seconds
     * @param length of a bar, in seconds
     * @param hits of the kit, in seconds
     */
    void play(float[] samples, List<Double> bars, double length, double[] hits) {
        double kit = loudness(samples);
        for (double bar : bars) {
            int root = SCALE.get(random.nextInt(SCALE.size()));
            for (int third : new int[] {0, 4, 7}) {
                tone(samples, bar, length, pitch(CHORD, root + third), SWELL, length, 0.35 * kit);
            }
        }
        for (double hit : hits) {
            if (random.nextInt(3) == 0) {
                tone(samples, hit, 0.4, pitch(BASS, note()), PLUCK, 0.15, 1.5 * kit);
            }
            if (random.nextInt(4) == 0) {
                tone(samples, hit, 0.5, pitch(GUITAR, note()), PLUCK, 0.2, 1.0 * kit);
            }
        }
    }

    private int note() {
        return SCALE.get(random.nextInt(SCALE.size()));
    }

    private static double pitch(double root, int halfSteps) {
        return root * Math.pow(2, halfSteps / 12.0);
    }

    private static double loudness(float[] samples) {
        double squares = 0;
        for (float sample : samples) {
            squares += sample * sample;
        }
        return Math.sqrt(squares / samples.length);
    }

    private void tone(
            float[] samples, double at, double seconds, double hertz, double attack, double decay, double level) {
        int from = (int) (at * sampleRate);
        int count = Math.min((int) (seconds * sampleRate), samples.length - from);
        double[] phases = new double[HARMONICS];
        Arrays.setAll(phases, i -> 2 * Math.PI * random.nextDouble());
        for (int i = 0; i < count; i++) {
            double time = (double) i / sampleRate;
            double ending = Math.min(1, (seconds - time) / PLUCK);
            double loud = level * Math.min(1, time / attack) * Math.exp(-time / decay) * ending;
            for (int harmonic = 1; harmonic <= HARMONICS; harmonic++) {
                double turn = 2 * Math.PI * hertz * harmonic * time + phases[harmonic - 1];
                samples[from + i] += (float) (loud * Math.sin(turn) / harmonic);
            }
        }
    }
}
