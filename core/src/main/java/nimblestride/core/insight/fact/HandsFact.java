package nimblestride.core.insight.fact;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import nimblestride.core.kit.voice.Limb;
import nimblestride.core.layer.limbs.LimbAssignment;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import org.apache.commons.numbers.fraction.BigFraction;

/** What an exercise asks of the hands and feet. */
public sealed interface HandsFact extends Fact {
    /**
     * What the hands must do that is worth knowing before playing.
     *
     * @param leads the stickings whose 1 changes hands
     * @param run the longest run of one hand, where it is longer than usual
     */
    record Overview(List<Lead> leads, Optional<Run> run) implements HandsFact {
        @Override
        public FactKind kind() {
            return FactKind.HANDS;
        }
    }

    /**
     * Which hand has the 1 of each bar, the groups of the first bar, and the accents.
     *
     * @param ones the bars, from 0, whose 1 each limb has
     * @param groups the limb that starts each group of the first bar; empty where none does
     * @param accents how many accents of the sticking each limb has
     */
    record Lead(
            String layer,
            Map<Limb, List<Long>> ones,
            List<Optional<Limb>> groups,
            Map<Limb, Long> accents,
            LookedAt lookedAt) {}

    /** One hand has many strokes in a row. */
    record Run(LimbAssignment.Run run, Phrase phrase) {}

    /** Limbs strike together in an exercise that is meant to be linear. */
    record NotLinear(int times, NoteValue first, Phrase phrase, LookedAt lookedAt) implements HandsFact {
        @Override
        public FactKind kind() {
            return FactKind.NOT_LINEAR;
        }
    }

    /**
     * Two notes want the same limb at once.
     *
     * @param voices that want it, each once
     */
    record AskedTwice(Limb limb, List<String> voices, NoteValue first, int times, Phrase phrase, LookedAt lookedAt)
            implements HandsFact {
        @Override
        public FactKind kind() {
            return FactKind.LIMB_ASKED_TWICE;
        }
    }

    /**
     * A player's own limit.
     *
     * @param perSecond strokes of one limb
     * @param reachedAt tempo, in beats per minute, at which the exercise reaches it
     */
    record SpeedLimit(int perSecond, BigFraction reachedAt) {}

    /**
     * How fast each limb plays at its fastest.
     *
     * @param perSecond strokes, limb by limb
     * @param shortest time between two strokes of one limb
     */
    record Speed(Map<Limb, BigFraction> perSecond, NoteValue shortest, Optional<SpeedLimit> limit)
            implements HandsFact {
        @Override
        public FactKind kind() {
            return FactKind.SPEED;
        }
    }

    /**
     * A limb plays faster than the player's own limit.
     *
     * @param from the first of the two strokes that are closest
     */
    record TooFast(Limb limb, BigFraction perSecond, NoteValue from, SpeedLimit limit, Phrase phrase)
            implements HandsFact {
        @Override
        public FactKind kind() {
            return FactKind.TOO_FAST;
        }
    }

    /**
     * On how many bars the 1 is played.
     *
     * @param voices how often each voice plays it
     */
    record Ones(int played, Map<String, Long> voices, LookedAt lookedAt) implements HandsFact {
        @Override
        public FactKind kind() {
            return FactKind.ONES;
        }
    }
}
