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
import nimblestride.core.foundation.words.Counted;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteName;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.transcription.repetition.CycleFinder;
import nimblestride.core.transcription.repetition.PhraseRepeat;
import nimblestride.core.transcription.repetition.PhraseRepeatFinder;
import nimblestride.core.transcription.repetition.RepeatedCycle;
import nimblestride.core.transcription.repetition.VoiceLine;

/** Finds what repeats in a passage: voices whose cycle is not the bar's, and bars that make a phrase. */
final class ProposalFinder {
    private final Passage passage;
    private final int number;
    private final Phrase phrase;

    ProposalFinder(Passage passage, int number) {
        this.passage = passage;
        this.number = number;
        this.phrase = passage.phrase();
    }

    /** Returns the proposals, surest first; among equals, those that lose nothing. */
    List<Proposal> all() {
        List<Proposal> offers = new ArrayList<>();
        List<VoiceLine> bound = new ArrayList<>();
        for (VoiceLine line : passage.lines()) {
            Optional<Proposal.AsLayer> layer = layer(line);
            layer.ifPresent(offers::add);
            if (layer.filter(Proposal::isExact).isEmpty()) {
                bound.add(line);
            }
        }
        phrase(bound).ifPresent(offers::add);
        offers.sort(Comparator.comparing(Proposal::isExact).reversed().thenComparing(offer -> -offer.sureness()
                .value()));
        return offers;
    }

    private Optional<Proposal.AsLayer> layer(VoiceLine line) {
        Optional<RepeatedCycle> exact = CycleFinder.exact(line);
        Optional<RepeatedCycle> cycle = exact.isPresent() ? exact : CycleFinder.nearly(line);
        return cycle.filter(one -> !isBoundToBars(one.length()))
                .filter(one -> one.layer().isPresent())
                .map(one -> new Proposal.AsLayer(number, one, said(one)));
    }

    /** Returns whether a cycle is a whole number of the bars' own cycle. */
    private boolean isBoundToBars(NoteValue cycle) {
        return cycle.isMultipleOf(barCycle());
    }

    private NoteValue barCycle() {
        List<Integer> kinds =
                passage.bars().stream().map(bar -> phrase.kinds().indexOf(bar)).toList();
        return PhraseRepeatFinder.exact(kinds)
                .map(repeat -> phrase.startOf(repeat.bars()))
                .orElseGet(phrase::length);
    }

    private String said(RepeatedCycle cycle) {
        Voice voice = cycle.voice();
        NoteValue bar = passage.bars().get(0).length();
        String what = cycle.strokes().size() == 1
                ? voice + ": a hit every " + NoteName.each(cycle.length())
                : voice + ": " + Counted.count(cycle.strokes().size(), "hit") + " in " + cycle.length()
                        + ", again and again";
        String times = ", " + Counted.number(cycle.variation().times()) + " times";
        String varied = cycle.isExact() ? "" : "; " + cycle.variation().said();
        return what + times + varied + home(cycle.length(), bar);
    }

    /** Returns, where all bars are alike, after how many of them the cycle is on a bar line again. */
    private String home(NoteValue cycle, NoteValue bar) {
        if (!phrase.isEven() || bar.isMultipleOf(cycle)) {
            return ".";
        }
        try {
            NoteValue together = cycle.leastCommonMultiple(bar);
            return ". It lines up with the bar after " + Counted.count(together.wholePartsOf(bar), "bar") + ".";
        } catch (ExactOverflowException e) {
            // Too long to count, and so to say.
            return ".";
        }
    }

    private Optional<Proposal.AsPhrase> phrase(List<VoiceLine> bound) {
        List<Integer> bars = numbered(passage.bars(), bound);
        Optional<PhraseRepeat> exact = PhraseRepeatFinder.exact(bars);
        Optional<PhraseRepeat> found = exact.isPresent() ? exact : PhraseRepeatFinder.nearly(bars);
        return found.filter(repeat -> repeat.bars() < passage.bars().size())
                .filter(repeat -> repeat.isExact() || PassageBuilder.fits(repeat))
                .map(repeat -> new Proposal.AsPhrase(number, repeat, "The phrase is " + repeat.said() + "."));
    }

    /** Returns a number for each bar: the same for bars alike in meter and in what these lines play. */
    static List<Integer> numbered(List<Bar> played, List<VoiceLine> bound) {
        Phrase phrase = Phrase.of(played);
        Map<Object, Integer> kinds = new HashMap<>();
        List<Integer> bars = new ArrayList<>();
        for (int bar = 0; bar < played.size(); bar++) {
            List<Object> content = new ArrayList<>();
            content.add(played.get(bar));
            NoteValue start = phrase.startOf(bar);
            for (VoiceLine line : bound) {
                content.add(within(line, start, phrase.startOf(bar + 1)));
            }
            bars.add(kinds.computeIfAbsent(content, one -> kinds.size()));
        }
        return bars;
    }

    private static NavigableMap<NoteValue, Stroke> within(VoiceLine line, NoteValue start, NoteValue end) {
        NavigableMap<NoteValue, Stroke> strokes = new TreeMap<>();
        line.strokes().subMap(start, end).forEach((at, stroke) -> strokes.put(at.minus(start), stroke));
        return strokes;
    }
}
