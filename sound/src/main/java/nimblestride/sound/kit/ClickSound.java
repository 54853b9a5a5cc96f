package nimblestride.sound.kit;

/** What the click is played on. */
public enum ClickSound {
    TONES("tones"),
    WOODBLOCK("woodblock"),
    COWBELL("cowbell");

    private final String title;

    ClickSound(String title) {
        this.title = title;
    }

    /** Returns its name for people. */
    public String title() {
        return title;
    }
}
