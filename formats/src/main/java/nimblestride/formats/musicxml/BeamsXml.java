package nimblestride.formats.musicxml;

import java.util.Optional;
import nimblestride.core.notation.score.BeamGroup;
import nimblestride.core.notation.score.PartRhythm;
import org.audiveris.proxymusic.Beam;
import org.audiveris.proxymusic.BeamValue;
import org.audiveris.proxymusic.Note;

/** The beams of one note, level by level. */
final class BeamsXml {
    /** MusicXML numbers beams from 1 to 8. */
    private static final int MAX_BEAMS = 8;

    private BeamsXml() {}

    static void add(PartRhythm part, int index, Note note) {
        Optional<BeamGroup> group = part.beamOf(index);
        if (group.isEmpty()) {
            return;
        }
        int member = group.get().members().indexOf(index);
        int before = member == 0 ? 0 : group.get().joins().get(member - 1);
        int after =
                member == group.get().joins().size() ? 0 : group.get().joins().get(member);
        boolean rest = part.written().get(index).isRest();
        int flags = Math.min(MAX_BEAMS, part.written().get(index).shape().flags());
        for (int level = 1; level <= flags; level++) {
            boolean left = before >= level;
            boolean right = after >= level;
            if (rest && !left && !right) {
                continue;
            }
            Beam beam = new Beam();
            beam.setNumber(level);
            beam.setValue(value(left, right, member == 0 || after > before));
            note.getBeam().add(beam);
        }
    }

    private static BeamValue value(boolean left, boolean right, boolean hooksRight) {
        if (left && right) {
            return BeamValue.CONTINUE;
        }
        if (left) {
            return BeamValue.END;
        }
        if (right) {
            return BeamValue.BEGIN;
        }
        return hooksRight ? BeamValue.FORWARD_HOOK : BeamValue.BACKWARD_HOOK;
    }
}
