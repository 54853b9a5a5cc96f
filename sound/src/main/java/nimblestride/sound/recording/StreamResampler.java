package nimblestride.sound.recording;

/**
 * Plays a stream of samples at another rate, block by block, with the same filter as whole recordings; it comes out a
 * moment later, by half the length of the filter. It allocates nothing while it runs. Not safe for several threads.
 */
public final class StreamResampler {
    private final Resampler filter;
    /** The samples that the filter still needs, and those of a block. */
    private final float[] kept;

    private int count;
    /** The place of the next sample that comes out, in parts between two samples that go in. */
    private long place;

    /**
     * @param from samples per second that go in
     * @param to samples per second that come out
     * @param most samples that go in at a time
     */
    public StreamResampler(int from, int to, int most) {
        filter = Resampler.between(from, to);
        kept = new float[2 * filter.reach() + most];
        count = filter.reach() - 1;
    }

    /** Returns the most samples that can come out of a number of them. */
    public int most(int in) {
        return (int) ((long) (in + 1) * filter.places() / filter.step()) + 1;
    }

    /**
     * Puts in samples, and gets what comes out.
     *
     * @param out has room for {@link #most} samples
     * @return how many came out
     */
    public int resample(float[] in, int length, float[] out) {
        System.arraycopy(in, 0, kept, count, length);
        count += length;
        int made = 0;
        while (place / filter.places() + 2L * filter.reach() <= count) {
            out[made++] = filter.at(kept, (int) (place / filter.places()), (int) (place % filter.places()));
            place += filter.step();
        }
        int done = (int) Math.min(count, place / filter.places());
        System.arraycopy(kept, done, kept, 0, count - done);
        count -= done;
        place -= (long) done * filter.places();
        return made;
    }
}
