package nimblestride.web;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.NavigableSet;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.exercise.analysis.Playthrough.Passage;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Choke;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.layer.limbs.LimbAssignment;
import nimblestride.core.layer.limbs.LimbNote;
import nimblestride.core.time.counting.Counting;
import nimblestride.core.time.counting.SpokenSyllable;
import nimblestride.core.time.counting.Subdivision;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.Grid;
import nimblestride.core.time.value.NoteValue;
import nimblestride.sound.render.StrokePart;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A section for the page: everything in it is a whole number of one unit, and the unit is so many seconds long. So the page
 * only multiplies, and nothing drifts.
 */
final class SectionData {
    /** The most bars on a page. */
    static final int MAX_BARS = 512;

    /** JavaScript has whole numbers exactly up to this. */
    private static final long MAX_EXACT = 1L << 53;

    private final Passage passage;
    private final Phrase phrase;
    private final Counting counting;
    private final PageSounds sounds;
    private final List<PageHit> hits;
    private final Grid grid;

    /**
     * A hit on the page.
     *
     * @param sounding when it is heard, which swing moves
     * @param hand R, L, or nothing
     */
    private record PageHit(int layer, NoteValue at, NoteValue sounding, Voice voice, Stroke stroke, String hand) {}

    /** @throws InvalidValueException if the section does not fit on a page */
    SectionData(Passage passage, Counting counting, PageSounds sounds) {
        this.passage = passage;
        this.phrase = passage.content().phrase();
        this.counting = counting;
        this.sounds = sounds;
        if (passage.bars() > MAX_BARS) {
            throw new InvalidValueException(String.format(
                    Locale.ROOT, "a web page holds up to %d bars, and this has %,d", MAX_BARS, passage.bars()));
        }
        this.hits = hits(passage.content());
        this.grid = Grid.of(Stream.concat(
                        hits.stream().flatMap(hit -> Stream.of(hit.at, hit.sounding)),
                        Stream.concat(
                                Stream.of(passage.length()),
                                phrase.kinds().stream()
                                        .flatMap(bar -> Stream.concat(
                                                Stream.of(bar.meter().unit()),
                                                said(bar).map(SpokenSyllable::at)))))
                .toList());
        if (grid.count(passage.length()) > MAX_EXACT) {
            throw new InvalidValueException("the layers have no common unit that a web page could count in");
        }
    }

    private List<PageHit> hits(Exercise content) {
        LimbAssignment limbs = Analysis.of(content).hands(passage.bars());
        if (!limbs.isComplete()) {
            throw new InvalidValueException("this has too many notes for a web page");
        }
        Set<Integer> byBothHands = byBothHands(limbs);
        List<PageHit> all = new ArrayList<>();
        for (LimbNote note : limbs.notes()) {
            String hand = byBothHands.contains(note.layer()) && note.limb().isHand()
                    ? String.valueOf(note.limb().letter())
                    : "";
            all.add(hit(content, note.layer(), note.at(), note.voice(), note.stroke(), hand));
        }
        limbs.riffs().forEach(note -> all.add(hit(content, note.layer(), note.at(), note.voice(), note.stroke(), "")));
        return all;
    }

    private static PageHit hit(Exercise content, int layer, NoteValue at, Voice voice, Stroke stroke, String hand) {
        return new PageHit(layer, at, content.swing().sounding(content.phrase(), at), voice, stroke, hand);
    }

    /** Returns the layers that both hands play: only there is a sticking worth reading. */
    private static Set<Integer> byBothHands(LimbAssignment limbs) {
        Set<String> seen = new HashSet<>();
        limbs.notes().stream()
                .filter(note -> note.limb().isHand())
                .forEach(note -> seen.add(note.layer() + " " + note.limb().letter()));
        return limbs.notes().stream()
                .map(LimbNote::layer)
                .filter(layer -> seen.contains(layer + " R") && seen.contains(layer + " L"))
                .collect(Collectors.toSet());
    }

