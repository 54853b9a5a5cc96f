package nimblestride.desktop.shell;

import nimblestride.core.time.meter.Grouping;
import nimblestride.desktop.document.exercise.ExerciseDocument;
import nimblestride.desktop.view.road.RegroupAction;

/** Regroups the document's bars by hand on the Road; a drag is one step to undo. */
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
