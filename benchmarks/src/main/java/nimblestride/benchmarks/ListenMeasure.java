package nimblestride.benchmarks;

import java.util.ArrayList;
import java.util.Arrays;
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
import nimblestride.sound.kit.StrokeLevel;
import nimblestride.sound.recorded.RecordedKit;
import nimblestride.sound.room.Room;

/**
 * Listens to parts in 22 odd meters that the kit plays: how many hits it finds within 25 ms, how often the cycle that was
 * played comes first, and how far the 1s are off.
 */
public final class ListenMeasure {
    private static final int RATE = HitFinder.RATE;
    private static final int PARTS = 66;
    private static final double SECONDS = 24;
    private static final double NEAR = 0.025;
    /** Hits nearer to each other than this are one. */
    private static final double TOGETHER = 0.03;

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

    private final RecordedKit kit = new RecordedKit(RATE);
    private double found;
    private double wrong;
    private double missed;
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
    public static void main(String[] arguments) {
        print("even", 0, 0, 0, false);
        print("spread of 10 ms", 0.010, 0, 0, false);
        print("spread of 10 ms, tempo drifts by 5 %", 0.010, 0.05, 0, false);
        print("spread of 10 ms, noise at 20 dB, room", 0.010, 0, 0.1, true);
    }

    private static void print(String what, double spread, double drift, double noise, boolean room) {
        ListenMeasure measure = new ListenMeasure();
        for (int part = 0; part < PARTS; part++) {
            measure.listen(part, spread, drift, noise, room);
        }
        System.out.printf(
                Locale.ROOT,
                "%-40s F %.3f, first %.2f, in three %.2f, the 1s off by %.1f ms, at most %.1f ms%n",
                what,
                2 * measure.found / (2 * measure.found + measure.wrong + measure.missed),
                (double) measure.first / PARTS,
                (double) measure.inThree / PARTS,
                1_000 * measure.off / measure.ones,
                1_000 * measure.worst);
    }

    private void listen(int part, double spread, double drift, double noise, boolean room) {
        Random random = new Random(part);
        List<Integer> groups = METERS.get(part % METERS.size());
        int units = groups.stream().mapToInt(Integer::intValue).sum();
        double unit = 0.12 + 0.18 * random.nextDouble();
        List<Note> bar = bar(groups, random);
        int bars = (int) Math.max(6, SECONDS / (units * unit));
        List<Played> played = new ArrayList<>();
        List<Double> starts = new ArrayList<>();
        double at = 0.3;
        for (int i = 0; i < bars * units; i++) {
            if (i % units == 0) {
                starts.add(at);
            }
            for (Note note : bar) {
                if (note.unit == i % units) {
                    double late = spread * random.nextGaussian();
                    played.add(new Played(Math.max(0, at + late), note.voice, note.level));
                }
            }
            at += unit * (1 + drift * Math.sin(2 * Math.PI * i / (bars * units)));
        }
        float[] samples = recorded(played, at + 1.5, noise, room, random);
        HitFinder finder = new HitFinder();
        finder.hear(samples, samples.length);
        finder.end();
        List<HeardHit> hits = finder.hits(0.5);
        compare(played.stream().mapToDouble(Played::at).sorted().toArray(), hits);
        judge(RecordingMeters.of(hits, KnownAbout.NOTHING), units * unit, starts);
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

    private void compare(double[] played, List<HeardHit> hits) {
        boolean[] taken = new boolean[hits.size()];
        double last = -1;
        for (double at : Arrays.stream(played).toArray()) {
            if (at - last <= TOGETHER) {
                continue;
            }
            last = at;
            int nearest = -1;
            for (int i = 0; i < taken.length; i++) {
                double distance = Math.abs(hits.get(i).at() - at);
                if (!taken[i]
                        && distance <= NEAR
                        && (nearest < 0 || distance < Math.abs(hits.get(nearest).at() - at))) {
                    nearest = i;
                }
            }
            if (nearest < 0) {
                missed++;
            } else {
                taken[nearest] = true;
                found++;
            }
        }
        for (boolean one : taken) {
            wrong += one ? 0 : 1;
        }
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

    private void measureOnes(List<Double> heard, List<Double> starts) {
        for (int i = 0; i < Math.min(heard.size(), starts.size()); i++) {
            double distance = Math.abs(heard.get(i) - starts.get(i));
            off += distance;
            worst = Math.max(worst, distance);
            ones++;
        }
    }
}
