package nimblestride.core.transcription.recording;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.TreeMap;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.transcription.repetition.MeterFinder;
import nimblestride.core.transcription.repetition.MeterProposal;
import nimblestride.core.transcription.repetition.VoiceLine;

/** Finds the meters a recording may be in, from its hits. */
public final class RecordingMeters {
    /** The most proposals. */
    public static final int MAX_PROPOSED = 10;

    private static final int FEWEST_HITS = 6;
    /** The meter is looked for in the first hits, which are enough; the unit is followed to the end. */
    private static final int MOST_HITS = 320;
    /** A hit counts in each band in which so much of it is heard. */
    private static final double HEARD = 0.3;
    /** In quarters per minute. */
    private static final double MIDDLE = 110;
    /** In octaves of tempo. */
    private static final double WIDTH = 0.8;

    private static final double LEAST_USUAL = 0.15;
    private static final double QUARTER = 4;
    /** How sure a loop is beside bars that really repeat. */
    private static final double LOOPED = 0.7;

    /** How sure bars are that somebody says but nothing confirms. */
    private static final double UNCONFIRMED = 0.1;

    /** A tap belongs to a hit so many seconds from it. */
    private static final double TAPPED = 0.08;
    /** The taps give the length of a bar within this share of it. */
    private static final double TAPPED_WELL = 0.06;

    private static final int MAX_TAPPED_UNITS = 64;
    /** How much more the kick says where the 1 is than other hits do. */
    private static final double KICK_WEIGHT = 2;
    /** The first hit of all is the 1 if its place is so heavy beside the heaviest. */
    private static final double NEARLY_HEAVIEST = 0.7;

    private static final List<Integer> DENOMINATORS = List.of(8, 16, 4);

    private RecordingMeters() {}

    /**
     * Returns proposals, the likeliest first; none where there are too few hits, or nothing repeats. Where bars are known,
     * all proposals have them.
     *
     * @param seconds that the recording lasts
     */
    public static List<RecordingProposal> of(List<HeardHit> hits, double seconds, KnownAbout known) {
        List<HeardHit> heard =
                known.ones().isEmpty() ? hits : fromThe1(hits, known.ones().get(0));
        Map<String, RecordingProposal> best = new LinkedHashMap<>();
        if (heard.size() >= FEWEST_HITS) {
            UnitFinder.of(heard)
                    .forEach(unit -> propose(heard, UnitTrack.of(heard, unit.seconds()), known, unit.fit(), best));
        }
        if (known.ones().isEmpty() && RecordingLoop.maybe(hits, seconds)) {
            RecordingLoop loop = new RecordingLoop(hits, seconds);
            Map<String, RecordingProposal> looped = new LinkedHashMap<>();
            List<HeardHit> rounds = loop.rounds();
            loop.units()
                    .forEach(unit -> propose(
                            rounds, UnitTrack.steady(rounds, unit.seconds()), known, LOOPED * unit.fit(), looped));
            looped.forEach((name, proposal) -> loop.once(proposal).ifPresent(one -> keep(name, one, best)));
        }
        return best.values().stream()
                .sorted(Comparator.comparingDouble(RecordingProposal::sureness).reversed())
                .limit(MAX_PROPOSED)
                .toList();
    }

    private static void keep(String name, RecordingProposal proposal, Map<String, RecordingProposal> best) {
        best.merge(name, proposal, (one, other) -> one.sureness() >= other.sureness() ? one : other);
    }

    /** Returns the hits from the one that is nearest to a tap on; the tap itself where none is near. */
    private static List<HeardHit> fromThe1(List<HeardHit> hits, double tap) {
        List<HeardHit> after = new ArrayList<>();
        hits.stream()
                .filter(hit -> Math.abs(hit.at() - tap) <= TAPPED)
                .min(Comparator.comparingDouble(hit -> Math.abs(hit.at() - tap)))
                .ifPresentOrElse(after::add, () -> after.add(new HeardHit(tap, 1, 1, 1)));
        double from = after.get(0).at();
        hits.stream().filter(hit -> hit.at() > from).forEach(after::add);
        return after;
    }

