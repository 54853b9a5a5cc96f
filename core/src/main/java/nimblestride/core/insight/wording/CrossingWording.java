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
import nimblestride.core.layer.crossing.Crossing.Ratio;
import nimblestride.core.time.value.NoteName;

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
        Crossing crossing = fact.crossing();
        String name = fact.layer() + " " + FindingWords.pattern(fact.pattern()) + " is ";
        return switch (fact.kind()) {
            case POLYMETER ->
                new Words(
                        name + "a polymeter: it shares the bars' subdivision, but not their length.",
                        "Its 1 moves against the 1 of the bars until both fall together.");
            case POLYRHYTHM, CROSS_RHYTHM -> new Words(name + ratio(crossing) + end(crossing), hits(crossing));
            default ->
                new Words(
                        name + "a polymeter and a cross-rhythm at once"
                                + crossing.ratio().map(one -> ", " + one).orElse("")
                                + ": neither its length nor its subdivision is that of the bars.",
                        "Its 1 moves against the 1 of the bars as well.");
        };
    }

    /** {@code a 3:4 polyrhythm: 3 notes in the time of 4 beats}; {@code 4 even notes over 7 eighths}. */
    private static String ratio(Crossing crossing) {
        if (crossing.ratio().isEmpty()) {
            return crossing.spread()
                    .map(spread -> number(spread.notes()) + " even notes over " + number(spread.units()) + " "
                            + NoteName.sayMany(spread.unit()))
                    .orElse("a row of even notes against uneven beats");
        }
        Ratio ratio = crossing.ratio().get();
        String called = ratio.isHemiola()
                ? "a hemiola"
                : "a " + ratio + " " + crossing.kind().title();
        return called + ": " + number(ratio.notes()) + " notes in the time of " + number(ratio.beats()) + " beats";
    }

    private static String end(Crossing crossing) {
        if (crossing.cutOff()) {
            return ", cut off at each reset.";
        }
        return crossing.kind() == Crossing.Kind.CROSS_RHYTHM ? ". It crosses the bar line." : ".";
    }

    private static String hits(Crossing crossing) {
        return crossing.ratio()
                .map(ratio -> String.format(
                        Locale.ROOT,
                        "%,d + %,d - 1 = %,d different hits in that time.",
                        ratio.notes(),
                        ratio.beats(),
                        ratio.hitsTogether()))
                .orElse("");
    }

    private static Words onTheBeat(CrossingFact.OnTheBeat fact) {
        List<BarByBar> bars = fact.bars();
        Map<Sits, List<Long>> sitting = new EnumMap<>(Sits.class);
        for (int bar = 0; bar < bars.size(); bar++) {
            sitting.computeIfAbsent(bars.get(bar).sits(), sits -> new ArrayList<>())
                    .add((long) bar);
        }
        String sits = sitting.entrySet().stream()
                .map(one -> sits(one.getKey(), fact.against()) + " in "
                        + (one.getValue().size() == bars.size() ? "every bar" : FindingWords.bars(one.getValue())))
                .collect(Collectors.joining(", "));
        String lookedAt = bars.size() < fact.untilRealigned() ? " of the first " + bars.size() : "";
        return new Words(fact.layer() + " is " + sits + lookedAt + ".", (beats(fact.against()) + hits(bars)).strip());
    }

    private static String sits(Sits sits, CrossingFact.Against against) {
        if (!(against instanceof CrossingFact.Against.Pulse)) {
            return sits.title();
        }
        return switch (sits) {
            case ON -> "with the pulse";
            case OFF -> "between";
            case BOTH -> "with the pulse and between";
            case SILENT -> sits.title();
        };
    }

    private static String beats(CrossingFact.Against against) {
        if (against instanceof CrossingFact.Against.Pulse pulse) {
            return "The pulse is the " + NoteName.say(pulse.value()) + ", from each bar's 1. ";
        }
        return against instanceof CrossingFact.Against.EvenBeats even
                ? "The beat is the " + NoteName.say(even.value()) + ". "
                : "The beats are the strides, long and short. ";
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
