package nimblestride.core.layer.pattern;

import java.util.Comparator;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;

/**
 * A note placed on a bar.
 *
 * @param bar number of the bar in the phrase, from 0
 * @param position from the start of that bar
 */
public record Placement(int bar, NoteValue position, Stroke stroke) implements Comparable<Placement> {
    private static final Comparator<Placement> ORDER =
            Comparator.comparingInt(Placement::bar).thenComparing(Placement::position);

    public Placement {
        if (bar < 0) {
            throw new InvalidValueException("bars are numbered from 0, not " + bar);
        }
    }

    /** Returns whether a phrase has this place. */
    public boolean isOn(Phrase phrase) {
        return bar < phrase.bars().size()
                && position.compareTo(phrase.bars().get(bar).length()) < 0;
    }

    /** Returns whether another placement is on the same place. */
    public boolean isWith(Placement other) {
        return compareTo(other) == 0;
    }

    /** Compares by the order in which notes are played; how they are played makes no difference. */
    @Override
    public int compareTo(Placement other) {
        return ORDER.compare(this, other);
    }
}
