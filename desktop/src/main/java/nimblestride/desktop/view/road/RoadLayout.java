package nimblestride.desktop.view.road;

/**
 * Where everything stands on the Road, in pixels from the top. In a low window, strides get lower and lanes move
 * together, so that all lanes stay visible.
 *
 * @param ground height of the ground line
 * @param steepness how high a stride rises for its width
 * @param firstLane center of the first lane
 * @param betweenLanes distance from one lane to the next
 */
record RoadLayout(double ground, double steepness, double firstLane, double betweenLanes) {
    /** Room left of the first moment, for the names of lanes. */
    static final double GUTTER = 106;

    /** How far the Road reaches left of its first moment. */
    static final double EDGE = 12;

    /** Where bar lines begin. */
    static final double POST_TOP = 22;

    /** From the top to the highest stride; labels above the Road end there. */
    static final double ABOVE_STRIDES = 59;

    /** From the top to the ground line: in a low window, in a usual one, and at most. */
    private static final double MIN_GROUND = 98;

    private static final double GROUND = 134;
    private static final double MAX_GROUND = 196;
    /** From the ground line to the center of the first lane; the counts stand between them. */
    private static final double MIN_TO_LANES = 44;

    private static final double TO_LANES = 52;
    /** The same with a timing between them. */
    private static final double PLAYED_TO_LANES = 56;
    /** From one lane to the next: with bare marks, with hands under the marks, and with plenty of room. */
    private static final double MIN_LANE = 22;

    private static final double MIN_LETTERED = 28;
    private static final double LANE = 30;
    /** From the center of the last lane to the bottom. */
    private static final double BELOW = 22;
    /** The steepest stride: height divided by width. */
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

    /** Returns the minimum height at which all lanes fit. */
    static double heightFor(LayerLanes lanes) {
        return height(lanes, MIN_GROUND, toLanes(lanes, MIN_TO_LANES), leastLane(lanes));
    }

    /** Returns the height at which a Road that continues in rows stays easy to read. */
    static double rowHeightFor(LayerLanes lanes) {
        return (heightFor(lanes) + height(lanes, GROUND, toLanes(lanes, TO_LANES), LANE)) / 2;
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

    /** Returns how high a stride of a width rises. */
    double rise(double width) {
        return width * steepness;
    }

    /** Returns the center of a lane. */
    double lane(int number) {
        return firstLane + number * betweenLanes;
    }
}
