package nimblestride.core.transcription.repetition;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.NavigableMap;
import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.foundation.words.Counted;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Limb;
import nimblestride.core.time.listening.BarSplitter;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.value.NoteValue;

/**
 * Finds the meters that hits may be in where nobody has said: lengths after which they repeat, grouped in twos,
 * threes, and fours that start where most weight is. The bar starts with the first hit.
 */
public final class MeterFinder {
    /** The most meters that are returned. */
    public static final int MAX_PROPOSED = 4;

    private static final int FINEST = 16;
    /** The shortest bar: five sixteenths. */
    private static final int MIN_LENGTH = 5;

    private static final int MAX_IN_WHOLES = 4;
    private static final int MAX_IN_QUARTERS = 7;
    private static final int MAX_STROKES = 20_000;
    private static final double AS_GOOD = 0.03;
    private static final double MIN_SHARE = 0.2;
    private static final double EACH_DOUBLING = 0.08;
    private static final double TELLS_NOTHING = 0.02;

    private final List<VoiceLine> lines;
    private final NoteValue first;
    private final NoteValue length;

    private MeterFinder(List<VoiceLine> lines) {
        this.lines = lines;
        this.first = lines.stream()
                .map(line -> line.strokes().firstKey())
                .min(Comparator.naturalOrder())
                .orElseThrow();
        this.length = lines.stream()
                .map(VoiceLine::length)
                .max(Comparator.naturalOrder())
                .orElseThrow()
                .minus(first);
    }

    /** A length in {@value #FINEST}ths, and how much repeats after it. */
    private record Candidate(int sixteenths, double share) {
        /** Returns the score of a proposal; a long bar is less likely than a short one. */
        double worth() {
            double doublings = Math.log((double) sixteenths / FINEST) / Math.log(2);
            return share - EACH_DOUBLING * Math.max(0, doublings);
        }
    }

    /**
     * Returns meters, likeliest first; none where nothing repeats, or there are more than {@value #MAX_STROKES} hits.
     *
     * @param lines at least one
     */
    public static List<MeterProposal> of(List<VoiceLine> lines) {
        int strokes = lines.stream().mapToInt(line -> line.strokes().size()).sum();
        return strokes > MAX_STROKES ? List.of() : new MeterFinder(lines).proposals();
    }

    private List<MeterProposal> proposals() {
        List<Candidate> candidates = candidates();
        List<MeterProposal> proposed = new ArrayList<>();
        List<Integer> lengths = new ArrayList<>();
        candidates.stream()
                .sorted(Comparator.comparingDouble(Candidate::worth).reversed())
                .forEach(candidate -> {
                    // Twice a cycle is a cycle too, and says nothing new.
                    boolean said = lengths.stream().anyMatch(length -> candidate.sixteenths % length == 0);
                    if (proposed.size() < MAX_PROPOSED && candidate.share >= MIN_SHARE && !said) {
                        lengths.add(candidate.sixteenths);
                        proposed.add(proposal(candidate));
                    }
                });
        return proposed;
    }

    private List<Candidate> candidates() {
        int longest =
                (int) Math.min(MAX_IN_WHOLES * FINEST, length.times(FINEST).wholePartsOf(NoteValue.WHOLE) / 2);
        List<LineRepeats> repeats = lines.stream()
                .map(line -> new LineRepeats(line, first, longest))
                .toList();
        List<Candidate> all = new ArrayList<>();
        for (int sixteenths = MIN_LENGTH; sixteenths <= longest; sixteenths++) {
            double beyond = 0;
            double room = 0;
            for (LineRepeats line : repeats) {
                double chance = line.byChance();
                if (1 - chance > TELLS_NOTHING) {
                    beyond += line.hits() * (line.after(sixteenths) - chance);
                    room += line.hits() * (1 - chance);
                }
            }
            if (room > 0) {
                all.add(new Candidate(sixteenths, Math.max(0, beyond / room)));
            }
        }
        return all.stream().filter(one -> isNoMultiple(one, all)).toList();
    }

    /** Returns whether no length that divides it does as well. */
    private static boolean isNoMultiple(Candidate candidate, List<Candidate> all) {
        return all.stream()
                .noneMatch(other -> other.sixteenths < candidate.sixteenths
                        && candidate.sixteenths % other.sixteenths == 0
                        && other.share >= candidate.share - AS_GOOD);
    }

    private MeterProposal proposal(Candidate candidate) {
        List<Bar> bars = bars(candidate.sixteenths);
        long times = length.wholePartsOf(NoteValue.of(candidate.sixteenths, FINEST));
        String why = String.format(
                Locale.ROOT,
                "%.0f %% of what could repeat does, beyond chance; it repeats %s",
                100 * candidate.share,
                times == 1 ? "once" : Counted.number(times) + " times");
        return new MeterProposal(bars, first, candidate.share, why);
    }

    /** Returns how much weight is on each place of the cycle. */
    private double[] weights(int places, NoteValue unit) {
        double[] weights = new double[places];
        NoteValue cycle = unit.times(places);
        for (VoiceLine line : lines) {
            boolean foot =
                    line.voice().limb().filter(limb -> limb == Limb.KICK_FOOT).isPresent();
            NavigableMap<NoteValue, Stroke> strokes = line.strokes();
            strokes.forEach((at, stroke) -> {
                NoteValue within = at.minus(first).remainder(cycle);
                if (within.isMultipleOf(unit)) {
                    double hard = stroke.level().isAccent() ? 2 : stroke.level().strength();
                    weights[ExactMath.toInt(within.wholePartsOf(unit))] += hard * (foot ? 2 : 1);
                }
            });
        }
        return weights;
    }

    private List<Bar> bars(int sixteenths) {
        int under = sixteenths % 2 == 0 ? FINEST / 2 : FINEST;
        int places = sixteenths * under / FINEST;
        List<Integer> groups = groups(weights(places, NoteValue.of(1, under)));
        if (sixteenths % 4 == 0 && groups.stream().allMatch(size -> size % 2 == 0)) {
            return quarters(places / 2);
        }
        return BarSplitter.bars(groups, NoteValue.of(1, under));
    }

    /** Writes a long cycle of quarters in fours, or else in threes. */
    private static List<Bar> quarters(int count) {
        int bar = count <= MAX_IN_QUARTERS ? count : count % 4 == 0 ? 4 : count % 3 == 0 ? 3 : count;
        return Collections.nCopies(count / bar, Bar.of(Meter.of(bar, 4)));
    }

    /** Returns twos, threes, and fours that start where most weight is; each group costs the average weight. */
    private static List<Integer> groups(double[] weights) {
        int places = weights.length;
        double mean = 0;
        for (double weight : weights) {
            mean += weight / places;
        }
        double[] best = new double[places + 1];
        int[] next = new int[places + 1];
        for (int from = places - 1; from >= 0; from--) {
            best[from] = Double.NEGATIVE_INFINITY;
            for (int size : new int[] {2, 3, 4, 1}) {
                if (from + size <= places) {
                    double odd = size == 1 ? mean * 2 : size == 4 ? mean / 2 : 0;
                    double worth = weights[from] - mean - odd + best[from + size];
                    if (worth > best[from] + 1e-9) {
                        best[from] = worth;
                        next[from] = size;
                    }
                }
            }
        }
        List<Integer> groups = new ArrayList<>();
        for (int from = 0; from < places; from += next[from]) {
            groups.add(next[from]);
        }
        return groups;
    }
}
