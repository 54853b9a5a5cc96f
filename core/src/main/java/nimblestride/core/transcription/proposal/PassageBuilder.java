package nimblestride.core.transcription.proposal;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.layer.pattern.Placement;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.transcription.repetition.PhraseRepeat;
import nimblestride.core.transcription.repetition.VoiceLine;

/** Builds a passage as section contents and how often each is played, with the repeats that are taken. */
final class PassageBuilder {
    private static final int MAX_TURNS = Exercise.MAX_SECTIONS;

    private final Passage passage;
    private final Phrase phrase;
    private final Map<Voice, Layer> layers = new HashMap<>();
    private Optional<PhraseRepeat> repeat = Optional.empty();

    /** Bars, what is played on them, and how many times. */
    record Turn(Phrase phrase, List<Layer> layers, int rounds) {
        Turn times(int newRounds) {
            return new Turn(phrase, layers, newRounds);
        }

        boolean isLike(Turn other) {
            return phrase.equals(other.phrase) && layers.equals(other.layers);
        }
    }

    PassageBuilder(Passage passage, Collection<? extends Proposal> taken) {
        this.passage = passage;
        this.phrase = passage.phrase();
        for (Proposal offer : taken) {
            if (offer instanceof Proposal.AsPhrase one) {
                repeat = Optional.of(one.repeat());
            }
        }
        for (Proposal offer : taken) {
            if (offer instanceof Proposal.AsLayer one && mayRun(one)) {
                one.cycle().layer().ifPresent(layer -> layers.put(layer.voice(), layer));
            }
        }
    }

    /**
     * Layers start over in each section, so where a phrase comes as several, only a cycle that fits it a whole number
     * of times can run through.
     */
    private boolean mayRun(Proposal.AsLayer offer) {
        return repeat.filter(one -> !one.isExact())
                .map(one -> offer.isExact()
                        && offer.cycle().from().isZero()
                        && phrase.startOf(one.bars()).isMultipleOf(offer.cycle().length()))
                .orElse(true);
    }

    /** Returns whether the rounds that differ can have sections of their own. */
    static boolean fits(PhraseRepeat repeat) {
        return 2 * repeat.variation().varied().size() + 2 <= MAX_TURNS;
    }

    /**
     * Returns the turns of the passage.
     *
     * @param alone whether nothing comes before or after it, so that it may repeat forever
     */
    List<Turn> turns(boolean alone) {
        if (repeat.isEmpty()) {
            return List.of(turn(0, passage.bars().size()));
        }
        int bars = repeat.get().bars();
        int rounds = repeat.get().rounds();
        boolean begunAnew = !alone && repeat.get().over() > 0 && !layers.isEmpty();
        if (repeat.get().isExact() && (begunAnew || !isSoWithoutLayers(bars))) {
            // Voices that are not taken as layers may repeat after more bars than the phrase has; and bars left over
            // would be a section in which layers start over.
            return List.of(turn(0, passage.bars().size()));
        }
        if (repeat.get().isExact() && alone) {
            return List.of(turn(0, bars));
        }
        List<Turn> turns = new ArrayList<>();
        for (int round = 0; round < rounds; round++) {
            add(turns, turn(round * bars, (round + 1) * bars));
        }
        if (repeat.get().over() > 0) {
            turns.add(turn(rounds * bars, passage.bars().size()));
        }
        return turns;
    }

    /** Returns whether each bar is as the one a phrase before it, in all that no layer plays. */
    private boolean isSoWithoutLayers(int bars) {
        List<VoiceLine> bound = passage.lines().stream()
                .filter(line -> !layers.containsKey(line.voice()))
                .toList();
        List<Integer> numbers = ProposalFinder.numbered(passage.bars(), bound);
        return numbers.subList(bars, numbers.size()).equals(numbers.subList(0, numbers.size() - bars));
    }

    private static void add(List<Turn> turns, Turn turn) {
        int last = turns.size() - 1;
        if (last >= 0 && turns.get(last).isLike(turn)) {
            turns.set(last, turn.times(turns.get(last).rounds() + 1));
        } else {
            turns.add(turn);
        }
    }

    private Turn turn(int from, int to) {
        List<Layer> own = new ArrayList<>();
        for (VoiceLine line : passage.lines()) {
            Layer taken = layers.get(line.voice());
            if (taken != null) {
                own.add(taken);
            } else {
                placed(line, from, to).ifPresent(own::add);
            }
        }
        return new Turn(Phrase.folded(passage.bars().subList(from, to)), own, 1);
    }

    private Optional<Layer> placed(VoiceLine line, int from, int to) {
        NavigableMap<NoteValue, Stroke> strokes =
                line.strokes().subMap(phrase.startOf(from), true, phrase.startOf(to), false);
        List<Placement> placements = new ArrayList<>();
        strokes.forEach((at, stroke) -> {
            int bar = ExactMath.toInt(phrase.barAt(at));
            placements.add(new Placement(bar - from, at.minus(phrase.startOf(bar)), stroke));
        });
        return placements.isEmpty()
                ? Optional.empty()
                : Optional.of(Layer.of(line.voice(), new Pattern.Placed(placements)));
    }
}
