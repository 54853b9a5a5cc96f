package nimblestride.core.practice.timing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import nimblestride.core.foundation.words.Counted;

/**
 * Puts a timing into sentences: first what to work on, then what was played. Only what stands out from chance is
 * something to work on.
 */
public final class TimingAdvice {
    private static final double SURE = 3;
    private static final int FEW = 8;

    private final Timing timing;

    private TimingAdvice(Timing timing) {
        this.timing = timing;
    }

    /** Returns the sentences. */
    public static List<String> of(Timing timing) {
        TimingAdvice advice = new TimingAdvice(timing);
        List<String> sentences = new ArrayList<>();
        sentences.add(advice.toWorkOn());
        sentences.add(advice.played());
        advice.fromTheClick().ifPresent(sentences::add);
        return sentences;
    }

    /**
     * Returns the places that are early or late against the rest, worst first.
     *
     * @param most places to return
     */
    public static List<ExpectedHit.Spot> hardest(Timing timing, int most) {
        return new TimingAdvice(timing)
                .outstanding().stream().limit(most).map(Map.Entry::getKey).toList();
    }

    private String toWorkOn() {
        int played = timing.matching().pairs().size();
        if (played < FEW) {
            return "Too few hits to advise you: " + Counted.count(played, "hit") + " so far.";
        }
        int expected = played + timing.matching().missed();
        if (10 * timing.matching().missed() > expected) {
            return String.format(
                    Locale.ROOT,
                    "Slow down and get the notes first: you missed %s of %s.",
                    Counted.number(timing.matching().missed()),
                    Counted.number(expected));
        }
        return afterTheLine()
                .or(this::limb)
                .or(this::place)
                .or(this::inSilence)
                .or(this::unsteady)
                .orElse("In time: nothing stands out. Go a step faster, or let the click drop out.");
    }

    /** Smaller differences are nothing to work on, in milliseconds. */
    private double audible() {
        return TypicalTiming.audible(timing.gap());
    }

    private Optional<String> limb() {
        return timing.byLimb().entrySet().stream()
                .filter(limb -> limb.getValue().count() >= FEW)
                .filter(limb -> limb.getValue().count() < timing.overall().count())
                .filter(limb -> standsOut(limb.getValue()))
                .max(Comparator.comparingDouble(limb -> Math.abs(off(limb.getValue()))))
                .map(limb -> String.format(
                        Locale.ROOT,
                        "Work on the %s: %s compared with the rest.",
                        limb.getKey().title(),
                        said(off(limb.getValue()))));
    }

    private Optional<String> afterTheLine() {
        return timing.rush()
                .filter(LinearTrend::isSure)
                .filter(rush -> Math.abs(rush.slope()) >= audible())
                .map(rush -> String.format(
                        Locale.ROOT,
                        "Work on what follows the 1: right after each bar line you are %s, then you recover by the end"
                                + " of the bar.",
                        said(rush.slope())));
    }

    private Optional<String> place() {
        return outstanding().stream()
                .findFirst()
                .map(spot -> String.format(
                        Locale.ROOT,
                        "Work on %s of bar %s: %s compared with the rest.",
                        spot.getKey().count(),
                        Counted.number(spot.getKey().bar() + 1L),
                        said(off(spot.getValue()))));
    }

    private List<Map.Entry<ExpectedHit.Spot, TimingSpread>> outstanding() {
        return timing.bySpot().entrySet().stream()
                .filter(spot -> spot.getValue().count() >= 3 && standsOut(spot.getValue()))
                .sorted(Comparator.comparingDouble(spot -> -Math.abs(off(spot.getValue()))))
                .toList();
    }

    private Optional<String> inSilence() {
        return timing.drift()
                .filter(LinearTrend::isSure)
                .filter(drift -> Math.abs(drift.slope()) >= audible() / 2)
                .map(drift -> String.format(
                        Locale.ROOT,
                        "Work on holding the tempo: while the click is silent you %s by %.0f ms per bar.",
                        drift.slope() < 0 ? "rush" : "drag",
                        Math.abs(drift.slope())));
    }

    private Optional<String> unsteady() {
        double ordinary = TypicalTiming.spread(timing.gap());
        return timing.scatter() <= 1.5 * ordinary
                ? Optional.empty()
                : Optional.of(String.format(
                        Locale.ROOT,
                        "Slow down and work on evenness: your spread is %.0f ms. %.0f ms is ordinary at this tempo; trained"
                                + " players reach %.0f ms.",
                        timing.scatter(),
                        ordinary,
                        TypicalTiming.trainedSpread(timing.gap())));
    }

    /** Returns how far a spread is from the rest. */
    private double off(TimingSpread spread) {
        return spread.mean() - timing.overall().mean();
    }

    private boolean standsOut(TimingSpread spread) {
        double chance = Math.max(spread.chance(), timing.scatter() / Math.sqrt(spread.count()));
        return Math.abs(off(spread)) >= audible() && Math.abs(off(spread)) > SURE * chance;
    }

    private String played() {
        String missed = timing.matching().missed() == 0
                ? ""
                : ", " + Counted.number(timing.matching().missed()) + " missed";
        String extra = timing.matching().extra() == 0
                ? ""
                : ", " + Counted.number(timing.matching().extra()) + " extra";
        return String.format(
                Locale.ROOT,
                "%s matched%s%s. Spread: %.0f ms.",
                Counted.count(timing.matching().pairs().size(), "hit"),
                missed,
                extra,
                timing.scatter());
    }

    private Optional<String> fromTheClick() {
        TimingSpread overall = timing.overall();
        if (Math.abs(overall.mean()) < audible()) {
            return Optional.empty();
        }
        String whole = String.format(
                Locale.ROOT,
                "On average you are %.0f ms %s the click",
                Math.abs(overall.mean()),
                overall.mean() < 0 ? "ahead of" : "behind");
        return Optional.of(
                TypicalTiming.isEarlyAsOrdinary(overall)
                        ? whole + ", as trained players are. Nothing to fix."
                        : whole + ". If it sounds right to you, check the latency first.");
    }

    /** Returns {@code 14 ms early}. */
    private static String said(double late) {
        return String.format(Locale.ROOT, "%.0f ms %s", Math.abs(late), late < 0 ? "early" : "late");
    }
}
