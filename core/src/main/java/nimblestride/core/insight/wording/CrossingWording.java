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
        return switch (fact.kind()) {
            case POLYMETER ->
                new Words(
                        "Polymeter: the same subdivision as the bars, but a length of its own.",
                        "Its 1 drifts against the bars' 1 until both line up.");
            case POLYRHYTHM, CROSS_RHYTHM -> new Words(ratio(crossing) + end(crossing), hits(crossing));
            default ->
                new Words(
                        "Polymeter and cross-rhythm at once"
                                + crossing.ratio().map(one -> ", " + one).orElse("")
                                + ": a length and a subdivision of its own.",
                        "Its 1 drifts against the bars' 1 as well.");
        };
    }

    /** {@code 3:4 polyrhythm: 3 notes in the time of 4 beats}; {@code 4 even notes over 7 eighths}. */
    private static String ratio(Crossing crossing) {
        if (crossing.ratio().isEmpty()) {
            return crossing.spread()
                    .map(spread -> number(spread.notes()) + " even notes over " + number(spread.units()) + " "
                            + NoteName.sayMany(spread.unit()))
                    .orElse("Even notes against uneven beats");
        }
        Ratio ratio = crossing.ratio().get();
        String called = ratio.isHemiola()
                ? "Hemiola (3:2)"
                : ratio + " " + crossing.kind().title();
        return called + ": " + number(ratio.notes()) + " notes in the time of " + number(ratio.beats()) + " beats";
    }

    private static String end(Crossing crossing) {
        if (crossing.cutOff()) {
            return ". Each reset cuts it off.";
        }
        return crossing.kind() == Crossing.Kind.CROSS_RHYTHM ? ". It crosses the bar line." : ".";
    }

    private static String hits(Crossing crossing) {
        return crossing.ratio()
                .map(ratio -> String.format(
                        Locale.ROOT,
                        "%,d + %,d - 1 = %,d hits in that time, beats included.",
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
        return new Words("It falls " + sits + lookedAt + ".", (beats(fact.against()) + hits(bars)).strip());
    }

    private static String sits(Sits sits, CrossingFact.Against against) {
        String beats = against instanceof CrossingFact.Against.Pulse
                ? "the pulse"
                : against instanceof CrossingFact.Against.EvenBeats ? "the beats" : "the groups";
        return switch (sits) {
            case ON -> (beats.equals("the pulse") ? "with " : "on ") + beats;
            case OFF -> "between " + beats;
            case BOTH -> (beats.equals("the pulse") ? "with " : "on ") + beats + " and between";
            case SILENT -> "nowhere";
        };
    }

    private static String beats(CrossingFact.Against against) {
        if (against instanceof CrossingFact.Against.Pulse pulse) {
            return "The pulse: " + FindingWords.manyPlain(pulse.value()) + " from each bar's 1. ";
        }
        return against instanceof CrossingFact.Against.EvenBeats even
                ? "The beat: " + FindingWords.plain(even.value()) + ". "
                : "The beats: the start of each group. ";
    }

    private static String hits(List<BarByBar> bars) {
        if (bars.size() > MAX_COUNTS) {
            return "";
        }
        String counts = bars.stream()
                .mapToLong(BarByBar::hits)
                .mapToObj(Counted::number)
                .collect(Collectors.joining(", "));
        return "Hits per bar: " + counts + ".";
    }

    private static Words runningHands(CrossingFact.RunningHands fact) {
        AlternatingHands hands = fact.hands();
        String letters = hands.hits().stream()
                .limit(MAX_COUNTS)
                .map(limb -> String.valueOf(limb.letter()))
                .collect(Collectors.joining(" "));
        Limb first = hands.hits().get(0);
        String over = "Play alternating " + NoteName.sayMany(hands.stroke()) + ": ";
        return new Words(
                over
                        + (hands.changes()
                                ? "its hits swap hands each cycle: "
                                : "the " + first.title() + " starts every cycle: ")
                        + letters + ".",
                hands.changes()
                        ? count(hands.strokesPerCycle(), "note")
                                + " per cycle is odd, so the other hand starts the next."
                        : count(hands.strokesPerCycle(), "note") + " per cycle is even.");
    }
}
