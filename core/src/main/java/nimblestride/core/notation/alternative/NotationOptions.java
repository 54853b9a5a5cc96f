package nimblestride.core.notation.alternative;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import nimblestride.core.exercise.edit.RewriteEdits;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.layer.pattern.Hit;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.notation.score.BarPlan;
import nimblestride.core.notation.score.BarPlan.Planned;
import nimblestride.core.notation.score.Score;
import nimblestride.core.notation.score.ScoreStyle;
import nimblestride.core.notation.score.ScoreWriter;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import org.apache.commons.numbers.fraction.BigFraction;

/**
 * Finds ways to write a phrase: as it is, as one long bar or several short ones, in one unit, in other values, with a
 * modulation where the tempo changes, at one tempo throughout, or over a denominator that is no power of two. Offers a
 * way only when every stroke, read back from its notes alone, falls at the very moment it sounds.
 */
public final class NotationOptions {
    /** The most bars of a phrase that are judged. */
    public static final int MAX_BARS = 128;

    private static final int MAX_ALTERNATING = 4;
    private static final int MAX_NOTES = 1_000_000;

    private final Exercise exercise;
    private final ScoreStyle style;
    private final List<Bar> bars;
    private final NoteValue length;
    private final List<NotationOption> ways = new ArrayList<>();
    private final Set<BarPlan> seen = new HashSet<>();

    private NotationOptions(Exercise exercise, ScoreStyle style) {
        this.exercise = exercise;
        this.style = style.repeating(false);
        List<Bar> all = exercise.phrase().bars();
        this.bars = all.subList(0, Math.min(MAX_BARS, all.size()));
        this.length = exercise.phrase().startOf(bars.size());
    }

    /** Returns all ways, the one that reads best first. */
    public static List<NotationOption> of(Exercise exercise, ScoreStyle style) {
        NotationOptions ways = new NotationOptions(exercise, style);
        ways.find();
        ways.ways.sort(Comparator.comparingDouble(NotationOption::effort));
        return List.copyOf(ways.ways);
    }

    private boolean isWhole() {
        return bars.size() == exercise.phrase().bars().size();
    }

    private void find() {
        boolean plain = bars.stream().allMatch(bar -> RewrittenBars.isPlain(bar.meter()));
        offer("As written", RewrittenBars.plain(bars), exercise);
        if (isWhole() && bars.size() > 1) {
            rewriting(RewriteEdits::joinBars)
                    .ifPresent(one -> offer("One long bar", plan(one.phrase(), BigFraction.ONE), one));
        }
        List<Bar> cut =
                bars.stream().flatMap(bar -> RewrittenBars.cut(bar).stream()).toList();
        BarPlan shortBars = RewrittenBars.plain(cut);
        rewriting(this::inShortBars)
                .ifPresentOrElse(
                        inShortBars -> offer("Several short bars", shortBars, inShortBars),
                        () -> offer("Several short bars", shortBars));
        NoteValue unit = bars.stream()
                .map(bar -> bar.meter().unit())
                .reduce(NoteValue::greatestCommonDivisor)
                .orElseThrow();
        if (unit.numerator() == 1 && unit.denominator() <= Meter.MAX_DENOMINATOR) {
            oneUnit(unit, plain);
        }
        alternating();
        if (plain) {
            rewriting(RewriteEdits::doubleValues)
                    .ifPresent(two -> offer("Doubled note values", plan(two.phrase(), BigFraction.of(2)), two));
            rewriting(RewriteEdits::halveValues)
                    .ifPresent(half -> offer("Halved note values", plan(half.phrase(), BigFraction.of(1, 2)), half));
        } else {
            gears(unit);
        }
    }

    private void oneUnit(NoteValue unit, boolean plain) {
        try {
            List<Bar> rewritten =
                    bars.stream().map(bar -> RewrittenBars.inUnits(bar, unit)).toList();
            String name = plain ? "Every bar in 1/" + unit.denominator() : "A signature in 1/" + unit.denominator();
            offer(name, RewrittenBars.plain(rewritten));
        } catch (StrideException e) {
            // A bar of more units than a bar may have is no way to write.
        }
    }

    /** Adds one signature for two to four meters that alternate through the phrase. */
    private void alternating() {
        List<Meter> meters = bars.stream().map(Bar::meter).toList();
        for (int turn = 2; turn <= Math.min(MAX_ALTERNATING, meters.size()); turn++) {
            int every = turn;
            boolean differ = meters.subList(0, turn).stream().distinct().count() == turn;
            boolean inTurn = meters.size() % turn == 0;
            for (int i = 0; i < meters.size() && inTurn; i++) {
                inTurn = meters.get(i).equals(meters.get(i % every));
            }
            if (differ && inTurn) {
                BarPlan plan = RewrittenBars.plain(bars).alternating(meters.subList(0, turn));
                offer("One alternating signature", plan);
                return;
            }
        }
    }

    private void gears(NoteValue unit) {
        List<Planned> each = bars.stream()
                .flatMap(bar -> RewrittenBars.eachInItsGear(bar).stream())
                .toList();
        offer("A modulation at each change of subdivision", new BarPlan(each, List.of()));
        BigFraction gear = RewrittenBars.gear(unit);
        try {
            List<Planned> small = bars.stream()
                    .map(bar -> RewrittenBars.inUnits(bar, unit))
                    .map(bar -> RewrittenBars.inGear(bar, gear))
                    .toList();
            NoteValue written = NoteValue.of(unit.fraction().multiply(gear));
            offer("One tempo throughout, in 1/" + written.denominator(), new BarPlan(small, List.of()))
                    .ifPresent(way -> ways.set(ways.indexOf(way), judged(way, plainShare(each))));
        } catch (StrideException e) {
            // As above: no bar of so many units.
        }
    }

