package nimblestride.core.insight.resolution;

import static nimblestride.core.foundation.words.Counted.count;
import static nimblestride.core.foundation.words.Counted.number;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;
import nimblestride.core.exercise.edit.RewriteEdits;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.insight.resolution.Resolution.Kind;
import nimblestride.core.layer.alignment.Alignment;
import nimblestride.core.layer.pattern.CellPart;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Reset;
import nimblestride.core.layer.pattern.Riff;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.CommonNote;
import nimblestride.core.time.value.NoteName;
import nimblestride.core.time.value.NoteValue;

/**
 * Finds every way to make a riff fit where something is left over: 4 riffs of 5/8 leave 1/2 of three bars of 4/4, so a
 * tail of 2/4 makes it fit, or an extra bar of 1/8, or eight riffs over five bars. The riff starts on the 1 of the
 * first bar.
 */
public final class Resolutions {
    private static final long MAX_BARS = 1_000;
    private static final int NEARBY = 12;

    private final Exercise exercise;
    private final int index;
    private final Layer layer;
    private final Phrase phrase;
    private final long bars;
    private final Riff riff;
    private final NoteValue cycle;
    private final NoteValue length;
    private final long whole;
    private final NoteValue over;
    private final CommonNote note;
    private final List<Resolution> ways = new ArrayList<>();

    private Resolutions(Exercise exercise, int index, long bars, Riff riff) {
        this.exercise = exercise;
        this.index = index;
        this.layer = exercise.layers().get(index).withOffset(NoteValue.ZERO).withReset(Reset.NEVER);
        this.phrase = exercise.phrase();
        this.bars = bars;
        this.riff = riff;
        this.cycle = riff.length();
        this.length = phrase.startOf(bars);
        this.whole = length.wholePartsOf(cycle);
        this.over = length.remainder(cycle);
        this.note = CommonNote.of(List.of(cycle, length));
    }

    /**
     * Returns the ways.
     *
     * @param layer index of the riff, from 0
     * @param bars how many bars, counted on through the rounds of the phrase
     * @throws InvalidValueException if the riff is as long as the bars anyway, or there are too many bars
     */
    public static List<Resolution> of(Exercise exercise, int layer, long bars) {
        if (bars < 1 || bars > MAX_BARS) {
            throw new InvalidValueException(String.format(Locale.ROOT, "type 1 to %,d bars, not %,d", MAX_BARS, bars));
        }
        Riff riff = Riff.of(exercise.layers().get(layer).pattern())
                .orElseThrow(() -> new InvalidValueException(
                        exercise.layerNames().get(layer) + " is as long as its bars, so it always fits"));
        return new Resolutions(exercise, layer, bars, riff).ways();
    }

    /** Returns the sum in words: {@code 3 bars hold 4 riffs of 5 eighths, with 4 eighths left over.} */
    public static String sum(NoteValue cycle, NoteValue length, long bars) {
        CommonNote note = CommonNote.of(List.of(cycle, length));
        NoteValue over = length.remainder(cycle);
        long riffs = length.wholePartsOf(cycle);
        return count(bars, "bar") + (bars == 1 ? " holds " : " hold ") + count(riffs, "riff") + " of " + note.say(cycle)
                + (over.isZero() ? " exactly." : ", with " + note.say(over) + " left over.");
    }

    private List<Resolution> ways() {
        if (over.isZero()) {
            add(
                    Kind.REPEATS,
                    count(whole, "riff") + " in " + count(bars, "bar"),
                    times(whole) + " = " + said(length) + ".",
                    () -> with(bars, layer));
            return ways;
        }
        repeats();
        if (whole > 0) {
            tail();
        }
        barAtTheEnd();
        if (whole > 0) {
            start();
            cut();
        }
        if (whole > 1) {
            turnaround();
        }
        otherRiff();
        return ways;
    }

    /** Returns a number of bars with another layer. */
    private Exercise with(long newBars, Layer newLayer) {
        return RewriteEdits.firstBars(exercise, newBars).withLayer(index, newLayer);
    }

    /** Returns all bars but some, and another one after them. */
    private Exercise withBar(long without, NoteValue newLength) {
        Bar bar = Bar.of(meter(newLength));
        if (without == bars) {
            return with(bars, layer).withPhrase(Phrase.of(bar));
        }
        return with(bars, layer).withPhrase(phrase.first(bars - without).plus(bar));
    }

    /** Goes on until it realigns, and to the bar lines it lands on before that. */
    private void repeats() {
        Alignment alignment;
        try {
            alignment = Alignment.of(layer, phrase);
        } catch (StrideException e) {
            return;
        }
        alignment.landings().stream()
                .filter(bar -> bar > 0 && bar <= MAX_BARS)
                .limit(2)
                .forEach(this::stopAt);
        stopAt(alignment.returnsAfter().bars());
    }

    private void stopAt(long stop) {
        NoteValue total = phrase.startOf(stop);
        long riffs = total.wholePartsOf(cycle);
        add(
                Kind.REPEATS,
                count(riffs, "riff") + " in " + count(stop, "bar"),
                times(riffs) + " = " + said(total) + ".",
                () -> with(stop, layer));
    }

    private void tail() {
        add(
                Kind.TAIL,
                count(whole, "riff") + " and a tail of " + name(over),
                times(whole) + " + " + said(over) + " = " + said(length) + " = " + count(bars, "bar") + ".",
                () -> {
                    NoteValue unit = riff.step().greatestCommonDivisor(over);
                    Riff before = riff.on(unit).times(ExactMath.toInt(whole));
                    int steps = ExactMath.toInt(over.wholePartsOf(unit));
                    return with(
                            bars, layer.withPattern(before.then(struck(steps)).pattern()));
                });
    }

