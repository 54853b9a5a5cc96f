package nimblestride.desktop.view.recording;

import nimblestride.core.time.value.NoteValue;
import nimblestride.sound.render.Loop;

/** What the user can do on the strip. Times are in seconds from the start of the recording. */
public interface StripActions {
    /** Marks one more hit. */
    void add(double seconds);

    /** Removes a hit. */
    void remove(double seconds);

    /** Moves a hit. */
    void move(double from, double to);

    /** Puts a bar line, and lets the bars around follow. */
    void putBar(NoteValue moment, double seconds);

    /** Loops bars. */
    void loop(Loop bars);

    /** Plays from the start of a bar. */
    void playFrom(long bar);
}
