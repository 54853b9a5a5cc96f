package nimblestride.desktop.road;

/**
 * How high what is on the Road stands, in pixels from its top.
 *
 * @param ground where the ground line runs
 * @param steepness how high a stride rises for its width
 */
record Contour(double ground, double steepness) {
    /** Left of the first moment, where lanes are named. */
    static final double GUTTER = 106;

    /** How far the Road reaches to the left of its first moment. */
    static final double EDGE = 12;

    /** Where bar lines begin. */
    static final double POST_TOP = 22;

    /** From the top to the highest stride; what is written over the Road ends there. */
    static final double ABOVE_STRIDES = 59;

    /** From the top to the ground line, at the least and at the most. */
    private static final double LEAST_GROUND = 134;

    private static final double MOST_GROUND = 196;
    /** From the ground line to the middle of the first lane. */
    private static final double LANES = 52;
    /** From one lane to the next. */
    private static final double LANE = 30;
    /** How high a stride rises for its width, at the most. */
    private static final double STEEPEST = 0.85;

    static Contour of(RoadPicture picture, Stretch stretch, double height) {
        double lanes = LANES + Math.max(1, picture.lanes().size()) * LANE;
        double ground = Math.max(LEAST_GROUND, Math.min(MOST_GROUND, height - lanes));
        double widest = picture.strides().stream()
                        .mapToDouble(stride -> stride.to() - stride.from())
                        .max()
                        .orElse(1)
                * stretch.scale();
        return new Contour(ground, Math.min(STEEPEST, (ground - ABOVE_STRIDES) / widest));
    }

    /** The least height at which so many lanes have room. */
    static double heightFor(int lanes) {
        return LEAST_GROUND + LANES + Math.max(1, lanes) * LANE;
    }

    /** How high a stride of this width on the screen rises. */
    double rise(double width) {
        return width * steepness;
    }

    /** The middle of a lane. */
    double lane(int lane) {
        return ground + LANES + lane * LANE;
    }
}