    private double plainShare(List<Planned> each) {
        NoteValue plainLength = each.stream()
                .filter(one -> one.stretch().equals(BigFraction.ONE))
                .map(Planned::sounding)
                .reduce(NoteValue.ZERO, NoteValue::plus);
        return plainLength.toDouble() / length.toDouble();
    }

    private NotationOption judged(NotationOption way, double plainShare) {
        Legibility legibility = new Legibility(way.score(), way.plan());
        legibility.hidesPlainBars(plainShare);
        return new NotationOption(
                way.name(),
                way.plan(),
                way.score(),
                legibility.speaksFor(),
                legibility.speaksAgainst(),
                legibility.effort(),
                way.strokes(),
                way.rewritten());
    }

    private interface Rewrite {
        Exercise apply(Exercise exercise);
    }

    private Optional<Exercise> rewriting(Rewrite rewrite) {
        try {
            return Optional.of(rewrite.apply(exercise));
        } catch (StrideException e) {
            return Optional.empty();
        }
    }

    /** Splits from the last bar to the first, so that bar numbers stay valid; splits each distinct bar once. */
    private Exercise inShortBars(Exercise whole) {
        Exercise changed = whole;
        List<Integer> written = whole.phrase().writtenBars();
        for (int i = written.size() - 1; i >= 0; i--) {
            Bar bar = whole.phrase().bars().get(written.get(i));
            List<Bar> cut = RewrittenBars.cut(bar);
            if (cut.size() > 1) {
                changed = RewriteEdits.splitBars(
                        changed, written.get(i), cut.stream().map(Bar::meter).toList());
            }
        }
        return changed;
    }

    private BarPlan plan(Phrase phrase, BigFraction stretch) {
        List<Planned> planned = new ArrayList<>();
        BigFraction wanted = length.fraction();
        BigFraction sum = BigFraction.ZERO;
        for (Bar bar : phrase.bars()) {
            if (sum.compareTo(wanted) < 0) {
                Planned one = new Planned(bar, stretch);
                planned.add(one);
                sum = sum.add(one.sounding().fraction());
            }
        }
        return new BarPlan(planned, List.of());
    }

    /** Adds a way if it is new, can be written, and sounds right. */
    private Optional<NotationOption> offer(String name, BarPlan plan) {
        return offer(name, plan, heard -> Optional.empty());
    }

    private Optional<NotationOption> offer(String name, BarPlan plan, Exercise rewritten) {
        return offer(name, plan, heard -> Optional.of(rewritten).filter(other -> soundsAlike(other, heard)));
    }

    private Optional<NotationOption> offer(
            String name, BarPlan plan, Function<Set<Moment>, Optional<Exercise>> rewriting) {
        if (!seen.add(plan)) {
            return Optional.empty();
        }
        Score score;
        try {
            score = ScoreWriter.write(exercise, plan, style);
        } catch (StrideException e) {
            // More notes than can be written are no way to write.
            return Optional.empty();
        }
        if (score.bars().stream().anyMatch(bar -> !bar.problem().isEmpty())) {
            return Optional.empty();
        }
        Set<Moment> heard = heard(exercise, plan.sounding());
        Set<Moment> read = read(score);
        if (!heard.equals(read)) {
            return Optional.empty();
        }
        Legibility legibility = new Legibility(score, plan);
        NotationOption way = new NotationOption(
                name,
                plan,
                score,
                legibility.speaksFor(),
                legibility.speaksAgainst(),
                legibility.effort(),
                read.size(),
                rewriting.apply(heard));
        ways.add(way);
        return Optional.of(way);
    }

    /** A voice at a moment. */
    private record Moment(BigFraction seconds, String voice) {}

    /** Returns whether the music stays the same; a layer that follows the bar may not fit other bars. */
    private boolean soundsAlike(Exercise other, Set<Moment> heard) {
        BigFraction scale = other.phrase()
                .length()
                .fraction()
                .divide(exercise.phrase().length().fraction());
        return heard(other, NoteValue.of(length.fraction().multiply(scale))).equals(heard);
    }

    private static Set<Moment> heard(Exercise played, NoteValue until) {
        Set<Moment> moments = new HashSet<>();
        for (Layer layer : played.layers()) {
            try {
                for (Hit hit : LayerTimeline.of(layer, played.phrase()).between(NoteValue.ZERO, until, MAX_NOTES)) {
                    BigFraction seconds = played.tempo().seconds(hit.at());
                    hit.voices().forEach(voice -> moments.add(new Moment(seconds, voice.name())));
                }
            } catch (StrideException e) {
                // A layer that can't be laid out neither sounds nor is written.
            }
        }
        return moments;
    }

    private static Set<Moment> read(Score score) {
        Set<Moment> moments = new HashSet<>();
        score.readBack()
                .forEach(struck -> moments.add(
                        new Moment(struck.seconds(), struck.head().voice().name())));
        return moments;
    }
}
