package nimblestride.desktop.view.road;

import nimblestride.core.time.meter.Grouping;

/** Regroups the strides of a bar by hand. */
public interface RegroupAction {
    /** @param bar its number within the phrase, from 0 */
    void regroup(int bar, Grouping grouping);

    /** Ends the drag. */
    void done();
}
