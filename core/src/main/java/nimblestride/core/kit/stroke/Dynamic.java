package nimblestride.core.kit.stroke;

/** How hard a note is played, the softest first. */
public enum Dynamic {
    GHOST("ghost note", 0.25),
    SOFT("soft", 0.45),
    NORMAL("normal", 0.7),
    ACCENT("accent", 0.9),
    STRONG("strong accent", 1.0);

    private final String title;
    private final double strength;

    Dynamic(String title, double strength) {
        this.title = title;
        this.strength = strength;
    }

    /** Its name for people. */
    public String title() {
        return title;
    }

    /** From 0, silence, to 1, as hard as can be. */
    public double strength() {
        return strength;
    }

    /** Whether it stands out from the notes about it. */
    public boolean isAccent() {
        return this == ACCENT || this == STRONG;
    }
}
