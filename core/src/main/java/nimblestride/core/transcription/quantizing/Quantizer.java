package nimblestride.core.transcription.quantizing;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.IntStream;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.transcription.source.ImportedSound;
import nimblestride.core.transcription.source.QuantizingError;

/**
 * Puts played hits on the places they were meant for: beat by beat on the simplest division that explains them, so
 * that tuplets may stand beside even notes.
 *
 * <p>A division costs what its hits are off (squares, against this player's scatter), how many places it offers, how
 * unusual it is, and a little where it differs from the beat before. The cheapest row of divisions wins; where that is
 * cheaper, each sound is divided on its own. The player's scatter, and whether they are late or early on the whole, is
 * found along the way.
 */
public final class Quantizer {
    /** Scatters to try first: of a machine, a good player, a beginner. */
    private static final double[] FIRST_SPREADS = {0.004, 0.012, 0.022};

    private static final double MIN_SPREAD = 0.001;
    private static final double MAX_SPREAD = 0.03;
    private static final double MAX_BIAS = 0.05;
    private static final int ROUNDS = 4;
    private static final double ANOTHER_DIVISION = 1.5;
    /** How much of being unusual each beat pays; the rest is paid only where such a division starts. */
    private static final double KEPT_UP = 0.7;

    private static final double ON_ONE_PLACE = 12;
    /**
     * What it costs for one sound to divide the beat on its own: triplets against eighths are two simple things, not
     * sixths.
     */
    private static final double A_LIMB_OF_ITS_OWN = 3;

    private static final int MAX_SOUNDS = 1_024;
    private static final int MAX_APART = 12;
    private static final double A_MILLISECOND = 0.001;

    /** How many parts a beat has, and how unusual that is (common practice, as a negative logarithm). */
    private record Division(int parts, double unusual) {
        boolean isLike(Division other) {
            return parts % other.parts == 0 || other.parts % parts == 0;
        }
    }

    private static final List<Division> DIVISIONS = List.of(
            new Division(1, 0),
            new Division(2, 0.3),
            new Division(4, 0.6),
            new Division(3, 1.5),
            new Division(8, 3.5),
            new Division(6, 3.5),
            new Division(12, 7),
            new Division(5, 4),
            new Division(7, 5),
            new Division(16, 8),
            new Division(9, 8),
            new Division(10, 9));

    private final List<Onset> onsets;
    private final List<Beat> beats;
    private final double secondsPerWhole;
    /** When each hit came, in seconds. */
    private final double[] at;
    /** Which sound each hit is, by number. */
    private final int[] sounds;
    /** When each beat starts, and how long it is, in seconds. */
    private final double[] begins;

    private final double[] lasts;
    private final int[] beatOf;
    private double spread;
    private double cost;
    private double bias;
    private NoteValue[] places;

    /**
     * When something was hit.
     *
     * @param at from the start, by the clock of the recording
     */
    public record Onset(NoteValue at, ImportedSound sound) {}

    /** A beat of a bar: where it starts and how long it is. */
    public record Beat(NoteValue from, NoteValue length) {}

    /** The place of each hit, in order, and how far off they were. */
    public record Quantized(List<NoteValue> places, QuantizingError deviation) {}

    private Quantizer(List<Onset> onsets, List<Beat> beats, double secondsPerWhole, double spread) {
        this.onsets = onsets;
        this.beats = beats;
        this.secondsPerWhole = secondsPerWhole;
        this.spread = spread;
        this.at = onsets.stream().mapToDouble(onset -> seconds(onset.at)).toArray();
        List<ImportedSound> kinds = onsets.stream().map(Onset::sound).distinct().toList();
        this.sounds =
                onsets.stream().mapToInt(onset -> kinds.indexOf(onset.sound)).toArray();
        this.begins = beats.stream().mapToDouble(beat -> seconds(beat.from)).toArray();
        this.lasts = beats.stream().mapToDouble(beat -> seconds(beat.length)).toArray();
        this.beatOf = new int[onsets.size()];
        this.places = new NoteValue[onsets.size()];
    }

    /**
     * Quantizes hits.
     *
     * @param onsets in order, at least one
     * @param beats one after the other from the start, past the last hit
     * @param secondsPerWhole how long a whole note lasts
     */
    public static Quantized of(List<Onset> onsets, List<Beat> beats, double secondsPerWhole) {
        Quantizer together = best(onsets, beats, secondsPerWhole);
        Map<ImportedSound, List<Integer>> bySound = new LinkedHashMap<>();
        for (int i = 0; i < onsets.size(); i++) {
            bySound.computeIfAbsent(onsets.get(i).sound, sound -> new ArrayList<>())
                    .add(i);
        }
        if (bySound.size() > 1 && bySound.size() <= MAX_APART) {
            double apart = 0;
            NoteValue[] places = new NoteValue[onsets.size()];
            for (List<Integer> own : bySound.values()) {
                Quantizer alone = best(own.stream().map(onsets::get).toList(), beats, secondsPerWhole);
                apart += alone.total() + A_LIMB_OF_ITS_OWN;
                for (int i = 0; i < own.size(); i++) {
                    places[own.get(i)] = alone.places[i];
                }
            }
            if (apart < together.total()) {
                together.places = places;
            }
        }
        return new Quantized(List.of(together.places), together.deviation());
    }

