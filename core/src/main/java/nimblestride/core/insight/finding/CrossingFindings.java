package nimblestride.core.insight.finding;

import static nimblestride.core.foundation.words.Counted.count;
import static nimblestride.core.foundation.words.Counted.number;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.LongStream;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.exercise.analysis.Analysis.OfLayer;
import nimblestride.core.foundation.exact.ExactOverflowException;
import nimblestride.core.foundation.words.Counted;
import nimblestride.core.insight.finding.Finding.Kind;
import nimblestride.core.insight.finding.Finding.Place;
import nimblestride.core.kit.voice.Limb;
import nimblestride.core.layer.alignment.Alignment;
import nimblestride.core.layer.crossing.AlternatingHands;
import nimblestride.core.layer.crossing.BarByBar;
import nimblestride.core.layer.crossing.BarByBar.Sits;
import nimblestride.core.layer.crossing.Beat;
import nimblestride.core.layer.crossing.Crossing;
import nimblestride.core.layer.crossing.Remainder;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.layer.pattern.Reset;
import nimblestride.core.layer.pattern.Span;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteName;
import nimblestride.core.time.value.NoteValue;

/** What each layer does on its way against the bars: what that is called, how it sits bar by bar, and in which hand. */
final class CrossingFindings {
    /** A longer way home is told up to here. */
    private static final long MAX_BARS = 64;

    private static final int MAX_HITS = 20_000;
    private static final int MAX_COUNTS = 16;

    private final Analysis analysis;
    private final Phrase phrase;
    /** Which beat is meant. */
    private final String beats;

    private final List<Finding> findings = new ArrayList<>();

    private CrossingFindings(Analysis analysis) {
        this.analysis = analysis;
        this.phrase = analysis.exercise().phrase();
        this.beats = beats(phrase);
    }

    static List<Finding> of(Analysis analysis) {
        return new CrossingFindings(analysis).tell();
    }

    private List<Finding> tell() {
        for (int i = 0; i < analysis.layers().size(); i++) {
            OfLayer ofLayer = analysis.layers().get(i);
            Optional<Alignment> alignment = ofLayer.alignment().result();
            if (!(ofLayer.layer().pattern() instanceof Pattern.Placed)
                    && alignment.isPresent()
                    && alignment.get().timeline().hitsPerPeriod() > 0) {
                tellKind(i, ofLayer);
                tellBars(i, ofLayer, alignment.get());
                tellHands(i, ofLayer);
                tellLeftOver(i, ofLayer, alignment.get());
            }
        }
        return findings;
    }

    private void tellKind(int index, OfLayer ofLayer) {
        Crossing crossing = Crossing.of(ofLayer.layer(), phrase);
        String name =
                ofLayer.name() + " " + FindingWords.pattern(ofLayer.layer().pattern()) + " is a ";
        switch (crossing.kind()) {
            case POLYMETER ->
                add(
                        index,
                        "polymeter",
                        name + "polymeter: the bars' pulse, in a length of its own.",
                        "The listener hears its 1 move against the 1 of the bars until both fall together.");
            case POLYRHYTHM ->
                add(
                        index,
                        "polyrhythm",
                        name + "polyrhythm: " + number(crossing.notes()) + " against " + number(crossing.against())
                                + ", two pulses in the same time.",
                        String.format(
                                Locale.ROOT,
                                "The listener hears both pulses, and %,d + %,d - 1 = %,d different onsets before they meet"
                                        + " again.",
                                crossing.notes(),
                                crossing.against(),
                                crossing.notes() + crossing.against() - 1));
            case BOTH ->
                add(
                        index,
                        "polymeter-and-polyrhythm",
                        name + "polymeter and a polyrhythm at once: a length and a pulse of its own.",
                        "The listener hears another pulse, whose 1 moves against the 1 of the bars as well.");
            case IN_STEP -> {
                // That is what everybody expects, and needs no telling.
            }
        }
    }

    private void add(int layer, String code, String sentence, String sum) {
        findings.add(new Finding(
                Kind.CROSSING, code, sentence, sum, Optional.of(new Place(layer, NoteValue.ZERO)), Optional.empty()));
    }

