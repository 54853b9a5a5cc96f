package nimblestride.desktop.findings;

import java.util.function.DoubleUnaryOperator;

/** How high something is at a width: long to measure and asked for again and again, and so kept for the width last asked for. */
final class KeptHeight {
    private double measuredFor = Double.NaN;
    private double measured;

    double at(double width, DoubleUnaryOperator measure) {
        if (measuredFor != width) {
            measured = measure.applyAsDouble(width);
            measuredFor = width;
        }
        return measured;
    }

    /** Something has changed, and it is to be measured anew. */
    void forget() {
        measuredFor = Double.NaN;
    }
}
