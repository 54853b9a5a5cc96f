package nimblestride.core.notation.score;

import java.util.List;
import java.util.Optional;
import nimblestride.core.time.value.NoteValue;

/**
 * What one part, hands or feet, has in one bar. Notes and rests fill the bar without a gap.
 *
 * @param written in order
 * @param tuplets outer ones before those within them
 * @param beams in order
 */
public record PartRhythm(List<WrittenNote> written, List<TupletSpan> tuplets, List<BeamGroup> beams) {
    public PartRhythm {
        written = List.copyOf(written);
        tuplets = List.copyOf(tuplets);
        beams = List.copyOf(beams);
    }

    /** Returns the tuplets a note or rest is in, outermost first. */
    public List<TupletSpan> tupletsOf(int index) {
        return tuplets.stream()
                .filter(span -> span.from() <= index && index < span.to())
                .toList();
    }

    /** Returns the beam a note is under; empty for none. */
    public Optional<BeamGroup> beamOf(int index) {
        return beams.stream().filter(beam -> beam.members().contains(index)).findFirst();
    }

    /** Returns whether it is a single rest for the bar. */
    public boolean isBarRest() {
        return written.size() == 1 && written.get(0).isRest();
    }

    /** Returns the length of all notes and rests. */
    public NoteValue length() {
        return written.stream().map(WrittenNote::lasts).reduce(NoteValue.ZERO, NoteValue::plus);
    }
}