    /** On which bars it is on the beat, on which off it, and how many hits each bar gets. */
    private void tellBars(int index, OfLayer ofLayer, Alignment alignment) {
        long home = alignment.returnsAfter().bars();
        List<BarByBar> bars = barByBar(alignment, Math.min(home, MAX_BARS));
        Map<Sits, List<Long>> sitting = new EnumMap<>(Sits.class);
        for (int bar = 0; bar < bars.size(); bar++) {
            sitting.computeIfAbsent(bars.get(bar).sits(), sits -> new ArrayList<>())
                    .add((long) bar);
        }
        boolean tells = sitting.size() > 1 || (sitting.containsKey(Sits.OFF) && bars.size() > 1);
        if (!tells) {
            return;
        }
        String sits = sitting.entrySet().stream()
                .map(one -> one.getKey().title() + " in "
                        + (one.getValue().size() == bars.size() ? "every bar" : FindingWords.bars(one.getValue())))
                .collect(Collectors.joining(", "));
        String stretch = bars.size() < home ? " of the first " + bars.size() : "";
        findings.add(new Finding(
                Kind.BEAT,
                "beat",
                ofLayer.name() + " is " + sits + stretch + ".",
                (beats + hits(bars)).strip(),
                Optional.of(new Place(index, NoteValue.ZERO)),
                Optional.empty()));
    }

    private List<BarByBar> barByBar(Alignment alignment, long bars) {
        try {
            return BarByBar.of(alignment.timeline(), phrase, bars, MAX_HITS);
        } catch (ExactOverflowException e) {
            // The beats of these bars cannot be counted in its units: then nothing of the kind can be told.
            return List.of();
        }
    }

    private static String beats(Phrase phrase) {
        List<NoteValue> beats = phrase.kinds().stream().map(Beat::of).distinct().toList();
        return beats.size() == 1
                ? "The beat meant is the " + NoteName.say(beats.get(0)) + ", from each bar's 1. "
                : "Each bar has beats of its own, from its 1. ";
    }

    private static String hits(List<BarByBar> bars) {
        LongStream each = bars.stream().mapToLong(BarByBar::hits);
        if (bars.size() > MAX_COUNTS) {
            return "";
        }
        String counts = each.mapToObj(Counted::number).collect(Collectors.joining(", "));
        return "Hits bar by bar: " + counts + ".";
    }

    /** Which hand gets the hits, if both hands run on beneath them. */
    private void tellHands(int index, OfLayer ofLayer) {
        Optional<AlternatingHands> running = AlternatingHands.under(
                ofLayer.layer(), phrase, analysis.exercise().leadHand());
        if (running.isEmpty() || phrase.kinds().stream().map(Bar::length).allMatch(isCycle(ofLayer))) {
            return;
        }
        AlternatingHands hands = running.get();
        String letters = hands.hits().stream()
                .limit(MAX_COUNTS)
                .map(limb -> String.valueOf(limb.letter()))
                .collect(Collectors.joining(" "));
        Limb first = hands.hits().get(0);
        findings.add(new Finding(
                Kind.BEAT,
                "running-hands",
                "Over alternate " + NoteName.sayMany(hands.stroke()) + " the hits of " + ofLayer.name()
                        + (hands.changes()
                                ? " change hands from one cycle to the next: "
                                : " begin every cycle with the " + first.title() + ": ")
                        + letters + ".",
                count(hands.strokesPerCycle(), "stroke") + " a cycle, "
                        + (hands.changes()
                                ? "an odd number, so the next begins on the other hand."
                                : "an even number."),
                Optional.of(new Place(index, NoteValue.ZERO)),
                Optional.empty()));
    }

    /** What is left over if the phrase is played once and stops. */
    private void tellLeftOver(int index, OfLayer ofLayer, Alignment alignment) {
        boolean runsOn = ofLayer.layer().reset().equals(Reset.NEVER)
                && ofLayer.layer().pattern().span() instanceof Span.Length;
        if (!runsOn) {
            return;
        }
        Remainder left = Remainder.of(alignment.timeline(), phrase.length());
        NoteValue cycle = alignment.timeline().cycle();
        if (left.length().isZero() || left.cycles() == 0) {
            return;
        }
        findings.add(new Finding(
                Kind.REMAINDER,
                "left-over",
                "Stopped after " + count(phrase.bars().size(), "bar") + ", " + ofLayer.name() + " leaves "
                        + NoteName.written(left.length()) + " over.",
                FindingWords.cycles(left.cycles(), ofLayer) + " = " + NoteName.written(cycle.times(left.cycles()))
                        + ", and "
                        + NoteName.written(left.length()) + " is begun; " + NoteName.written(left.untilNextCycle(cycle))
                        + " more would close it.",
                Optional.of(new Place(index, phrase.length())),
                Optional.empty()));
    }

    private static Predicate<NoteValue> isCycle(OfLayer ofLayer) {
        NoteValue cycle = ofLayer.alignment().result().orElseThrow().timeline().cycle();
        return cycle::equals;
    }
}
