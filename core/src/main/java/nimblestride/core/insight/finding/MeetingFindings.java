package nimblestride.core.insight.finding;

import static nimblestride.core.foundation.words.Counted.count;
import static nimblestride.core.foundation.words.Counted.number;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.exercise.analysis.Analysis.OfPair;
import nimblestride.core.insight.finding.Finding.Kind;
import nimblestride.core.insight.finding.Finding.Place;
import nimblestride.core.layer.alignment.Meeting;
import nimblestride.core.layer.alignment.Unison;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;

/** Where layers coincide: in pairs, all at once, on the 1, and when everything is back together. */
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
        return new MeetingFindings(analysis).tell();
    }

    private List<Finding> tell() {
        List<OfPair> pairs = analysis.meetings().stream()
                .filter(pair -> running.contains(pair.one()) && running.contains(pair.other()))
                .toList();
        pairs.stream().limit(MAX_PAIRS).forEach(this::tellPair);
        if (pairs.size() > MAX_PAIRS) {
            tellMorePairs(pairs.subList(MAX_PAIRS, pairs.size()));
        }
        if (running.size() > 2) {
            analysis.unison().ifPresent(this::tellUnison);
        }
        tellTogether();
        if (running.size() > 1) {
            analysis.onBarLines().result().ifPresent(this::tellOnBarLines);
        }
        return findings;
    }

    private void tellPair(OfPair pair) {
        String names = analysis.layers().get(pair.one()).name() + " and "
                + analysis.layers().get(pair.other()).name();
        if (pair.meeting().result().isEmpty()) {
            tooLarge(names + ": " + pair.meeting().problem() + ".");
            return;
        }
        Meeting meeting = pair.meeting().result().get();
        String onsets = count(meeting.onsets(), "different onset");
        if (meeting.perCycle() == 0) {
            add(
                    Kind.MEETING,
                    "never-meet",
                    names + " never meet.",
                    onsets + " in " + meeting.every() + ".",
                    Optional.empty());
            return;
        }
        NoteValue first =
                meeting.first().isEmpty() ? NoteValue.ZERO : meeting.first().get(0);
        add(
                Kind.MEETING,
                "meet",
                names + " meet " + times(meeting.perCycle()) + " in every " + meeting.every() + ", first on "
                        + FindingWords.place(phrase, first) + ".",
                onsets + " in that time.",
                at(pair.one(), first));
    }

    private void tellMorePairs(List<OfPair> pairs) {
        Map<Boolean, Long> meet = pairs.stream()
                .flatMap(pair -> pair.meeting().result().stream())
                .collect(Collectors.partitioningBy(meeting -> meeting.perCycle() > 0, Collectors.counting()));
        long unknown = pairs.size() - meet.get(true) - meet.get(false);
        add(
                Kind.MEETING,
                "more-pairs",
                "Of " + count(pairs.size(), "more pair") + ", " + number(meet.get(true)) + " meet and "
                        + number(meet.get(false)) + " never do"
                        + (unknown == 0 ? "." : "; " + number(unknown) + " cannot be counted exactly."),
                "",
                Optional.empty());
    }

    private void tellUnison(Analysis.Exact<Unison> exact) {
        if (exact.result().isEmpty()) {
            return;
        }
        Unison unison = exact.result().get();
        String sum = unison.onsets().isPresent()
                ? count(unison.onsets().getAsLong(), "different onset") + " in " + unison.every() + "."
                : "";
        String all = "All " + running.size() + " layers strike ";
        if (unison.perCycle() == 0) {
            add(Kind.MEETING, "never-all-at-once", all + "never at once.", sum, Optional.empty());
            return;
        }
        NoteValue first = unison.first().get(0);
        add(
                Kind.MEETING,
                "all-at-once",
                all + "at once " + times(unison.perCycle()) + " in every " + unison.every() + ", first on "
                        + FindingWords.place(phrase, first) + ".",
                sum,
                at(-1, first));
    }

    private void tellTogether() {
        if (running.size() < 2) {
            return;
        }
        analysis.together()
                .result()
                .ifPresent(together -> add(
                        Kind.RETURN,
                        "together",
                        (running.size() == 2 ? "Both layers" : "All " + running.size() + " layers")
                                + " are back together after " + count(together.bars(), "bar") + ".",
                        FindingWords.phrasesSum(phrase, together.phrases(), together.length())
                                + ", the least common multiple of their returns.",
                        at(-1, together.length())));
        boolean told = analysis.layers().stream()
                .anyMatch(layer -> layer.alignment().result().isEmpty());
        if (analysis.together().result().isEmpty()
                && !told
                && findings.stream().noneMatch(finding -> finding.code().equals("too-large"))) {
            tooLarge("All layers together: " + analysis.together().problem() + ".");
        }
    }

    /** The flow of it: on which 1 everybody plays, and how long the phrase runs without one. */
    private void tellOnBarLines(Unison.OnBarLines ones) {
        if (ones.perCycle() == 0) {
            add(
                    Kind.MEETING,
                    "never-on-one",
                    "The layers are never all on a 1 together: nothing but the count says where the bar begins.",
                    "",
                    Optional.empty());
            return;
        }
        long longest = ones.longestWithout().orElse(0);
        long first = ones.first().get(0);
        add(
                Kind.MEETING,
                "on-one",
                "The layers are all on the 1 of " + (ones.perCycle() == ones.every() ? "every bar" : fewOf(ones)) + ".",
                longest == 1 ? "" : "The longest run without that is " + count(longest, "bar") + ".",
                at(-1, phrase.startOf(first)));
    }

    private static String fewOf(Unison.OnBarLines ones) {
        return ones.perCycle() == 1
                ? "bar " + number(ones.first().get(0) + 1) + ", and then every " + count(ones.every(), "bar")
                : count(ones.perCycle(), "bar") + " in every " + number(ones.every());
    }

    private static String times(long number) {
        return number == 1 ? "once" : number(number) + " times";
    }

    private void tooLarge(String problem) {
        add(Kind.CHECK, "too-large", problem, "", Optional.empty());
    }

    private static Optional<Place> at(int layer, NoteValue at) {
        return Optional.of(new Place(layer, at));
    }

    private void add(Kind kind, String code, String sentence, String sum, Optional<Place> place) {
        findings.add(new Finding(kind, code, sentence, sum, place, Optional.empty()));
    }
}
