package nimblestride.desktop.view.weave;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.time.value.NoteValue;
import nimblestride.desktop.view.weave.WeavePicture.Mark;

/**
 * Finds the next hit for an arrow key.
 *
 * @param rows the number of bars
 */
record WeaveKeys(Analysis analysis, long rows) {
    /** The most bars without a hit of the layer that the search passes over. */
    private static final long MAX_DISTANCE = 64;

    /** Returns the next hit of the same layer, or the previous one. */
    Optional<WeaveHit> sideways(WeaveHit from, int step) {
        for (long bar = from.bar(); isNear(bar, from.bar()); bar += step) {
            Optional<NoteValue> hit = step > 0
                    ? firstAfter(hits(from.layer(), bar), from, bar)
                    : lastBefore(hits(from.layer(), bar), from, bar);
            if (hit.isPresent()) {
                return Optional.of(new WeaveHit(from.layer(), bar, hit.get()));
            }
        }
        return Optional.empty();
    }

    private static Optional<NoteValue> firstAfter(List<NoteValue> hits, WeaveHit from, long bar) {
        return hits.stream()
                .filter(at -> bar > from.bar() || at.compareTo(from.at()) > 0)
                .findFirst();
    }

    private static Optional<NoteValue> lastBefore(List<NoteValue> hits, WeaveHit from, long bar) {
        return hits.stream()
                .filter(at -> bar < from.bar() || at.compareTo(from.at()) < 0)
                .reduce((one, other) -> other);
    }

    /** Returns the nearest hit of the same layer in the next bar that has one, or in the previous one. */
    Optional<WeaveHit> upOrDown(WeaveHit from, int step) {
        for (long bar = from.bar() + step; isNear(bar, from.bar()); bar += step) {
            Optional<WeaveHit> place = nearest(from.layer(), bar, from.at());
            if (place.isPresent()) {
                return place;
            }
        }
        return Optional.empty();
    }

    /** Returns the hit of a layer in a bar that is nearest to a place. */
    Optional<WeaveHit> nearest(int layer, long bar, NoteValue at) {
        return hits(layer, bar).stream()
                .min(Comparator.comparingDouble(hit -> Math.abs(hit.toDouble() - at.toDouble())))
                .map(hit -> new WeaveHit(layer, bar, hit));
    }

    private boolean isNear(long bar, long from) {
        return bar >= 0 && bar < rows && Math.abs(bar - from) <= MAX_DISTANCE;
    }

    private List<NoteValue> hits(int layer, long bar) {
        return WeavePicture.of(analysis, bar, 1).rows().get(0).marks().stream()
                .filter(mark -> mark.layer() == layer)
                .map(Mark::at)
                .toList();
    }
}
