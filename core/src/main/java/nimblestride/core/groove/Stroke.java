package nimblestride.core.groove;

/** How hard a note is played. */
public enum Stroke {
    NORMAL,
    ACCENT,
    GHOST
}
