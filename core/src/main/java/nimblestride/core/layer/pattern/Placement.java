package nimblestride.core.layer.pattern;

import java.util.Comparator;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;

/**
 * A note put on a place of a bar.
 *
 * @param bar the number of the bar in the phrase, from 0
 * @param position from the start of that bar
 */
public record Placement(int bar, NoteValue position, Stroke stroke) implements Comparable<Placement> {
    private static final Comparator<Placement> ORDER =
            Comparator.comparingInt(Placement::bar).thenComparing(Placement::position);

    public Placement {
        if (bar < 0) {
            throw new InvalidValueException("bars are numbered from 0, not from " + bar);
        }
    }

    /** Whether a phrase has this place. */
    public boolean isOn(Phrase phrase) {
        return bar < phrase.bars().size()
                && position.compareTo(phrase.bars().get(bar).length()) < 0;
    }

    /** Whether the other is on the same place. */
    public boolean isWith(Placement other) {
        return compareTo(other) == 0;
    }

    /** In the order in which they are played; how they are played makes no difference. */
    @Override
    public int compareTo(Placement other) {
        return ORDER.compare(this, other);
    }
}
