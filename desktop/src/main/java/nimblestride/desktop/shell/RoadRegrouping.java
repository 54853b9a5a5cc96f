package nimblestride.desktop.shell;

import nimblestride.core.time.meter.Grouping;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.view.road.RegroupAction;

/** Groups set by hand on the Road go to the desk; a drag is one step back. */
record RoadRegrouping(ExerciseDocument document) implements RegroupAction {
    @Override
    public void regroup(int bar, Grouping grouping) {
        document.edit("foot", exercise -> exercise.withPhrase(exercise.phrase().regrouped(bar, grouping)));
    }

    @Override
    public void done() {
        document.endBurst();
    }
}
