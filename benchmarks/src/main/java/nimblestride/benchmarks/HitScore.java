package nimblestride.benchmarks;

import java.util.List;

/** How well found hits agree with those that were played: the F-measure within 25 ms. */
final class HitScore {
    private static final double NEAR = 0.025;
    /** Hits nearer to each other than this are one. */
    private static final double TOGETHER = 0.03;

    private double found;
    private double wrong;
    private double missed;

    /** Returns the measure of all that was compared, from 0 to 1; not a number where nothing was. */
    double measure() {
        return 2 * found / (2 * found + wrong + missed);
    }

    /**
     * Compares hits, in seconds.
     *
     * @param played in order
     */
    void compare(double[] played, List<Double> hits) {
        boolean[] taken = new boolean[hits.size()];
        double last = -1;
        for (double at : played) {
            if (at - last <= TOGETHER) {
                continue;
            }
            last = at;
            int nearest = -1;
            for (int i = 0; i < taken.length; i++) {
                double distance = Math.abs(hits.get(i) - at);
                if (!taken[i] && distance <= NEAR && (nearest < 0 || distance < Math.abs(hits.get(nearest) - at))) {
                    nearest = i;
                }
            }
            if (nearest < 0) {
                missed++;
            } else {
                taken[nearest] = true;
                found++;
            }
        }
        for (boolean one : taken) {
            wrong += one ? 0 : 1;
        }
    }
}
