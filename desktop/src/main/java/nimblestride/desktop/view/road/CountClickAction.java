package nimblestride.desktop.view.road;

import nimblestride.core.time.value.NoteValue;

/** What is done with a count that is clicked. */
public interface CountClickAction {
    /**
     * @param bar its number within the phrase, from 0
     * @param position from the start of the bar
     */
    void place(int bar, NoteValue position);
}
