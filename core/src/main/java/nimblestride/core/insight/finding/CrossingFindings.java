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
import nimblestride.core.insight.fact.LayerFact;
import nimblestride.core.layer.alignment.Alignment;
import nimblestride.core.layer.crossing.AlternatingHands;
import nimblestride.core.layer.crossing.BarByBar;
import nimblestride.core.layer.crossing.BarByBar.Sits;
import nimblestride.core.layer.crossing.CrossBarPulse;
import nimblestride.core.layer.crossing.Crossing;
import nimblestride.core.layer.crossing.Remainder;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.layer.pattern.Reset;
import nimblestride.core.layer.pattern.Span;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Beats;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;

/** Finds what each layer is called against the bars, how it sits bar by bar, and which hand plays it. */
final class CrossingFindings {
    /** Bars looked at when a layer takes longer to realign. */
    private static final long MAX_BARS = 64;

    private static final int MAX_HITS = 20_000;

    private final Analysis analysis;
    private final Phrase phrase;
    private final List<Finding> findings = new ArrayList<>();

    private CrossingFindings(Analysis analysis) {
        this.analysis = analysis;
        this.phrase = analysis.exercise().phrase();
    }

    static List<Finding> of(Analysis analysis) {
        return new CrossingFindings(analysis).find();
    }

    private List<Finding> find() {
        for (int i = 0; i < analysis.layers().size(); i++) {
            OfLayer ofLayer = analysis.layers().get(i);
            Optional<Alignment> alignment = ofLayer.alignment().result();
            if (!(ofLayer.layer().pattern() instanceof Pattern.Placed)
                    && alignment.isPresent()
                    && alignment.get().timeline().hitsPerPeriod() > 0) {
                findName(i, ofLayer);
                findBeats(i, ofLayer, alignment.get());
                findHands(i, ofLayer);
                findLeftOver(i, ofLayer, alignment.get());
            }
        }
        return findings;
    }

    private void findName(int index, OfLayer ofLayer) {
        Crossing crossing = Crossing.of(ofLayer.layer(), phrase);
        if (crossing.kind() != Crossing.Kind.IN_STEP) {
            findings.add(Finding.at(
                    index,
                    NoteValue.ZERO,
                    new CrossingFact.Called(ofLayer.name(), ofLayer.layer().pattern(), crossing)));
        }
    }

    /**
     * Finds the bars where the layer is on the beat and those where it is off; finds nothing if it is on the beat in
     * all of them.
     */
    private void findBeats(int index, OfLayer ofLayer, Alignment alignment) {
        long home = alignment.returnsAfter().bars();
        List<BarByBar> bars = barByBar(ofLayer.layer(), alignment, Math.min(home, MAX_BARS));
        Set<Sits> sits = bars.stream().map(BarByBar::sits).collect(Collectors.toSet());
        if (sits.size() > 1 || (sits.contains(Sits.OFF) && bars.size() > 1)) {
            findings.add(Finding.at(
                    index,
                    NoteValue.ZERO,
                    new CrossingFact.OnTheBeat(ofLayer.name(), bars, home, against(ofLayer.layer()))));
        }
    }

    private CrossingFact.Against against(Layer layer) {
        Optional<NoteValue> pulse = CrossBarPulse.of(layer, phrase);
        if (pulse.isPresent()) {
            return new CrossingFact.Against.Pulse(pulse.get());
        }
        List<Optional<NoteValue>> beats = phrase.kinds().stream()
                .map(bar -> Beats.of(bar).even())
                .distinct()
                .toList();
        return beats.size() == 1 && beats.get(0).isPresent()
                ? new CrossingFact.Against.EvenBeats(beats.get(0).get())
                : new CrossingFact.Against.UnevenBeats();
    }

    private List<BarByBar> barByBar(Layer layer, Alignment alignment, long bars) {
        try {
            return BarByBar.of(layer, alignment.timeline(), phrase, bars, MAX_HITS);
        } catch (ExactOverflowException e) {
            // The beats of these bars can't be counted in its units: then there is nothing to say of them.
            return List.of();
        }
    }

    /** Finds which hand gets the hits while both hands alternate beneath them. */
    private void findHands(int index, OfLayer ofLayer) {
        Optional<AlternatingHands> running = AlternatingHands.under(
                ofLayer.layer(), phrase, analysis.exercise().leadHand());
        boolean cycleIsABar = phrase.kinds().stream().map(Bar::length).allMatch(isCycle(ofLayer));
        if (running.isPresent() && !cycleIsABar) {
            findings.add(
                    Finding.at(index, NoteValue.ZERO, new CrossingFact.RunningHands(ofLayer.name(), running.get())));
        }
    }

    /** Finds what is left over when the phrase plays once and stops. */
    private void findLeftOver(int index, OfLayer ofLayer, Alignment alignment) {
        boolean runsOn = ofLayer.layer().reset().equals(Reset.NEVER)
                && ofLayer.layer().pattern().span() instanceof Span.Length;
        if (!runsOn) {
            return;
        }
        Remainder left = Remainder.of(alignment.timeline(), phrase.length());
        if (left.length().isZero() || left.cycles() == 0) {
            return;
        }
        findings.add(Finding.at(
                index,
                phrase.length(),
                new LayerFact.LeftOver(
                        ofLayer.name(),
                        phrase.bars().size(),
                        left.cycles(),
                        LayerFindings.cycle(ofLayer.layer(), alignment.timeline()),
                        left.length(),
                        left.untilNextCycle(alignment.timeline().cycle()))));
    }

    private static Predicate<NoteValue> isCycle(OfLayer ofLayer) {
        NoteValue cycle = ofLayer.alignment().result().orElseThrow().timeline().cycle();
        return cycle::equals;
    }
}
