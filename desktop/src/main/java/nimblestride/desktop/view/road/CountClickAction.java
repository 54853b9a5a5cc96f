package nimblestride.desktop.view.road;

import nimblestride.core.time.value.NoteValue;

/** Does something with a count that was clicked. */
public interface CountClickAction {
    /** Does nothing; counts can't be clicked then. */
    CountClickAction NONE = (bar, position) -> {};

    /**
     * @param bar its number within the phrase, from 0
     * @param position from the start of the bar
     */
    void place(int bar, NoteValue position);
}