    private Stream<SpokenSyllable> said(Bar bar) {
        return counting.count(bar, Subdivision.AS_WRITTEN).stream();
    }

    /** Writes the section. */
    void write(ObjectNode node) {
        node.put("name", passage.content().content().name());
        node.put("start", passage.startsSeconds().doubleValue());
        node.put("secondsPerUnit", passage.tempo().seconds(grid.unit()).doubleValue());
        ArrayNode bars = node.putArray("bars");
        for (long number = 0; number < passage.bars(); number++) {
            write(phrase.bar(number), phrase.startOf(number), bars.addObject());
        }
        ArrayNode layers = node.putArray("layers");
        List<String> names = passage.content().layerNames();
        for (int layer = 0; layer < names.size(); layer++) {
            ObjectNode one = layers.addObject().put("name", names.get(layer));
            write(layer, one.putArray("hits"));
        }
    }

    private void write(Bar bar, NoteValue start, ObjectNode node) {
        node.put("start", grid.count(start));
        node.put("length", grid.count(bar.length()));
        node.put("meter", bar.meter().toString());
        List<SpokenSyllable> said = said(bar).toList();
        node.put(
                "label",
                bar.meter() + ", grouped " + bar.grouping() + ", counted "
                        + said.stream().map(SpokenSyllable::syllable).collect(Collectors.joining(" ")));
        ArrayNode strides = node.putArray("strides");
        bar.groupStarts().forEach(at -> strides.add(grid.count(start.plus(at))));
        ArrayNode units = node.putArray("units");
        for (int unit = 0; unit < bar.meter().units(); unit++) {
            units.add(grid.count(start.plus(bar.meter().unit().times(unit))));
        }
        ArrayNode counts = node.putArray("counts");
        for (SpokenSyllable syllable : said) {
            counts.addArray()
                    .add(grid.count(start.plus(syllable.at())))
                    .add(syllable.syllable())
                    .add(syllable.startsGroup());
        }
    }

    /** Writes the hits of a layer: when each is written, when it is heard, its sounds, how it looks, the hand, and the hi-hat. */
    private void write(int layer, ArrayNode node) {
        double beat = passage.tempo().seconds(passage.tempo().beat()).doubleValue();
        NavigableSet<NoteValue> times = hits.stream()
                .filter(hit -> hit.layer == layer)
                .map(PageHit::at)
                .collect(Collectors.toCollection(TreeSet::new));
        int number = 0;
        for (PageHit hit : hits) {
            if (hit.layer == layer) {
                ArrayNode one = node.addArray().add(grid.count(hit.at)).add(grid.count(hit.sounding));
                double since = Optional.ofNullable(times.lower(hit.at))
                        .map(before ->
                                passage.tempo().seconds(hit.at.minus(before)).doubleValue())
                        .orElse(Double.POSITIVE_INFINITY);
                ArrayNode parts = one.addArray();
                for (StrokePart part : StrokePart.of(hit.stroke, beat, since, number)) {
                    parts.addArray()
                            .add(part.late())
                            .add(sounds.name(hit.voice, part.hard()))
                            .add(part.gain());
                }
                one.add(looks(hit.stroke.level())).add(hit.hand).add(hiHat(hit.voice));
                number++;
            }
        }
    }

    /** Returns "open" for what rings until it is cut off, and "closed" for what cuts it off. */
    private static String hiHat(Voice voice) {
        return Choke.rings(voice.midiKey())
                ? "open"
                : Choke.cutsOff(voice.midiKey(), Kit.OPEN_HI_HAT.midiKey()) ? "closed" : "";
    }

    private static String looks(Dynamic level) {
        return switch (level) {
            case GHOST -> "ghost";
            case SOFT, NORMAL -> "hit";
            case ACCENT, STRONG -> "accent";
        };
    }
}