    private static void propose(
            List<HeardHit> hits,
            UnitTrack track,
            KnownAbout known,
            double weight,
            Map<String, RecordingProposal> best) {
        for (int under : DENOMINATORS) {
            double tempo = 60 / (track.unit() * under / QUARTER);
            double usual = known.tempo().isPresent() ? 1 : usual(tempo);
            if (known.allows(tempo) && usual >= LEAST_USUAL) {
                propose(hits, track, under, known, usual * weight, best);
            }
        }
    }

    private static void propose(
            List<HeardHit> hits,
            UnitTrack track,
            int under,
            KnownAbout known,
            double weight,
            Map<String, RecordingProposal> best) {
        NoteValue unit = NoteValue.of(1, under);
        List<MeterProposal> all = MeterFinder.of(lines(hits, track, unit));
        if (known.ones().isEmpty() && !all.isEmpty()) {
            NoteValue cycle = Phrase.of(all.get(0).bars()).length();
            int first = firstOf1(hits, track, (int) cycle.wholePartsOf(unit));
            if (first > 0) {
                List<HeardHit> later = hits.subList(first, hits.size());
                proposeFrom(later, track.from(first), under, known, weight, best);
                return;
            }
        }
        proposeFrom(hits, track, under, known, weight, best);
    }

    /**
     * Returns the first hit on the place of the cycle that is heaviest, where the first hit of all is on a much lighter one:
     * then it is a pickup, or noise.
     *
     * @param units of the cycle
     */
    private static int firstOf1(List<HeardHit> hits, UnitTrack track, int units) {
        if (units < 2) {
            return 0;
        }
        double[] weights = new double[units];
        int heard = Math.min(MOST_HITS, hits.size());
        for (int i = 0; i < heard; i++) {
            HeardHit hit = hits.get(i);
            weights[track.unitOf(i) % units] += hit.strength() + KICK_WEIGHT * hit.low();
        }
        int heaviest = 0;
        for (int place = 1; place < units; place++) {
            heaviest = weights[place] > weights[heaviest] ? place : heaviest;
        }
        if (weights[0] >= NEARLY_HEAVIEST * weights[heaviest]) {
            return 0;
        }
        int first = 0;
        while (first < heard && track.unitOf(first) % units != heaviest) {
            first++;
        }
        return hits.size() - first < FEWEST_HITS ? 0 : first;
    }

    private static void proposeFrom(
            List<HeardHit> hits,
            UnitTrack track,
            int under,
            KnownAbout known,
            double weight,
            Map<String, RecordingProposal> best) {
        NoteValue unit = NoteValue.of(1, under);
        double tempo = 60 / (track.unit() * under / QUARTER);
        List<MeterProposal> all = MeterFinder.of(lines(hits, track, unit));
        List<MeterProposal> meters =
                known.bar().isPresent() ? ofBar(known.bar().getAsDouble(), track, under, all) : all;
        for (MeterProposal meter :
                known.bars().map(bars -> as(bars, unit, meters)).orElse(meters)) {
            List<Bar> bars = known.bars().isPresent() ? meter.bars() : once(meter.bars());
            RecordingProposal proposal = new RecordingProposal(
                    bars,
                    shortest(bars),
                    tempo,
                    sureness(meter, track, unit) * weight,
                    meter.why(),
                    ones(bars, track, unit));
            keep(bars + " at " + Math.round(tempo), proposal, best);
        }
    }

    private static NoteValue shortest(List<Bar> bars) {
        return bars.stream()
                .map(bar -> bar.meter().unit())
                .min(Comparator.naturalOrder())
                .orElseThrow();
    }

    /** Returns how much repeats; each further repeat makes chance half as likely (a choice of this program). */
    private static double sureness(MeterProposal meter, UnitTrack track, NoteValue unit) {
        NoteValue length = unit.times(track.count());
        long times = length.wholePartsOf(Phrase.of(meter.bars()).length());
        return meter.share() * (1 - Math.pow(0.5, (double) Math.max(0, times - 1)));
    }

