package nimblestride.core.transcription.proposal;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Optional;
import java.util.TreeMap;
import nimblestride.core.foundation.exact.ExactOverflowException;
import nimblestride.core.foundation.words.Tally;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteName;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.transcription.repetition.Cycle;
import nimblestride.core.transcription.repetition.Cycles;
import nimblestride.core.transcription.repetition.Line;
import nimblestride.core.transcription.repetition.PhraseRepeat;
import nimblestride.core.transcription.repetition.PhraseRepeats;

/** What repeats in a passage: voices whose cycle is not the bar's, and bars that make a phrase. */
final class Offers {
    private final Passage passage;
    private final int number;
    private final Phrase phrase;

    Offers(Passage passage, int number) {
        this.passage = passage;
        this.number = number;
        this.phrase = passage.phrase();
    }

    /** Best first: the surest, and of those as sure the ones that lose nothing. */
    List<Offer> all() {
        List<Offer> offers = new ArrayList<>();
        List<Line> bound = new ArrayList<>();
        for (Line line : passage.lines()) {
            Optional<Offer.AsLayer> layer = layer(line);
            layer.ifPresent(offers::add);
            if (layer.filter(Offer::isExact).isEmpty()) {
                bound.add(line);
            }
        }
        phrase(bound).ifPresent(offers::add);
        offers.sort(Comparator.comparing(Offer::isExact).reversed().thenComparing(offer -> -offer.sureness()
                .value()));
        return offers;
    }

    private Optional<Offer.AsLayer> layer(Line line) {
        Optional<Cycle> exact = Cycles.exact(line);
        Optional<Cycle> cycle = exact.isPresent() ? exact : Cycles.nearly(line);
        return cycle.filter(one -> !isBoundToBars(one.length()))
                .filter(one -> one.layer().isPresent())
                .map(one -> new Offer.AsLayer(number, one, said(one)));
    }

    /** Whether a cycle is a whole number of times what the bars themselves go round in. */
    private boolean isBoundToBars(NoteValue cycle) {
        return cycle.isMultipleOf(barCycle());
    }

    private NoteValue barCycle() {
        List<Integer> kinds =
                passage.bars().stream().map(bar -> phrase.kinds().indexOf(bar)).toList();
        return PhraseRepeats.exact(kinds)
                .map(repeat -> phrase.startOf(repeat.bars()))
                .orElseGet(phrase::length);
    }

    private String said(Cycle cycle) {
        Voice voice = cycle.voice();
        NoteValue bar = passage.bars().get(0).length();
        String what = cycle.strokes().size() == 1
                ? voice + ": a stroke every " + NoteName.each(cycle.length())
                : voice + ": " + Tally.count(cycle.strokes().size(), "stroke") + " in " + cycle.length()
                        + ", again and again";
        String times = ", " + Tally.number(cycle.variation().times()) + " times";
        String varied = cycle.isExact() ? "" : "; " + cycle.variation().said();
        return what + times + varied + home(cycle.length(), bar);
    }

    /** Where all bars are alike, after how many of them the cycle is on a bar line again. */
    private String home(NoteValue cycle, NoteValue bar) {
        if (!phrase.isEven() || bar.isMultipleOf(cycle)) {
            return ".";
        }
        try {
            NoteValue together = cycle.leastCommonMultiple(bar);
            return ". With the bar it comes round after " + Tally.count(together.wholePartsOf(bar), "bar") + ".";
        } catch (ExactOverflowException e) {
            // Too long to be counted, and so to be told.
            return ".";
        }
    }

    private Optional<Offer.AsPhrase> phrase(List<Line> bound) {
        List<Integer> bars = numbered(passage.bars(), bound);
        Optional<PhraseRepeat> exact = PhraseRepeats.exact(bars);
        Optional<PhraseRepeat> found = exact.isPresent() ? exact : PhraseRepeats.nearly(bars);
        return found.filter(repeat -> repeat.bars() < passage.bars().size())
                .filter(repeat -> repeat.isExact() || Taking.fits(repeat))
                .map(repeat -> new Offer.AsPhrase(number, repeat, "The phrase is " + repeat.said() + "."));
    }

    /** A number for each bar: the same for bars alike in meter and in what these lines play. */
    static List<Integer> numbered(List<Bar> played, List<Line> bound) {
        Phrase phrase = Phrase.of(played);
        Map<Object, Integer> kinds = new HashMap<>();
        List<Integer> bars = new ArrayList<>();
        for (int bar = 0; bar < played.size(); bar++) {
            List<Object> content = new ArrayList<>();
            content.add(played.get(bar));
            NoteValue start = phrase.startOf(bar);
            for (Line line : bound) {
                content.add(within(line, start, phrase.startOf(bar + 1)));
            }
            bars.add(kinds.computeIfAbsent(content, one -> kinds.size()));
        }
        return bars;
    }

    private static NavigableMap<NoteValue, Stroke> within(Line line, NoteValue start, NoteValue end) {
        NavigableMap<NoteValue, Stroke> strokes = new TreeMap<>();
        line.strokes().subMap(start, end).forEach((at, stroke) -> strokes.put(at.minus(start), stroke));
        return strokes;
    }
}
