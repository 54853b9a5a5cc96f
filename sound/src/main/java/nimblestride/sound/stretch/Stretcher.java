package nimblestride.sound.stretch;

/**
 * Plays a recording along a course without change of pitch: short parts of it overlap where they are most alike (WSOLA:
 * W. Verhelst and M. Roelands, ICASSP 1993, from memory). Around attacks it plays the recording as it is. Not safe for
 * several threads.
 */
public final class Stretcher {
    /** Half the length of a part, in seconds. */
    private static final double HOP_SECONDS = 0.012;
    /** How far from its place a part may come, in seconds: half a period of the lowest tones. */
    private static final double SEARCH_SECONDS = 0.010;
    /** How long an attack is, in seconds. */
    private static final double ATTACK_SECONDS = 0.008;

    /** The first look at how alike two parts are takes every so many samples. */
    private static final int COARSE = 8;

    private static final double SILENT = 1e-9;

    private final SourceSamples source;
    private final AttackZones zones;
    private final int hop;
    private final int search;
    private final float[] fade;
    private final float[] natural;
    private final float[] around;
    private final float[] ready;
    private long frame;
    private int used;
    private long place;
    private boolean begun;

    /**
     * Creates a stretcher.
     *
     * @param attacks in samples of the recording, in order
     * @param begin the first frame
     * @param sampleRate of the recording, in samples per second
     */
    public Stretcher(SourceSamples source, StretchCourse course, double[] attacks, long begin, int sampleRate) {
        this.source = source;
        this.hop = (int) Math.round(HOP_SECONDS * sampleRate);
        this.search = (int) Math.round(SEARCH_SECONDS * sampleRate);
        this.zones = new AttackZones(course, attacks, 2.0 * hop, ATTACK_SECONDS * sampleRate);
        this.frame = begin;
        this.fade = new float[hop];
        for (int i = 0; i < hop; i++) {
            fade[i] = (float) (0.5 - 0.5 * StrictMath.cos(Math.PI * (i + 0.5) / hop));
        }
        this.natural = new float[hop];
        this.around = new float[hop + 2 * search];
        this.ready = new float[hop];
        this.used = hop;
    }

    /** Returns the next sample. */
    public float next() {
        if (used == hop) {
            step();
            used = 0;
        }
        float sample = ready[used];
        used++;
        return sample;
    }

    /** Makes the samples of one hop: the part before fades out, and the next one fades in. */
    private void step() {
        double wanted = zones.sourceAt((double) frame);
        if (!begun) {
            begun = true;
            place = Math.round(wanted);
            for (int i = 0; i < hop; i++) {
                ready[i] = source.at(place + i);
            }
        } else {
            long goesOn = place + hop;
            long next = placeOf(wanted, goesOn);
            for (int i = 0; i < hop; i++) {
                ready[i] = next == goesOn
                        ? source.at(goesOn + i)
                        : (1 - fade[i]) * source.at(goesOn + i) + fade[i] * source.at(next + i);
            }
            place = next;
        }
        frame += hop;
    }

    private long placeOf(double wanted, long goesOn) {
        long exact = Math.round(wanted);
        if (Math.abs(wanted - goesOn) < 1) {
            return goesOn;
        }
        return zones.isIn((double) frame) ? exact : mostAlike(exact, goesOn);
    }

    /** Returns the place near another from which the recording goes on most as it would have. */
    private long mostAlike(long near, long goesOn) {
        for (int i = 0; i < hop; i++) {
            natural[i] = source.at(goesOn + i);
        }
        for (int i = 0; i < around.length; i++) {
            around[i] = source.at(near - search + i);
        }
        long start = near - search;
        int from = (int) Math.max(0, zones.earliest((double) frame) - start);
        int to = (int) Math.min(2.0 * search, zones.latest((double) frame) - start);
        if (from >= to) {
            return start + Math.max(0, Math.min(to, search));
        }
        int best = best(from, to, COARSE, COARSE, Math.max(from, Math.min(to, search)));
        return start + best(Math.max(from, best - COARSE), Math.min(to, best + COARSE), 1, 2, best);
    }

    private int best(int from, int to, int step, int sparse, int otherwise) {
        int best = otherwise;
        double most = 0;
        for (int shift = from; shift <= to; shift += step) {
            double product = 0;
            double energy = SILENT;
            for (int i = 0; i < hop; i += sparse) {
                double other = around[shift + i];
                product += natural[i] * other;
                energy += other * other;
            }
            double alike = product / Math.sqrt(energy);
            if (alike > most) {
                most = alike;
                best = shift;
            }
        }
        return best;
    }
}
