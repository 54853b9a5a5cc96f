package nimblestride.benchmarks;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.transcription.recording.HeardHit;
import nimblestride.core.transcription.recording.KnownAbout;
import nimblestride.core.transcription.recording.RecordingMeters;
import nimblestride.core.transcription.recording.RecordingProposal;
import nimblestride.sound.hits.HitFinder;
import nimblestride.sound.hits.LiveHitFinder;
import nimblestride.sound.kit.StrokeLevel;
import nimblestride.sound.recorded.RecordedKit;
import nimblestride.sound.room.Room;

/**
 * Listens to parts in 22 odd meters that the kit plays: how many hits it finds within 25 ms, in the file, live, and as aubio
 * does; how often the cycle that was played comes first, and how far the 1s are off.
 */
public final class ListenMeasure {
    private static final int RATE = HitFinder.RATE;
    private static final int PARTS = 66;
    private static final double SECONDS = 24;
    private static final int BLOCK = 64;
    /** A bar that starts so much before the first 1 was taken for a pickup. */
    private static final double NEAR = 0.05;

    /** Groups of each meter, in eighths or sixteenths. */
    private static final List<List<Integer>> METERS = List.of(
            List.of(2, 3),
            List.of(2, 2, 3),
            List.of(3, 2, 2),
            List.of(3, 3, 2),
            List.of(2, 2, 2, 3),
            List.of(3, 2, 3, 2),
            List.of(3, 3, 2, 2),
            List.of(3, 3, 3, 2),
            List.of(2, 2, 3, 2, 2),
            List.of(3, 3, 3, 2, 2),
            List.of(2, 2, 2, 2, 2),
            List.of(2, 2, 2, 2, 2, 2, 2),
            List.of(4, 3),
            List.of(4, 5),
            List.of(4, 4, 3),
            List.of(3, 2, 3, 2, 3),
            List.of(3, 3, 3, 3, 3),
            List.of(2, 2, 2, 3, 3, 3),
            List.of(3, 3, 2, 2, 2, 2),
            List.of(3, 3, 3, 3, 3, 2),
            List.of(3, 3, 3, 3, 3, 2, 2),
            List.of(3, 3, 3, 3, 3, 3, 3));

    private final RecordedKit kit = RecordedKit.shipped(RATE);
    private final HitScore whole = new HitScore();
    private final HitScore live = new HitScore();
    private final HitScore other = new HitScore();
    private double reported;
    private int first;
    private int inThree;
    private double off;
    private double worst;
    private int ones;

    private ListenMeasure() {}

    /** One hit of a bar. */
    private record Note(int unit, Voice voice, Dynamic level) {}

    /** A hit that is played. */
    private record Played(double at, Voice voice, Dynamic level) {}

    /** Prints the figures. */
    public static void main(String[] arguments) throws IOException, InterruptedException {
        print("even", 0, 0, 0, false, false);
        print("spread of 10 ms", 0.010, 0, 0, false, false);
        print("spread of 10 ms, tempo drifts by 5 %", 0.010, 0.05, 0, false, false);
        print("spread of 10 ms, noise at 20 dB, room", 0.010, 0, 0.1, true, false);
        print("spread of 10 ms, with a band", 0.010, 0, 0, false, true);
    }

    private static void print(String what, double spread, double drift, double noise, boolean room, boolean band)
            throws IOException, InterruptedException {
        ListenMeasure measure = new ListenMeasure();
        for (int part = 0; part < PARTS; part++) {
            measure.listen(part, spread, drift, noise, room, band);
        }
        System.out.printf(
                Locale.ROOT,
                "%-40s F %.3f, live %.3f within %.0f ms, aubio %.3f; first %.2f, in three %.2f, the 1s off by %.1f ms,"
                        + " at most %.1f ms%n",
                what,
                measure.whole.measure(),
                measure.live.measure(),
                1_000 * measure.reported,
                measure.other.measure(),
                (double) measure.first / PARTS,
                (double) measure.inThree / PARTS,
                1_000 * measure.off / measure.ones,
                1_000 * measure.worst);
    }

