package nimblestride.desktop.view.road;

/**
 * How high what is on the Road stands, in pixels from its top. Where there is little room, strides are lower and lanes closer, so
 * that all lanes are seen.
 *
 * @param ground where the ground line runs
 * @param steepness how high a stride rises for its width
 * @param firstLane the middle of the first lane
 * @param betweenLanes from one to the next
 */
record RoadLayout(double ground, double steepness, double firstLane, double betweenLanes) {
    /** Left of the first moment, where lanes are named. */
    static final double GUTTER = 106;

    /** How far the Road reaches to the left of its first moment. */
    static final double EDGE = 12;

    /** Where bar lines begin. */
    static final double POST_TOP = 22;

    /** From the top to the highest stride; what is written over the Road ends there. */
    static final double ABOVE_STRIDES = 59;

    /** From the top to the ground line: where room is short, where it is not, and at the most. */
    private static final double MIN_GROUND = 98;

    private static final double GROUND = 134;
    private static final double MAX_GROUND = 196;
    /** From the ground line to the middle of the first lane; the counts are between them. */
    private static final double MIN_TO_LANES = 44;

    private static final double TO_LANES = 52;
    /** The same where between them there is how somebody played. */
    private static final double PLAYED_TO_LANES = 56;
    /** From one lane to the next, where nothing is written under their marks, where hands are, and where there is room. */
    private static final double MIN_LANE = 22;

    private static final double MIN_LETTERED = 28;
    private static final double LANE = 30;
    /** From the middle of the last lane to the end. */
    private static final double BELOW = 22;
    /** How high a stride rises for its width, at the most. */
    private static final double MAX_STEEPNESS = 0.85;

    static RoadLayout of(RoadPicture picture, VisibleRange stretch, LayerLanes lanes, double height) {
        double least = heightFor(lanes);
        double ample = height(lanes, GROUND, toLanes(lanes, TO_LANES), LANE);
        double part = Math.max(0, Math.min(1, (height - least) / (ample - least)));
        double ground = between(MIN_GROUND, GROUND, part) + Math.max(0, Math.min(MAX_GROUND - GROUND, height - ample));
        double widest = picture.strides().stream()
                        .mapToDouble(stride -> stride.to() - stride.from())
                        .max()
                        .orElse(1)
                * stretch.scale();
        return new RoadLayout(
                ground,
                Math.min(MAX_STEEPNESS, (ground - ABOVE_STRIDES) / widest),
                ground + between(toLanes(lanes, MIN_TO_LANES), toLanes(lanes, TO_LANES), part),
                between(leastLane(lanes), LANE, part));
    }

    /** The least height at which all lanes have room. */
    static double heightFor(LayerLanes lanes) {
        return height(lanes, MIN_GROUND, toLanes(lanes, MIN_TO_LANES), leastLane(lanes));
    }

    private static double height(LayerLanes lanes, double ground, double toLanes, double lane) {
        return ground + toLanes + Math.max(0, lanes.count() - 1) * lane + BELOW;
    }

    private static double toLanes(LayerLanes lanes, double usual) {
        return lanes.played() ? PLAYED_TO_LANES : usual;
    }

    private static double leastLane(LayerLanes lanes) {
        return lanes.lettered() ? MIN_LETTERED : MIN_LANE;
    }

    private static double between(double least, double ample, double part) {
        return least + part * (ample - least);
    }

    /** How high a stride of this width on the screen rises. */
    double rise(double width) {
        return width * steepness;
    }

    /** The middle of a lane. */
    double lane(int number) {
        return firstLane + number * betweenLanes;
    }
}
