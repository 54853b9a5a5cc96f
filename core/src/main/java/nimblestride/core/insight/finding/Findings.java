package nimblestride.core.insight.finding;

import static nimblestride.core.foundation.words.Counted.count;
import static nimblestride.core.foundation.words.Counted.number;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.exercise.analysis.Analysis.OfLayer;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.insight.finding.Finding.Fix;
import nimblestride.core.insight.finding.Finding.Kind;
import nimblestride.core.insight.finding.Finding.Place;
import nimblestride.core.layer.alignment.Alignment;
import nimblestride.core.layer.alignment.Realignment;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.layer.pattern.Reset;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteName;
import nimblestride.core.time.value.NoteValue;

/** What a reckoning says in sentences, each with its sum; what does not add up comes first. */
public final class Findings {
    private final Analysis analysis;
    private final Exercise exercise;
    private final Phrase phrase;
    private final List<Finding> findings = new ArrayList<>();

    private Findings(Analysis analysis) {
        this.analysis = analysis;
        this.exercise = analysis.exercise();
        this.phrase = exercise.phrase();
    }

    public static List<Finding> of(Analysis analysis) {
        return new Findings(analysis).tell();
    }

    private List<Finding> tell() {
        for (int i = 0; i < analysis.layers().size(); i++) {
            if (!isPlaced(i)) {
                tellLayer(i, analysis.layers().get(i));
            }
        }
        tellLength();
        findings.addAll(CrossingFindings.of(analysis));
        findings.addAll(MeetingFindings.of(analysis));
        findings.addAll(LayerChecks.of(exercise));
        findings.addAll(SectionFindings.of(exercise));
        findings.addAll(HandFindings.of(analysis));
        findings.sort(Comparator.comparing(Finding::kind));
        return List.copyOf(findings);
    }

    /** Notes put on counts come again with the phrase, and nothing about that needs telling. */
    private boolean isPlaced(int layer) {
        return analysis.layers().get(layer).layer().pattern() instanceof Pattern.Placed;
    }

    private void tellLayer(int index, OfLayer ofLayer) {
        Optional<Alignment> alignment = ofLayer.alignment().result();
        if (alignment.isEmpty()) {
            String problem = ofLayer.alignment().problem() + ".";
            add(Kind.CHECK, "too-large", problem, "", Optional.empty(), Optional.empty());
            return;
        }
        if (alignment.get().timeline().hitsPerPeriod() == 0) {
            tellSilent(index, ofLayer);
            return;
        }
        if (ofLayer.layer().reset().equals(Reset.NEVER)) {
            tellReturn(index, ofLayer, alignment.get());
        } else {
            tellReset(index, ofLayer, alignment.get());
        }
        tellLandings(index, ofLayer, alignment.get());
    }

    private void tellSilent(int index, OfLayer ofLayer) {
        Layer layer = ofLayer.layer();
        String stretch = layer.reset().equals(Reset.PHRASE) ? "the phrase" : "every bar or stretch of bars";
        NoteValue within = layer.offset().remainder(cycleOf(ofLayer));
        Fix fix = new Fix(
                within.isZero() ? "Start it on 1" : "Start it " + within + " late",
                exercise.withLayer(index, layer.withOffset(within)));
        add(
                Kind.CHECK,
                "silent",
                ofLayer.name() + " is never heard: it starts " + layer.offset() + " late, and " + stretch
                        + " is over before that.",
                "",
                Optional.empty(),
                Optional.of(fix));
    }

    private static NoteValue cycleOf(OfLayer ofLayer) {
        return ofLayer.alignment().result().orElseThrow().timeline().cycle();
    }

    private void tellReturn(int index, OfLayer ofLayer, Alignment alignment) {
        Realignment back = alignment.returnsAfter();
        NoteValue begin = alignment.timeline().grid().value(alignment.timeline().start());
        boolean onlyHome = alignment.landings().equals(List.of(0L)) && back.bars() > 1;
        String where = begin.isZero() ? "on 1" : "where it began, on " + FindingWords.place(phrase, begin) + ",";
        String sentence =
                ofLayer.name() + " " + FindingWords.pattern(ofLayer.layer().pattern()) + " is back " + where
                        + " after " + count(back.bars(), "bar")
                        + (phrase.bars().size() > 1 ? ", " + count(back.phrases(), "phrase") : "")
                        + ": bar " + number(back.bars() + 1) + " is bar 1 again"
                        + (onlyHome ? ", and nothing lands in between." : ".");
        String sum = FindingWords.cycles(back.cycles(), ofLayer) + " = "
                + FindingWords.phrasesSum(phrase, back.phrases(), back.length()) + ".";
        add(Kind.RETURN, "returns", sentence, sum, at(index, begin.plus(back.length())), Optional.empty());
    }