    private void listen(int part, double spread, double drift, double noise, boolean room, boolean band)
            throws IOException, InterruptedException {
        Random random = new Random(part);
        List<Integer> groups = METERS.get(part % METERS.size());
        int units = groups.stream().mapToInt(Integer::intValue).sum();
        double unit = 0.12 + 0.18 * random.nextDouble();
        List<Note> bar = bar(groups, random);
        int bars = (int) Math.max(6, SECONDS / (units * unit));
        List<Played> played = new ArrayList<>();
        List<Double> starts = new ArrayList<>();
        double now = 0.3;
        for (int i = 0; i < bars * units; i++) {
            if (i % units == 0) {
                starts.add(now);
            }
            for (Note note : bar) {
                if (note.unit == i % units) {
                    double late = spread * random.nextGaussian();
                    played.add(new Played(Math.max(0, now + late), note.voice, note.level));
                }
            }
            now += unit * (1 + drift * Math.sin(2 * Math.PI * i / (bars * units)));
        }
        float[] samples = recorded(played, now + 1.5, noise, room, random);
        double[] at = played.stream().mapToDouble(Played::at).sorted().toArray();
        if (band) {
            new Band(RATE, random).play(samples, starts, units * unit, at);
        }
        HitFinder finder = new HitFinder();
        finder.hear(samples, samples.length);
        finder.end();
        List<HeardHit> hits = finder.hits(0.5);
        whole.compare(at, hits.stream().map(HeardHit::at).toList());
        live.compare(at, live(samples));
        other.compare(at, AubioHits.of(samples, RATE));
        judge(RecordingMeters.of(hits, (double) samples.length / RATE, KnownAbout.NOTHING), units * unit, starts);
    }

    private List<Double> live(float[] samples) {
        LiveHitFinder finder = new LiveHitFinder();
        List<Double> hits = new ArrayList<>();
        float[] block = new float[BLOCK];
        for (int from = 0; from + BLOCK <= samples.length; from += BLOCK) {
            System.arraycopy(samples, from, block, 0, BLOCK);
            finder.hear(block, BLOCK, (hit, loudest) -> {
                hits.add(hit.at());
                reported = Math.max(reported, (double) finder.heard() / RATE - hit.at());
            });
        }
        return hits;
    }

    /** Returns a bar: the hi-hat on all units, on groups, or on some; kick and snare on groups. */
    private static List<Note> bar(List<Integer> groups, Random random) {
        List<Note> bar = new ArrayList<>();
        int hats = random.nextInt(3);
        int start = 0;
        for (int group : groups) {
            for (int i = 0; i < group; i++) {
                if (i == 0 || hats == 0 || (hats == 1 && random.nextInt(3) > 0)) {
                    bar.add(new Note(start + i, Kit.HI_HAT, i == 0 ? Dynamic.ACCENT : Dynamic.NORMAL));
                }
            }
            if (start == 0 || random.nextInt(3) == 0) {
                bar.add(new Note(start, Kit.KICK, start == 0 ? Dynamic.ACCENT : Dynamic.NORMAL));
            } else if (random.nextBoolean()) {
                bar.add(new Note(start, Kit.SNARE, Dynamic.ACCENT));
            }
            start += group;
        }
        if (random.nextBoolean()) {
            bar.add(new Note(random.nextInt(start), Kit.SNARE, Dynamic.GHOST));
        }
        return bar;
    }

    private float[] recorded(List<Played> played, double seconds, double noise, boolean room, Random random) {
        float[] samples = new float[(int) (seconds * RATE)];
        int turn = 0;
        for (Played hit : played) {
            float level = StrokeLevel.of(hit.level);
            int from = (int) Math.round(hit.at * RATE);
            kit.voice(hit.voice, hit.level, turn++).mixInto(samples, from, samples.length, 0, level);
        }
        if (room) {
            new Room(RATE).answer(samples, samples.length, 1);
        }
        double squares = 0;
        for (float sample : samples) {
            squares += sample * sample;
        }
        double hiss = noise * Math.sqrt(squares / samples.length);
        for (int i = 0; i < samples.length && noise > 0; i++) {
            samples[i] += (float) (hiss * random.nextGaussian());
        }
        return samples;
    }

    private void judge(List<RecordingProposal> proposals, double seconds, List<Double> starts) {
        for (int i = 0; i < Math.min(3, proposals.size()); i++) {
            RecordingProposal proposal = proposals.get(i);
            double length = proposal.phrase().length().toDouble() * 4 * 60 / proposal.tempo();
            if (Math.abs(length / seconds - 1) < 0.02) {
                inThree++;
                if (i == 0) {
                    first++;
                    measureOnes(proposal.ones(), starts);
                }
                return;
            }
        }
    }

    /** Each bar that was played is compared with the 1 that is nearest to it. */
    private void measureOnes(List<Double> heard, List<Double> starts) {
        for (double start : starts) {
            double distance = heard.stream()
                    .mapToDouble(one -> Math.abs(one - start))
                    .min()
                    .orElse(Double.NaN);
            if (start >= heard.get(0) - NEAR) {
                off += distance;
                worst = Math.max(worst, distance);
                ones++;
            }
        }
    }
}
