package nimblestride.core.exercise.edit;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.IntStream;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.exercise.model.SectionContent;
import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.layer.modulation.Pivot;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.pattern.Pattern;
import nimblestride.core.layer.pattern.Placement;
import nimblestride.core.layer.pattern.Span;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Grouping;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.meter.PhrasePart;
import nimblestride.core.time.meter.Repeat;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;

/**
 * Writes the same music in other bars or values: several bars as one and back, and every value doubled or halved.
 * Groups stay as they are felt.
 */
public final class RewriteEdits {
    private RewriteEdits() {}

    /**
     * Joins all bars into one: 10/8 and 9/16 become 29/16.
     *
     * @throws InvalidValueException if that bar would be too long
     */
    public static Exercise joinBars(Exercise exercise) {
        Phrase phrase = exercise.phrase();
        NoteValue unit = phrase.bars().stream()
                .distinct()
                .map(bar -> bar.meter().unit())
                .reduce(NoteValue::greatestCommonDivisor)
                .orElseThrow();
        long units = phrase.length().wholePartsOf(unit);
        if (units > Meter.MAX_UNITS) {
            throw new InvalidValueException(String.format(
                    Locale.ROOT,
                    "one bar would need %,d units of %s; a bar holds up to %,d",
                    units,
                    unit,
                    Meter.MAX_UNITS));
        }
        Meter meter = Meter.of((int) units, ExactMath.toInt(unit.denominator()));
        List<List<Integer>> inner = new ArrayList<>();
        for (Bar bar : phrase.bars()) {
            int factor = ExactMath.toInt(bar.meter().unit().wholePartsOf(unit));
            bar.grouping().times(factor).innerBars().forEach(one -> inner.add(one.sizes()));
        }
        return Rebarring.of(exercise, Phrase.of(new Bar(meter, Grouping.ofInnerBars(inner))));
    }

    /**
     * Makes the inner bars of one bar of the phrase bars of their own, each time it is played.
     *
     * @param bar number from 0, of any time the bar is played in the first round
     */
    public static Exercise splitInnerBars(Exercise exercise, int bar) {
        List<Bar> inner = exercise.phrase().bars().get(bar).innerBars();
        return Rebarring.of(exercise, exercise.phrase().replacing(bar, inner));
    }

    /**
     * Splits one bar of the phrase, each time it is played.
     *
     * @param bar number from 0, of any time the bar is played in the first round
     * @param meters of the new bars, together as long as the old one
     * @throws InvalidValueException if they are not
     */
    public static Exercise splitBars(Exercise exercise, int bar, List<Meter> meters) {
        Bar old = exercise.phrase().bars().get(bar);
        NoteValue length = meters.stream().map(Meter::length).reduce(NoteValue.ZERO, NoteValue::plus);
        if (!length.equals(old.length())) {
            throw new InvalidValueException(
                    "these bars last " + length + "; the bar they replace lasts " + old.length());
        }
        return Rebarring.of(exercise, exercise.phrase().replacing(bar, split(old, meters)));
    }

    /**
     * Writes the phrase as other bars.
     *
     * @param bars together as long as the phrase
     * @throws InvalidValueException if they are not
     */
    public static Exercise writeAs(Exercise exercise, List<Bar> bars) {
        Phrase phrase = Phrase.folded(bars);
        if (!phrase.length().equals(exercise.phrase().length())) {
            throw new InvalidValueException("these bars last " + phrase.length() + "; the phrase they replace"
                    + " lasts " + exercise.phrase().length());
        }
        return Rebarring.of(exercise, phrase);
    }

    /**
     * Returns the first bars of an exercise, counted on through the rounds. Notes placed on counts repeat in each
     * round.
     *
     * @param bars one or more
     * @throws InvalidValueException if there would be too many bars or notes
     */
    public static Exercise firstBars(Exercise exercise, long bars) {
        Phrase phrase = exercise.phrase().first(bars);
        int round = exercise.phrase().bars().size();
        return exercise.withPhrase(phrase)
                .withLayers(exercise.layers().stream()
                        .map(layer -> layer.pattern() instanceof Pattern.Placed placed && placed.isOnPhrase()
                                ? layer.withPattern(unrollRepeats(
                                        placed, round, phrase.bars().size()))
                                : layer)
                        .toList());
    }

    private static Pattern.Placed unrollRepeats(Pattern.Placed placed, int round, int bars) {
        List<Placement> again = placed.placements().stream()
                .filter(one -> one.bar() < round)
                .flatMap(one -> IntStream.iterate(one.bar(), bar -> bar < bars, bar -> bar + round)
                        .limit(Pattern.Placed.MAX_PLACED)
                        .mapToObj(bar -> new Placement(bar, one.position(), one.stroke())))
                .limit(Pattern.Placed.MAX_PLACED + 1L)
                .toList();
        // Notes that lie on none of these bars are kept.
        return again.isEmpty() ? placed : new Pattern.Placed(again);
    }

