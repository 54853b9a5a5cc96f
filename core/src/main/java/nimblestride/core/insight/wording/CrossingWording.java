package nimblestride.core.insight.wording;

import static nimblestride.core.foundation.words.Counted.count;
import static nimblestride.core.foundation.words.Counted.number;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import nimblestride.core.foundation.words.Counted;
import nimblestride.core.insight.fact.CrossingFact;
import nimblestride.core.insight.wording.Wording.Words;
import nimblestride.core.kit.voice.Limb;
import nimblestride.core.layer.crossing.AlternatingHands;
import nimblestride.core.layer.crossing.BarByBar;
import nimblestride.core.layer.crossing.BarByBar.Sits;
import nimblestride.core.layer.crossing.Crossing;
import nimblestride.core.time.value.NoteName;
import nimblestride.core.time.value.NoteValue;

/** The words for what a layer is called against the bars, and how it sits in them. */
final class CrossingWording {
    private static final int MAX_COUNTS = 16;

    private CrossingWording() {}

    static Words of(CrossingFact fact) {
        if (fact instanceof CrossingFact.Called called) {
            return called(called);
        }
        if (fact instanceof CrossingFact.OnTheBeat onTheBeat) {
            return onTheBeat(onTheBeat);
        }
        return runningHands((CrossingFact.RunningHands) fact);
    }

    private static Words called(CrossingFact.Called fact) {
        String name = fact.layer() + " " + FindingWords.pattern(fact.pattern()) + " is a ";
        Crossing crossing = fact.crossing();
        return switch (fact.kind()) {
            case POLYMETER ->
                new Words(
                        name + "polymeter: the bars' pulse, in a length of its own.",
                        "The listener hears its 1 move against the 1 of the bars until both fall together.");
            case POLYRHYTHM ->
                new Words(
                        name + "polyrhythm: " + number(crossing.notes()) + " against " + number(crossing.against())
                                + ", two pulses in the same time.",
                        String.format(
                                Locale.ROOT,
                                "The listener hears both pulses, and %,d + %,d - 1 = %,d different onsets before they meet"
                                        + " again.",
                                crossing.notes(),
                                crossing.against(),
                                crossing.notes() + crossing.against() - 1));
            default ->
                new Words(
                        name + "polymeter and a polyrhythm at once: a length and a pulse of its own.",
                        "The listener hears another pulse, whose 1 moves against the 1 of the bars as well.");
        };
    }

    private static Words onTheBeat(CrossingFact.OnTheBeat fact) {
        List<BarByBar> bars = fact.bars();
        Map<Sits, List<Long>> sitting = new EnumMap<>(Sits.class);
        for (int bar = 0; bar < bars.size(); bar++) {
            sitting.computeIfAbsent(bars.get(bar).sits(), sits -> new ArrayList<>())
                    .add((long) bar);
        }
        String sits = sitting.entrySet().stream()
                .map(one -> one.getKey().title() + " in "
                        + (one.getValue().size() == bars.size() ? "every bar" : FindingWords.bars(one.getValue())))
                .collect(Collectors.joining(", "));
        String lookedAt = bars.size() < fact.untilRealigned() ? " of the first " + bars.size() : "";
        return new Words(fact.layer() + " is " + sits + lookedAt + ".", (beats(fact.beats()) + hits(bars)).strip());
    }

    private static String beats(List<NoteValue> beats) {
        return beats.size() == 1
                ? "The beat meant is the " + NoteName.say(beats.get(0)) + ", from each bar's 1. "
                : "Each bar has beats of its own, from its 1. ";
    }

    private static String hits(List<BarByBar> bars) {
        if (bars.size() > MAX_COUNTS) {
            return "";
        }
        String counts = bars.stream()
                .mapToLong(BarByBar::hits)
                .mapToObj(Counted::number)
                .collect(Collectors.joining(", "));
        return "Hits bar by bar: " + counts + ".";
    }

    private static Words runningHands(CrossingFact.RunningHands fact) {
        AlternatingHands hands = fact.hands();
        String letters = hands.hits().stream()
                .limit(MAX_COUNTS)
                .map(limb -> String.valueOf(limb.letter()))
                .collect(Collectors.joining(" "));
        Limb first = hands.hits().get(0);
        return new Words(
                "Over alternate " + NoteName.sayMany(hands.stroke()) + " the hits of " + fact.layer()
                        + (hands.changes()
                                ? " change hands from one cycle to the next: "
                                : " begin every cycle with the " + first.title() + ": ")
                        + letters + ".",
                count(hands.strokesPerCycle(), "stroke") + " a cycle, "
                        + (hands.changes()
                                ? "an odd number, so the next begins on the other hand."
                                : "an even number."));
    }
}
