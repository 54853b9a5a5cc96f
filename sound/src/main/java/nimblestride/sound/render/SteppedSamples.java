package nimblestride.sound.render;

import nimblestride.sound.stretch.SourceSamples;

/**
 * Samples at another rate, by a curve through four neighbors (cubic Hermite).
 *
 * @param ratio how many samples of the source one of these is
 */
record SteppedSamples(SourceSamples source, double ratio) implements SourceSamples {
    @Override
    public float at(long index) {
        double place = index * ratio;
        long before = (long) Math.floor(place);
        float share = (float) (place - before);
        float a = source.at(before - 1);
        float b = source.at(before);
        float c = source.at(before + 1);
        float d = source.at(before + 2);
        float slopeB = (c - a) / 2;
        float slopeC = (d - b) / 2;
        float cubic = 2 * b - 2 * c + slopeB + slopeC;
        float square = -3 * b + 3 * c - 2 * slopeB - slopeC;
        return ((cubic * share + square) * share + slopeB) * share + b;
    }
}
