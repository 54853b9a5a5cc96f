package nimblestride.core.kit.stroke;

import java.util.Optional;
import nimblestride.core.kit.voice.Limb;

/**
 * How one note is played.
 *
 * @param limb with which; empty to follow the voice and the lead hand
 */
public record Stroke(Dynamic level, Ornament ornament, Optional<Limb> limb) {
    /** A plain note. */
    public static final Stroke NORMAL = new Stroke(Dynamic.NORMAL, Ornament.NONE, Optional.empty());
    /** An accent. */
    public static final Stroke ACCENT = NORMAL.at(Dynamic.ACCENT);
    /** A ghost note. */
    public static final Stroke GHOST = NORMAL.at(Dynamic.GHOST);

    /** Returns the stroke at another dynamic. */
    public Stroke at(Dynamic newLevel) {
        return new Stroke(newLevel, ornament, limb);
    }

    /** Returns the stroke with another ornament. */
    public Stroke with(Ornament newOrnament) {
        return new Stroke(level, newOrnament, limb);
    }

    /** Returns the stroke by a limb. */
    public Stroke by(Limb newLimb) {
        return new Stroke(level, ornament, Optional.of(newLimb));
    }

    /** Returns the stroke with the hands exchanged. */
    public Stroke mirrored() {
        return new Stroke(level, ornament, limb.map(one -> one.isHand() ? one.other() : one));
    }
}
