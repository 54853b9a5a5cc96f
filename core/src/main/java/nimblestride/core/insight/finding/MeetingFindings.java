package nimblestride.core.insight.finding;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.exercise.analysis.Analysis.OfPair;
import nimblestride.core.insight.fact.CheckFact;
import nimblestride.core.insight.fact.FactKind;
import nimblestride.core.insight.fact.MeetingFact;
import nimblestride.core.layer.alignment.CompositeRhythm;
import nimblestride.core.layer.alignment.Meeting;
import nimblestride.core.layer.alignment.Unison;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;

/** Finds where layers coincide: in pairs, all at once, and on the 1. */
final class MeetingFindings {
    private static final int MAX_PAIRS = 10;

    private final Analysis analysis;
    private final Phrase phrase;
    private final List<Integer> running;
    private final List<Finding> findings = new ArrayList<>();

    private MeetingFindings(Analysis analysis) {
        this.analysis = analysis;
        this.phrase = analysis.exercise().phrase();
        this.running = analysis.crossingLayers();
    }

    static List<Finding> of(Analysis analysis) {
        return new MeetingFindings(analysis).find();
    }

    private List<Finding> find() {
        List<OfPair> pairs = analysis.meetings().stream()
                .filter(pair -> running.contains(pair.one()) && running.contains(pair.other()))
                .toList();
        pairs.stream().limit(MAX_PAIRS).forEach(this::findPair);
        if (pairs.size() > MAX_PAIRS) {
            findMorePairs(pairs.subList(MAX_PAIRS, pairs.size()));
        }
        if (running.size() > 2) {
            analysis.unison().ifPresent(this::findUnison);
        }
        findTooLarge();
        if (running.size() > 1) {
            analysis.onBarLines().result().ifPresent(this::findOnOne);
        }
        return findings;
    }

    private void findPair(OfPair pair) {
        String one = analysis.layers().get(pair.one()).name();
        String other = analysis.layers().get(pair.other()).name();
        if (pair.meeting().result().isEmpty()) {
            findings.add(Finding.of(new CheckFact.TooLarge(
                    one + " and " + other + ": " + pair.meeting().problem())));
            return;
        }
        Meeting meeting = pair.meeting().result().get();
        MeetingFact fact = new MeetingFact.Meets(one, other, meeting, phrase);
        NoteValue first =
                meeting.first().isEmpty() ? NoteValue.ZERO : meeting.first().get(0);
        findings.add(meeting.perCycle() == 0 ? Finding.of(fact) : Finding.at(pair.one(), first, fact));
        findComposite(pair, one, other, meeting);
    }

    private void findComposite(OfPair pair, String one, String other, Meeting meeting) {
        Optional<LayerTimeline> ofOne = analysis.layers().get(pair.one()).timeline();
        Optional<LayerTimeline> ofOther = analysis.layers().get(pair.other()).timeline();
        ofOne.flatMap(timeline -> ofOther.flatMap(another -> CompositeRhythm.of(timeline, another, meeting)))
                .ifPresent(rhythm -> findings.add(Finding.at(
                        pair.one(), rhythm.onsets().get(0), new MeetingFact.Composite(one, other, rhythm, phrase))));
    }

    private void findMorePairs(List<OfPair> pairs) {
        Map<Boolean, Long> meet = pairs.stream()
                .flatMap(pair -> pair.meeting().result().stream())
                .collect(Collectors.partitioningBy(meeting -> meeting.perCycle() > 0, Collectors.counting()));
        findings.add(Finding.of(new MeetingFact.MorePairs(pairs.size(), meet.get(true), meet.get(false))));
    }

    private void findUnison(Analysis.Exact<Unison> exact) {
        exact.result().ifPresent(unison -> {
            MeetingFact fact = new MeetingFact.AllAtOnce(running.size(), unison, phrase);
            findings.add(
                    unison.perCycle() == 0
                            ? Finding.of(fact)
                            : Finding.at(-1, unison.first().get(0), fact));
        });
    }

    private void findTooLarge() {
        if (running.size() < 2) {
            return;
        }
        boolean layerIsTooLarge = analysis.layers().stream()
                .anyMatch(layer -> layer.alignment().result().isEmpty());
        if (analysis.together().result().isEmpty()
                && !layerIsTooLarge
                && findings.stream().noneMatch(finding -> finding.fact().kind() == FactKind.TOO_LARGE)) {
            findings.add(Finding.of(
                    new CheckFact.TooLarge("All layers: " + analysis.together().problem())));
        }
    }

    /** Finds on which 1 everybody plays, and how long the phrase runs without one. */
    private void findOnOne(Unison.OnBarLines ones) {
        if (ones.perCycle() == ones.every()) {
            return;
        }
        MeetingFact fact = new MeetingFact.OnOne(ones);
        findings.add(
                ones.perCycle() == 0
                        ? Finding.of(fact)
                        : Finding.at(-1, phrase.startOf(ones.first().get(0)), fact));
    }
}
