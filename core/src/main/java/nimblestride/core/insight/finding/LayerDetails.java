package nimblestride.core.insight.finding;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.exercise.analysis.Analysis.OfLayer;
import nimblestride.core.foundation.exact.ExactOverflowException;
import nimblestride.core.insight.fact.CrossingFact;
import nimblestride.core.insight.fact.Fact;
import nimblestride.core.insight.fact.LayerFact;
import nimblestride.core.layer.alignment.Alignment;
import nimblestride.core.layer.crossing.AlternatingHands;
import nimblestride.core.layer.crossing.BarByBar;
import nimblestride.core.layer.crossing.BarByBar.Sits;
import nimblestride.core.layer.crossing.CrossBarPulse;
import nimblestride.core.layer.crossing.Crossing;
import nimblestride.core.layer.crossing.Remainder;
import nimblestride.core.layer.pattern.Hit;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Reset;
import nimblestride.core.layer.pattern.Span;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;

/**
 * Finds what to say of one layer when somebody asks, in the order a player asks: how to count it, where it falls, what it is
 * called, what is left over, and which hand plays it.
 */
final class LayerDetails {
    /** Bars looked at when a layer takes longer to realign. */
    private static final long MAX_BARS = 64;

    private static final int MAX_HITS = 20_000;
    private static final int MAX_COUNTED_BARS = 4;
    private static final int MAX_COUNTED_HITS = 24;

    private final Analysis analysis;
    private final Phrase phrase;
    private final OfLayer ofLayer;
    private final Alignment alignment;
    private final List<Fact> facts = new ArrayList<>();

    LayerDetails(Analysis analysis, int index, Alignment alignment) {
        this.analysis = analysis;
        this.phrase = analysis.exercise().phrase();
        this.ofLayer = analysis.layers().get(index);
        this.alignment = alignment;
    }

    List<Fact> find() {
        findCounts();
        findBeats();
        findName();
        findCut();
        findLeftOver();
        findHands();
        return facts;
    }

    private void findCounts() {
        List<List<NoteValue>> bars = new ArrayList<>();
        long all = Math.min(MAX_COUNTED_BARS, alignment.returnsAfter().bars());
        for (long bar = 0; bar < all; bar++) {
            NoteValue start = phrase.startOf(bar);
            List<Hit> hits = alignment
                    .timeline()
                    .between(start, start.plus(phrase.bar(bar).length()), MAX_COUNTED_HITS + 1);
            if (hits.size() > MAX_COUNTED_HITS) {
                break;
            }
            bars.add(hits.stream().map(hit -> hit.at().minus(start)).toList());
        }
        if (!bars.isEmpty()) {
            facts.add(new LayerFact.Counts(ofLayer.name(), bars, phrase));
        }
    }

    /**
     * Finds the bars where the layer is on the beat and those where it is off; finds nothing if it is on the beat in
     * all of them.
     */
    private void findBeats() {
        long home = alignment.returnsAfter().bars();
        List<BarByBar> bars = barByBar(Math.min(home, MAX_BARS));
        Set<Sits> sits = bars.stream().map(BarByBar::sits).collect(Collectors.toSet());
        if (sits.size() > 1 || (sits.contains(Sits.OFF) && bars.size() > 1)) {
            facts.add(new CrossingFact.OnTheBeat(ofLayer.name(), bars, home, against()));
        }
    }

    private CrossingFact.Against against() {
        Optional<NoteValue> pulse = CrossBarPulse.of(ofLayer.layer(), phrase);
        if (pulse.isPresent()) {
            return new CrossingFact.Against.Pulse(pulse.get());
        }
        List<Optional<NoteValue>> beats = phrase.kinds().stream()
                .map(bar -> bar.beats().even())
                .distinct()
                .toList();
        return beats.size() == 1 && beats.get(0).isPresent()
                ? new CrossingFact.Against.EvenBeats(beats.get(0).get())
                : new CrossingFact.Against.UnevenBeats();
    }

    private List<BarByBar> barByBar(long bars) {
        try {
            return BarByBar.of(ofLayer.layer(), alignment.timeline(), phrase, bars, MAX_HITS);
        } catch (ExactOverflowException e) {
            // The beats of these bars can't be counted in its units: then there is nothing to say of them.
            return List.of();
        }
    }

    private void findName() {
        Crossing crossing = Crossing.of(ofLayer.layer(), phrase);
        if (crossing.kind() != Crossing.Kind.IN_STEP) {
            facts.add(new CrossingFact.Called(ofLayer.name(), ofLayer.layer().pattern(), crossing));
        }
    }

    private void findCut() {
        NoteValue remainder = alignment.timeline().remainder();
        if (!ofLayer.layer().reset().equals(Reset.NEVER) && !remainder.isZero()) {
            facts.add(new LayerFact.Resets(
                    ofLayer.name(),
                    LayerFindings.cycle(ofLayer.layer(), alignment.timeline()),
                    ofLayer.layer().reset(),
                    remainder,
                    phrase));
        }
    }

    /** Finds what is left over when the phrase plays once and stops. */
    private void findLeftOver() {
        Layer layer = ofLayer.layer();
        boolean runsOn = layer.reset().equals(Reset.NEVER) && layer.pattern().span() instanceof Span.Length;
        if (!runsOn) {
            return;
        }
        Remainder left = Remainder.of(alignment.timeline(), phrase.length());
        if (!left.length().isZero() && left.cycles() > 0) {
            facts.add(new LayerFact.LeftOver(
                    ofLayer.name(),
                    phrase,
                    left.cycles(),
                    LayerFindings.cycle(layer, alignment.timeline()),
                    left.length(),
                    left.untilNextCycle(alignment.timeline().cycle())));
        }
    }

    /** Finds which hand gets the hits while both hands alternate beneath them. */
    private void findHands() {
        boolean cycleIsABar = phrase.kinds().stream().map(Bar::length).allMatch(isCycle());
        if (!cycleIsABar) {
            AlternatingHands.under(ofLayer.layer(), phrase, analysis.exercise().leadHand())
                    .ifPresent(running -> facts.add(new CrossingFact.RunningHands(ofLayer.name(), running)));
        }
    }

    private Predicate<NoteValue> isCycle() {
        return alignment.timeline().cycle()::equals;
    }
}
