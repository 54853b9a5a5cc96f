package nimblestride.core.kit.stroke;

import java.util.Optional;
import nimblestride.core.kit.voice.Limb;

/**
 * How one note is played.
 *
 * @param limb with what, where that is written out; otherwise the voice and the lead hand tell
 */
public record Stroke(Dynamic level, Ornament ornament, Optional<Limb> limb) {
    public static final Stroke NORMAL = new Stroke(Dynamic.NORMAL, Ornament.NONE, Optional.empty());
    public static final Stroke ACCENT = NORMAL.at(Dynamic.ACCENT);
    public static final Stroke GHOST = NORMAL.at(Dynamic.GHOST);

    /** The same at another level. */
    public Stroke at(Dynamic newLevel) {
        return new Stroke(newLevel, ornament, limb);
    }

    /** The same with another ornament, or with none. */
    public Stroke with(Ornament newOrnament) {
        return new Stroke(level, newOrnament, limb);
    }

    /** The same by this limb. */
    public Stroke by(Limb newLimb) {
        return new Stroke(level, ornament, Optional.of(newLimb));
    }

    /** The same with the hands exchanged. */
    public Stroke mirrored() {
        return new Stroke(level, ornament, limb.map(one -> one.isHand() ? one.other() : one));
    }
}