    private void tellReset(int index, OfLayer ofLayer, Alignment alignment) {
        NoteValue remainder = alignment.timeline().remainder();
        NoteValue cycle = cycleOf(ofLayer);
        String each = ofLayer.layer().reset() instanceof Reset.AtBars chosen
                ? "the phrase and its "
                        + FindingWords.bars(
                                chosen.bars().stream().map(Integer::longValue).toList())
                : ofLayer.layer().reset().equals(Reset.BAR) ? "each bar" : "each phrase";
        String begins =
                ofLayer.name() + " " + FindingWords.pattern(ofLayer.layer().pattern()) + " begins again with " + each;
        if (remainder.isZero()) {
            add(
                    Kind.REMAINDER,
                    "reset",
                    begins + ", and nothing is cut off.",
                    "",
                    at(index, NoteValue.ZERO),
                    Optional.empty());
            return;
        }
        String sum = alignment.timeline().hasEvenCycles() && remainder.compareTo(cycle) < 0
                ? "Of the last " + NoteName.written(cycle) + ", " + NoteName.written(remainder) + " is played and "
                        + NoteName.written(cycle.minus(remainder)) + " is cut off."
                : "The last round is cut off after " + NoteName.written(remainder) + ".";
        String sentence = begins + ": the last cycle gets only " + NoteName.one(remainder) + ".";
        add(Kind.REMAINDER, "reset", sentence, sum, at(index, NoteValue.ZERO), Optional.empty());
    }

    private void tellLandings(int index, OfLayer ofLayer, Alignment alignment) {
        String name = ofLayer.name();
        long bars = alignment.returnsAfter().bars();
        if (!alignment.lands()) {
            Fix fix = new Fix(
                    "Start it on 1", exercise.withLayer(index, ofLayer.layer().withOffset(NoteValue.ZERO)));
            Optional<Fix> fromOne = ofLayer.layer().offset().isZero() ? Optional.empty() : Optional.of(fix);
            String sum = "No whole number of " + cycleOf(ofLayer) + " after "
                    + ofLayer.layer().offset() + " ever makes a bar line.";
            add(Kind.LANDING, "never-lands", name + " never lands on a bar line.", sum, Optional.empty(), fromOne);
            return;
        }
        boolean toldWithReturn = alignment.landings().equals(List.of(0L)) && bars > 1;
        if (toldWithReturn && ofLayer.layer().reset().equals(Reset.NEVER)) {
            return;
        }
        long first = alignment.firstLanding().getAsLong();
        Optional<Place> place = at(index, phrase.startOf(first));
        List<Long> landings = alignment.landings();
        if (landings.isEmpty()) {
            String late = name + " lands first on bar " + number(first + 1) + ", and every " + count(bars, "bar")
                    + " from there.";
            add(Kind.LANDING, "lands", late, "", place, Optional.empty());
        } else if (landings.size() == bars) {
            String all = bars == 1 ? "the bar line every time" : "every bar line";
            add(Kind.LANDING, "lands", name + " lands on " + all + ".", "", place, Optional.empty());
        } else {
            long last = landings.get(landings.size() - 1);
            boolean gap = landings.get(0) == 0 && last + 1 < bars;
            String then = gap ? ", then not before bar " + number(bars + 1) + ", which is bar 1 again" : "";
            String sentence =
                    name + " lands on " + FindingWords.bars(landings) + " of the " + number(bars) + then + ".";
            add(Kind.LANDING, "lands", sentence, landingSum(ofLayer, alignment, last), place, Optional.empty());
        }
    }

    /** Why the last landing is one: so much music before it is so many cycles. */
    private String landingSum(OfLayer ofLayer, Alignment alignment, long bar) {
        NoteValue start = phrase.startOf(bar);
        NoteValue begin = alignment.timeline().grid().value(alignment.timeline().start());
        NoteValue cycle = cycleOf(ofLayer);
        if (!ofLayer.layer().reset().equals(Reset.NEVER)
                || !alignment.timeline().hasEvenCycles()
                || start.compareTo(begin) <= 0
                || !start.minus(begin).isMultipleOf(cycle)) {
            return "";
        }
        NoteValue run = start.minus(begin);
        String late = begin.isZero() ? "" : " and the " + NoteName.written(begin) + " it starts late";
        return "Bar " + number(bar + 1) + " starts after " + NoteName.written(start) + ": "
                + FindingWords.cycles(run.wholePartsOf(cycle), ofLayer) + late + ".";
    }

    private void tellLength() {
        List<Bar> bars = phrase.bars();
        String sentence = bars.size() == 1
                ? "The bar lasts " + NoteName.one(phrase.length()) + ", felt "
                        + bars.get(0).grouping() + "."
                : "The phrase is " + count(bars.size(), "bar") + " and lasts " + NoteName.one(phrase.length()) + ".";
        add(
                Kind.LENGTH,
                "length",
                sentence,
                bars.size() == 1 ? "" : lengthSum(),
                at(-1, NoteValue.ZERO),
                Optional.empty());
    }

    private String lengthSum() {
        Map<String, Integer> meters = new LinkedHashMap<>();
        phrase.bars().forEach(bar -> meters.merge(bar.meter().toString(), 1, Integer::sum));
        return meters.entrySet().stream()
                        .limit(12)
                        .map(entry -> entry.getValue() == 1
                                ? entry.getKey()
                                : number(entry.getValue()) + " × " + entry.getKey())
                        .collect(Collectors.joining(" + "))
                + (meters.size() > 12 ? " + …" : "") + " = " + NoteName.written(phrase.length()) + ".";
    }

    private static Optional<Place> at(int layer, NoteValue at) {
        return Optional.of(new Place(layer, at));
    }

    private void add(Kind kind, String code, String sentence, String sum, Optional<Place> place, Optional<Fix> fix) {
        findings.add(new Finding(kind, code, sentence, sum, place, fix));
    }
}
