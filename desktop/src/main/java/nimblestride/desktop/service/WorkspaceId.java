package nimblestride.desktop.service;

/** Names the workspaces below the Road, in the order in which people work. */
public enum WorkspaceId {
    LISTEN("Listen", "a recording or the room, and what meter it is in"),
    GROUP("Group", "group a bar and count it"),
    PLACE("Place", "put voices on counts, and work out the hands"),
    CROSS("Cross", "play across the bar line and come home"),
    MODULATE("Modulate", "change the tempo, there and back"),
    PRACTICE("Practice", "work up to tempo, and keep a log"),
    SOUND("Sound", "set the click, the mix, and what you play on"),
    STUDENTS("Students", "give a lesson and assign homework"),
    SHARE("Share", "print sheets and export files");

    private final String title;
    private final String about;

    WorkspaceId(String title, String about) {
        this.title = title;
        this.about = about;
    }

    /**
     * Returns whether it needs more room than the Road: for two tempos one above the other, music on a staff, or much
     * text.
     */
    public boolean needsRoom() {
        return switch (this) {
            case LISTEN, PLACE, MODULATE, PRACTICE, STUDENTS, SHARE -> true;
            case GROUP, CROSS, SOUND -> false;
        };
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
