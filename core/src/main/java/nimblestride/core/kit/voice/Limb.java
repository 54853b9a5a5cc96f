package nimblestride.core.kit.voice;

/** What a note is played with: a hand or a foot. */
public enum Limb {
    RIGHT_HAND("right hand", 'R'),
    LEFT_HAND("left hand", 'L'),
    /** The foot at the bass drum. */
    KICK_FOOT("kick foot", 'K'),
    /** The foot at the hi-hat. */
    HAT_FOOT("hi-hat foot", 'H');

    private final String title;
    private final char letter;

    Limb(String title, char letter) {
        this.title = title;
        this.letter = letter;
    }

    /** Returns its name for people. */
    public String title() {
        return title;
    }

    /** Returns its letter in a sticking. */
    public char letter() {
        return letter;
    }

    /** Returns whether it is a hand. */
    public boolean isHand() {
        return this == RIGHT_HAND || this == LEFT_HAND;
    }

    /** Returns the other hand, or the other foot. */
    public Limb other() {
        return switch (this) {
            case RIGHT_HAND -> LEFT_HAND;
            case LEFT_HAND -> RIGHT_HAND;
            case KICK_FOOT -> HAT_FOOT;
            case HAT_FOOT -> KICK_FOOT;
        };
    }
}