    private static Quantizer best(List<Onset> onsets, List<Beat> beats, double secondsPerWhole) {
        Quantizer best = null;
        for (double spread : FIRST_SPREADS) {
            Quantizer tried = new Quantizer(onsets, beats, secondsPerWhole, spread);
            for (int round = 0; round < ROUNDS; round++) {
                tried.place();
                tried.learn(round);
            }
            best = best == null || tried.total() < best.total() ? tried : best;
        }
        return best;
    }

    /** Returns the cost of everything, including how badly a player with this scatter keeps time. */
    private double total() {
        return cost + onsets.size() * Math.log(spread);
    }

    private double seconds(NoteValue value) {
        return value.toDouble() * secondsPerWhole;
    }

    /** Returns how far a hit is into its beat, in beats, with the player's mean lateness taken off. */
    private double within(int onset, int beat) {
        return (at[onset] - bias - begins[beat]) / lasts[beat];
    }

    private void place() {
        int beat = 0;
        int[] first = new int[beats.size() + 1];
        for (int i = 0; i < onsets.size(); i++) {
            while (beat + 1 < beats.size() && within(i, beat) >= 1) {
                first[++beat] = i;
            }
            beatOf[i] = beat;
        }
        Arrays.fill(first, beat + 1, first.length, onsets.size());
        int[] chosen = cheapest(first);
        for (int i = 0; i < onsets.size(); i++) {
            Beat own = beats.get(beatOf[i]);
            int parts = DIVISIONS.get(chosen[beatOf[i]]).parts;
            long step = Math.max(0, Math.round(within(i, beatOf[i]) * parts));
            places[i] = own.from.plus(own.length.dividedBy(parts).times(step));
        }
    }

    /** Returns the division of each beat, by the cheapest way through all of them. */
    private int[] cheapest(int[] first) {
        int kinds = DIVISIONS.size();
        double[] least = new double[kinds];
        int[][] from = new int[beats.size()][kinds];
        for (int beat = 0; beat < beats.size(); beat++) {
            if (first[beat] == first[beat + 1]) {
                // A silent beat says nothing, and the one before it is remembered across it.
                for (int kind = 0; kind < kinds; kind++) {
                    from[beat][kind] = kind;
                }
                continue;
            }
            double[] next = new double[kinds];
            for (int kind = 0; kind < kinds; kind++) {
                int best = kind;
                for (int before = 0; before < kinds; before++) {
                    if (least[before] + change(before, kind) < least[best] + change(best, kind)) {
                        best = before;
                    }
                }
                from[beat][kind] = best;
                next[kind] = least[best] + change(best, kind) + fit(beat, first[beat], first[beat + 1], kind);
            }
            least = next;
        }
        int[] chosen = new int[beats.size()];
        double[] last = least;
        int kind = IntStream.range(0, kinds)
                .reduce((a, b) -> last[b] < last[a] ? b : a)
                .orElseThrow();
        cost = last[kind];
        for (int beat = beats.size() - 1; beat >= 0; beat--) {
            chosen[beat] = kind;
            kind = from[beat][kind];
        }
        return chosen;
    }

    private static double change(int before, int now) {
        Division to = DIVISIONS.get(now);
        return DIVISIONS.get(before).isLike(to) ? 0 : ANOTHER_DIVISION + (1 - KEPT_UP) * to.unusual;
    }

    private double fit(int beat, int from, int to, int kind) {
        Division subdivision = DIVISIONS.get(kind);
        double cost = KEPT_UP * subdivision.unusual;
        Set<Long> taken = new HashSet<>();
        Set<Long> struck = new HashSet<>();
        for (int i = from; i < to; i++) {
            double place = within(i, beat) * subdivision.parts;
            long nearest = Math.round(place);
            double off = (place - nearest) / subdivision.parts * lasts[beat] / spread;
            cost += off * off / 2;
            if (struck.add(nearest)) {
                cost += Math.log(subdivision.parts);
            }
            if (!taken.add(nearest * MAX_SOUNDS + sounds[i])) {
                cost += ON_ONE_PLACE;
            }
        }
        return cost;
    }

    private double off(int onset) {
        return at[onset] - seconds(places[onset]);
    }

    private void learn(int round) {
        double[] off = IntStream.range(0, onsets.size())
                .mapToDouble(this::off)
                .sorted()
                .toArray();
        double middle = off[off.length / 2];
        bias = Math.max(-MAX_BIAS, Math.min(MAX_BIAS, middle));
        if (round > 0) {
            double squares =
                    Arrays.stream(off).map(one -> (one - bias) * (one - bias)).sum();
            spread = Math.max(MIN_SPREAD, Math.min(MAX_SPREAD, Math.sqrt(squares / off.length)));
        }
    }

    private QuantizingError deviation() {
        List<Double> off = new ArrayList<>();
        for (int i = 0; i < onsets.size(); i++) {
            off.add(off(i));
        }
        double mean = off.stream().mapToDouble(one -> one).average().orElseThrow();
        double squares =
                off.stream().mapToDouble(one -> (one - mean) * (one - mean)).sum();
        double farthest =
                off.stream().mapToDouble(one -> Math.abs(one - mean)).max().orElseThrow();
        return new QuantizingError(
                mean / A_MILLISECOND, Math.sqrt(squares / off.size()) / A_MILLISECOND, farthest / A_MILLISECOND);
    }
}
