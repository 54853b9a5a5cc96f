package nimblestride.core.practice.timing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.function.LongPredicate;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.kit.voice.Limb;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.layer.pattern.Hit;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.CountPosition;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;

/** Where hits should be while an exercise plays. */
public final class ExpectedHits {
    /** The most hits that are looked at; of more, the last ones are. */
    public static final int MAX = 3_000;

    private final Exercise content;
    private final double millisecondsPerWhole;
    private final LongPredicate silent;
    private final Phrase written;

    /**
     * @param exercise whose selected section is played
     * @param percent of its tempo
     * @param silent tests whether the click is silent in a bar, from 0, counted on through the rounds
     */
    public ExpectedHits(Exercise exercise, int percent, LongPredicate silent) {
        this(exercise, percent, silent, exercise.phrase());
    }

    /**
     * Works as the other constructor where several rounds of a phrase are written out as one.
     *
     * @param written phrase that names the places
     */
    public ExpectedHits(Exercise exercise, int percent, LongPredicate silent, Phrase written) {
        this.written = written;
        this.content = exercise.selectedOnly();
        this.millisecondsPerWhole = content.tempo().seconds(NoteValue.WHOLE).doubleValue() * 100_000 / percent;
        this.silent = silent;
    }

    /** Returns when a moment comes, in milliseconds from the start. */
    public double milliseconds(double moment) {
        return moment * millisecondsPerWhole;
    }

    /**
     * Returns what some layers should play between two moments, in order, without riffs.
     *
     * @param layers their names
     * @throws InvalidValueException if a layer can't be laid out
     */
    public List<ExpectedHit> between(Set<String> layers, NoteValue from, NoteValue to) {
        List<ExpectedHit> expected = new ArrayList<>();
        List<String> names = content.layerNames();
        for (int i = 0; i < names.size(); i++) {
            if (layers.contains(names.get(i))) {
                LayerTimeline timeline = LayerTimeline.of(content.layers().get(i), content.phrase());
                for (Hit hit : timeline.between(from, to, 4 * MAX)) {
                    hit.voices().forEach(voice -> hit.limb(voice, content.leadHand())
                            .ifPresent(limb -> expected.add(expected(hit, voice, limb))));
                }
            }
        }
        expected.sort(Comparator.comparingDouble(ExpectedHit::at));
        return expected.size() <= MAX ? expected : expected.subList(expected.size() - MAX, expected.size());
    }

    private ExpectedHit expected(Hit hit, Voice voice, Limb limb) {
        Phrase phrase = content.phrase();
        long number = phrase.barAt(hit.at());
        Bar bar = phrase.bar(number);
        NoteValue position = hit.at().minus(phrase.startOf(number));
        ExpectedHit.Spot spot = new ExpectedHit.Spot(
                (int) (number % written.bars().size()),
                bar.beats().at(position),
                hit.at().remainder(written.length()),
                new CountPosition(bar.meter(), position).toString());
        return new ExpectedHit(
                milliseconds(content.swing().sounding(phrase, hit.at()).toDouble()),
                spot,
                number,
                position.toDouble() / bar.length().toDouble(),
                limb,
                voice,
                silentBefore(number));
    }

    private int silentBefore(long bar) {
        if (!silent.test(bar)) {
            return ExpectedHit.CLICKED;
        }
        int before = 0;
        while (bar - before - 1 >= 0 && before < 1_000 && silent.test(bar - before - 1)) {
            before++;
        }
        return before;
    }
}
