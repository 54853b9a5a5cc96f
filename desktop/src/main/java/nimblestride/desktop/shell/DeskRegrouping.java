package nimblestride.desktop.shell;

import nimblestride.core.time.meter.Grouping;
import nimblestride.desktop.document.exercise.Desk;
import nimblestride.desktop.view.road.Regrouping;

/** Groups set by hand on the Road go to the desk; a drag is one step back. */
record DeskRegrouping(Desk desk) implements Regrouping {
    @Override
    public void regroup(int bar, Grouping grouping) {
        desk.edit("foot", exercise -> exercise.withPhrase(exercise.phrase().regrouped(bar, grouping)));
    }

    @Override
    public void done() {
        desk.endBurst();
    }
}