    /** Returns the bars that are known, as sure as the hits repeat after them; none where the unit does not fit them. */
    private static List<MeterProposal> as(Phrase bars, NoteValue unit, List<MeterProposal> found) {
        if (bars.bars().stream().anyMatch(bar -> !bar.length().isMultipleOf(unit))) {
            return List.of();
        }
        return List.of(found.stream()
                .filter(meter -> Phrase.of(meter.bars()).length().isMultipleOf(bars.length())
                        || bars.length().isMultipleOf(Phrase.of(meter.bars()).length()))
                .findFirst()
                .map(meter -> new MeterProposal(bars.bars(), meter.from(), meter.share(), meter.why()))
                .orElseGet(
                        () -> new MeterProposal(bars.bars(), NoteValue.ZERO, UNCONFIRMED, "little repeats after it")));
    }

    /** Returns the meters whose bars last as long as the taps say; a plain bar where none does. */
    private static List<MeterProposal> ofBar(double seconds, UnitTrack track, int under, List<MeterProposal> found) {
        int units = (int) Math.round(seconds / track.unit());
        if (units < 1 || units > MAX_TAPPED_UNITS || Math.abs(units * track.unit() / seconds - 1) > TAPPED_WELL) {
            return List.of();
        }
        NoteValue bar = NoteValue.of(units, under);
        List<MeterProposal> fitting = found.stream()
                .filter(meter -> Phrase.of(once(meter.bars())).length().equals(bar))
                .toList();
        return fitting.isEmpty()
                ? List.of(new MeterProposal(
                        List.of(Bar.of(Meter.of(units, under))), NoteValue.ZERO, UNCONFIRMED, "as long as you tapped"))
                : fitting;
    }

    /** Returns one bar where all have one meter: the grouping that most of them have. */
    private static List<Bar> once(List<Bar> bars) {
        if (bars.stream().map(Bar::meter).distinct().count() > 1) {
            return bars;
        }
        Map<Bar, Long> counts = new LinkedHashMap<>();
        bars.forEach(bar -> counts.merge(bar, 1L, Long::sum));
        return List.of(counts.entrySet().stream()
                .max(Map.Entry.comparingByValue())
                .orElseThrow()
                .getKey());
    }

    /** Returns how usual a tempo is, from 0 to 1: most music is near 110 (common practice). */
    private static double usual(double tempo) {
        double octaves = Math.log(tempo / MIDDLE) / Math.log(2);
        return Math.exp(-0.5 * Math.pow(octaves / WIDTH, 2));
    }

    private static List<VoiceLine> lines(List<HeardHit> hits, UnitTrack track, NoteValue unit) {
        int heard = Math.min(MOST_HITS, hits.size());
        NoteValue length = unit.times(track.unitOf(heard - 1) + 1);
        List<VoiceLine> lines = new ArrayList<>();
        for (Band band : Band.values()) {
            NavigableMap<NoteValue, Stroke> strokes = new TreeMap<>();
            for (int i = 0; i < heard; i++) {
                if (hits.get(i).in(band) >= HEARD) {
                    strokes.put(unit.times(track.unitOf(i)), Stroke.NORMAL);
                }
            }
            if (!strokes.isEmpty()) {
                lines.add(new VoiceLine(voice(band), strokes, length));
            }
        }
        return lines;
    }

    private static Voice voice(Band band) {
        return switch (band) {
            case LOW -> Kit.KICK;
            case MIDDLE -> Kit.SNARE;
            case HIGH -> Kit.HI_HAT;
        };
    }

    private static List<Double> ones(List<Bar> bars, UnitTrack track, NoteValue unit) {
        List<Double> ones = new ArrayList<>();
        NoteValue at = NoteValue.ZERO;
        for (int bar = 0; ; bar++) {
            int number = (int) at.wholePartsOf(unit);
            if (number >= track.count()) {
                return ones;
            }
            ones.add(Math.max(0, track.secondsAt(number)));
            at = at.plus(bars.get(bar % bars.size()).length());
        }
    }
}
