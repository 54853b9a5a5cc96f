package nimblestride.desktop.view.stand;

/** What can be done from behind the kit. */
public interface StandActions {
    /** Plays or stops. */
    void play();

    /** Goes to the next stage, or to the previous one. Returns whether there are stages to go to. */
    boolean step(int by);

    /** Logs the last run as clean. */
    void clean();

    /** Logs the last run as not clean yet. */
    void notYet();
}