    /** Keeps the groups where old strides start on the new bar lines; a bar they cross gets its default grouping. */
    private static List<Bar> split(Bar old, List<Meter> meters) {
        List<Bar> bars = new ArrayList<>();
        NoteValue start = NoteValue.ZERO;
        for (Meter meter : meters) {
            bars.add(old.part(start, meter));
            start = start.plus(meter.length());
        }
        return bars;
    }

    /**
     * Doubles every value and the tempo, so that it sounds as before: 7/8 becomes 7/4.
     *
     * @throws InvalidValueException if a value would be out of range
     */
    public static Exercise doubleValues(Exercise exercise) {
        return scaled(exercise, 2, 1);
    }

    /**
     * Halves every value and the tempo, so that it sounds as before: 7/8 becomes 7/16.
     *
     * @throws InvalidValueException if a value would be out of range
     */
    public static Exercise halveValues(Exercise exercise) {
        return scaled(exercise, 1, 2);
    }

    private static Exercise scaled(Exercise exercise, int times, int parts) {
        Tempo tempo = exercise.start();
        return new Exercise(
                exercise.name(),
                exercise.contents().stream()
                        .map(content -> scaled(content, times, parts))
                        .toList(),
                exercise.selected(),
                new Tempo(scaled(tempo.beat(), times, parts), tempo.perMinute()),
                exercise.sections().stream()
                        .map(section -> section.withPivot(scaled(section.pivot(), times, parts)))
                        .toList(),
                exercise.playingStyle(),
                exercise.practice(),
                exercise.voices(),
                exercise.recording()
                        .map(recording -> recording.withBeats(recording.beats().scaled(times, parts))));
    }

    private static SectionContent scaled(SectionContent content, int times, int parts) {
        return content.withPhrase(Phrase.of(scaledParts(content.phrase().parts(), times, parts)))
                .withLayers(content.layers().stream()
                        .map(layer -> scaled(layer, times, parts))
                        .toList())
                .withSwing(content.swing().of(scaled(content.swing().value(), times, parts)));
    }

    private static Pivot scaled(Pivot pivot, int times, int parts) {
        return pivot.isNone()
                ? pivot
                : new Pivot(
                        /* oldValue= */ scaled(pivot.oldValue(), times, parts),
                        /* newValue= */ scaled(pivot.newValue(), times, parts));
    }

    private static List<PhrasePart> scaledParts(List<PhrasePart> parts, int times, int divisor) {
        List<PhrasePart> scaled = new ArrayList<>();
        for (PhrasePart part : parts) {
            scaled.add(
                    part instanceof Repeat repeat
                            ? new Repeat(scaledParts(repeat.parts(), times, divisor), repeat.times())
                            : scaled((Bar) part, times, divisor));
        }
        return scaled;
    }

    private static Bar scaled(Bar bar, int times, int divisor) {
        List<Meter.Term> terms = bar.meter().terms();
        boolean belowOnly = terms.stream().allMatch(term -> term.denominator() * divisor % times == 0);
        Meter meter = new Meter(terms.stream()
                .map(term -> belowOnly
                        ? new Meter.Term(term.numerators(), term.denominator() * divisor / times)
                        : new Meter.Term(
                                term.numerators().stream()
                                        .map(count -> count * times)
                                        .toList(),
                                term.denominator()))
                .toList());
        int factor = meter.units() / bar.meter().units();
        return new Bar(meter, bar.grouping().times(factor));
    }

    private static Layer scaled(Layer layer, int times, int parts) {
        return layer.withPattern(scaled(layer.pattern(), times, parts))
                .withOffset(scaled(layer.offset(), times, parts));
    }

    private static Pattern scaled(Pattern pattern, int times, int parts) {
        if (pattern instanceof Pattern.Every every) {
            return new Pattern.Every(scaled(every.value(), times, parts));
        }
        if (pattern instanceof Pattern.Cell cell) {
            return new Pattern.Cell(cell.made(), scaled(cell.step(), times, parts));
        }
        if (pattern instanceof Pattern.Stuck stuck) {
            return new Pattern.Stuck(stuck.sticking(), scaled(stuck.step(), times, parts));
        }
        if (pattern instanceof Pattern.Placed placed) {
            return placed.with(placed.placements().stream()
                    .map(one -> new Placement(one.bar(), scaled(one.position(), times, parts), one.stroke()))
                    .toList());
        }
        Pattern.Over over = (Pattern.Over) pattern;
        return over.span() instanceof Span.Length length
                ? new Pattern.Over(over.notes(), new Span.Length(scaled(length.value(), times, parts)))
                : over;
    }

    private static NoteValue scaled(NoteValue value, int times, int parts) {
        return value.times(times).dividedBy(parts);
    }
}
