package nimblestride.desktop.service;

/** Names the workspaces below the Road, in the order in which people work. */
public enum WorkspaceId {
    GROUP("Break", "take a bar apart and feel it in groups"),
    PLACE("Place", "voices on counts, and the hands"),
    CROSS("Cross", "what runs across the bar line, and its way home"),
    MODULATE("Shift", "a change of gear, there and back"),
    PRACTICE("Practise", "stages, the ladder, taps and the log; how it all sounds"),
    SHARE("Hand out", "the page as it will print, and files for other programs");

    private final String title;
    private final String about;

    WorkspaceId(String title, String about) {
        this.title = title;
        this.about = about;
    }

    /**
     * Returns whether it needs more room than the Road: for two tempos one above the other, a page of music, or much
     * text.
     */
    public boolean needsRoom() {
        return this == MODULATE || this == PRACTICE || this == SHARE;
    }

    /** Returns the name on its button. */
    public String title() {
        return title;
    }

    /** Returns what it is for, in a few words. */
    public String about() {
        return about;
    }
}
