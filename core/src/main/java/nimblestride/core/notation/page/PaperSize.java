package nimblestride.core.notation.page;

/** The sizes of paper to print on: ISO 216 A4 and US Letter (ANSI/ASME Y14.1). */
public enum PaperSize {
    A4("A4", 210, 297),
    LETTER("Letter", 215.9, 279.4);

    /**
     * The distance of two staff lines on paper, in millimeters, so that a staff is 7.6 mm high and reads at arm's
     * length.
     */
    public static final double STAFF_SPACE_MM = 1.9;

    private static final double POINTS_TO_THE_MM = 72 / 25.4;

    private final String title;
    private final double widthMm;
    private final double heightMm;

    PaperSize(String title, double widthMm, double heightMm) {
        this.title = title;
        this.widthMm = widthMm;
        this.heightMm = heightMm;
    }

    /** Returns its name for people. */
    public String title() {
        return title;
    }

    /** Returns its width, in staff spaces. */
    public double width() {
        return widthMm / STAFF_SPACE_MM;
    }

    /** Returns its height, in staff spaces. */
    public double height() {
        return heightMm / STAFF_SPACE_MM;
    }

    /** Returns a staff space in points, 1/72 inch. */
    public static double pointsToTheSpace() {
        return STAFF_SPACE_MM * POINTS_TO_THE_MM;
    }
}