    /** Returns a stroke and rests. */
    private List<CellPart> struck(int steps) {
        List<CellPart> struck = new ArrayList<>();
        struck.add(new CellPart.Step(Optional.of(riff.firstStroke())));
        struck.addAll(CellPart.rests(steps - 1));
        return struck;
    }

    private void barAtTheEnd() {
        NoteValue missing = cycle.minus(over);
        String more = times(whole + 1) + " = " + said(length) + " + " + said(missing) + ".";
        add(Kind.EXTRA_BAR, "Add a bar of " + name(missing) + " at the end", more, () -> withBar(0, missing));
        NoteValue last = phrase.bar(bars - 1).length();
        add(
                Kind.LAST_BAR,
                "Make the last bar " + name(last.plus(missing)) + " instead of "
                        + phrase.bar(bars - 1).meter(),
                more,
                () -> withBar(1, last.plus(missing)));
        if (over.compareTo(last) < 0 && whole > 0) {
            add(
                    Kind.LAST_BAR,
                    "Make the last bar " + name(last.minus(over)) + " instead of "
                            + phrase.bar(bars - 1).meter(),
                    times(whole) + " = " + said(length) + " - " + said(over) + ".",
                    () -> withBar(1, last.minus(over)));
        }
    }

    private void start() {
        add(
                Kind.OFFSET,
                "Start it " + said(over) + " late: it ends with bar " + number(bars),
                said(over) + " + " + times(whole) + " = " + said(length) + ".",
                () -> with(bars, layer.withOffset(over).withReset(Reset.PHRASE)));
    }

    private void cut() {
        add(
                Kind.CUT,
                "Restart it with the phrase: the last one stops after " + said(over),
                times(whole) + " = " + said(length.minus(over)) + ", plus " + said(over) + ".",
                () -> with(bars, layer.withReset(Reset.PHRASE)));
    }

    /** Plays hits in threes and twos in place of the last riff and what is left over. */
    private void turnaround() {
        NoteValue rest = cycle.plus(over);
        NoteValue unit = riff.step().greatestCommonDivisor(over);
        while (rest.wholePartsOf(unit.times(2)) >= 4
                && rest.isMultipleOf(unit.times(2))
                && riff.length().isMultipleOf(unit.times(2))) {
            unit = unit.times(2);
        }
        long units = rest.wholePartsOf(unit);
        if (units < 2 || units > Meter.MAX_UNITS) {
            return;
        }
        NoteValue counted = unit;
        List<Integer> groups = Meter.of((int) units, 8).defaultGrouping().sizes();
        add(
                Kind.TURNAROUND,
                count(whole - 1, "riff") + " and a turnaround of "
                        + String.join("+", groups.stream().map(String::valueOf).toList()) + " "
                        + NoteName.sayMany(counted),
                times(whole - 1) + " + " + said(rest) + " = " + said(length) + ".",
                () -> {
                    NoteValue grid = riff.step().greatestCommonDivisor(counted);
                    int factor = ExactMath.toInt(counted.wholePartsOf(grid));
                    List<CellPart> figure = groups.stream()
                            .flatMap(size -> struck(size * factor).stream())
                            .toList();
                    return with(
                            bars,
                            layer.withPattern(riff.on(grid)
                                    .times(ExactMath.toInt(whole - 1))
                                    .then(figure)
                                    .pattern()));
                });
    }

    /** Tries lengths a few steps shorter or longer that fit the time a whole number of times. */
    private void otherRiff() {
        NoteValue unit =
                riff.steps() > 1 ? riff.step() : phrase.bar(0).meter().unit().greatestCommonDivisor(cycle);
        boolean shorter = false;
        boolean longer = false;
        for (int steps = 1; steps <= NEARBY && !(shorter && longer); steps++) {
            NoteValue change = unit.times(steps);
            if (!shorter && change.compareTo(cycle) < 0 && length.isMultipleOf(cycle.minus(change))) {
                shorter = true;
                other(cycle.minus(change), said(change) + " shorter", unit, -steps);
            }
            if (!longer && length.isMultipleOf(cycle.plus(change))) {
                longer = true;
                other(cycle.plus(change), said(change) + " longer", unit, steps);
            }
        }
    }

    private void other(NoteValue newCycle, String how, NoteValue unit, int steps) {
        long riffs = length.wholePartsOf(newCycle);
        add(
                Kind.OTHER_RIFF,
                "Make it " + how + ": " + name(newCycle),
                note.times(riffs, newCycle) + " = " + said(length) + ".",
                () -> {
                    Riff fine = riff.on(unit);
                    Riff changed = steps > 0
                            ? fine.then(CellPart.rests(steps))
                            : fine.first(ExactMath.toInt(fine.steps() + steps));
                    return with(
                            bars,
                            layer.withPattern(
                                    riff.steps() == 1
                                            ? new Riff(riff.parts(), newCycle, riff.stuck()).pattern()
                                            : changed.pattern()));
                });
    }

    /** Adds a way, unless it needs a longer pattern, phrase, or bar than there can be. */
    private void add(Kind kind, String label, String sum, Supplier<Exercise> exercise) {
        try {
            ways.add(new Resolution(kind, label, sum, exercise.get()));
        } catch (StrideException e) {
            // Then it can't be written down.
        }
    }

    private static Meter meter(NoteValue value) {
        return Meter.lasting(value).orElseThrow(() -> new InvalidValueException("no time signature lasts " + value));
    }

    private static String name(NoteValue value) {
        return Meter.lasting(value).map(Meter::toString).orElse(value.toString());
    }

    private String times(long riffs) {
        return note.times(riffs, cycle);
    }

    private String said(NoteValue value) {
        return note.and(value).say(value);
    }
}
