package nimblestride.benchmarks;

import java.io.ByteArrayOutputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import javax.sound.midi.MetaMessage;
import javax.sound.midi.MidiEvent;
import javax.sound.midi.MidiSystem;
import javax.sound.midi.Sequence;
import javax.sound.midi.ShortMessage;
import javax.sound.midi.Track;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.language.text.LayerText;
import nimblestride.core.layer.pattern.Hit;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.transcription.proposal.Arrangement;
import nimblestride.core.transcription.proposal.ImportChoice;
import nimblestride.core.transcription.repetition.MeterProposal;
import nimblestride.core.transcription.source.Transcription;
import nimblestride.formats.midi.MidiImport;
import nimblestride.sound.input.TimingHabits;

/**
 * Random phrases, performed as the stand-in player performs, recorded as MIDI and brought in again: how many strokes come back on
 * their places, how many performances as a whole, and how often the real meter is proposed first where the file names none.
 */
public final class ImportMeasure {
    private static final int TRIES = 200;
    private static final int ROUNDS = 8;
    private static final int PER_QUARTER = 960;
    private static final int PERCUSSION_CHANNEL = 9;
    private static final int SET_TEMPO = 0x51;
    private static final int TIME_SIGNATURE = 0x58;
    private static final List<String> METERS =
            List.of("7/8(2+2+3)", "5/8(3+2)", "11/8(3+3+3+2)", "4/4", "3/4", "9/8(2+2+2+3)", "10/8(3+3+2+2)");

    private ImportMeasure() {}

    private record Played(long tick, int key, NoteValue at) {}

    public static void main(String[] arguments) throws Exception {
        for (int spread : new int[] {5, 10, 20}) {
            measure(spread);
        }
    }

    private static void measure(int spread) throws Exception {
        Random random = new Random(spread);
        long strokes = 0;
        long right = 0;
        int whole = 0;
        int meters = 0;
        for (int i = 0; i < TRIES; i++) {
            Phrase phrase = BarsText.read(METERS.get(random.nextInt(METERS.size())));
            int perMinute = 80 + random.nextInt(61);
            List<Played> played = perform(phrase, perMinute, spread, random);
            Transcription brought = MidiImport.read(file(played, perMinute, phrase, true), "x");
            Set<String> there = new TreeSet<>();
            brought.parts()
                    .get(0)
                    .strokes()
                    .forEach(struck ->
                            there.add(struck.at() + " " + struck.sound().name()));
            long own = played.stream()
                    .filter(one -> there.contains(one.at + " key " + one.key))
                    .count();
            strokes += played.size();
            right += own;
            whole += own == played.size() && there.size() == played.size() ? 1 : 0;
            Transcription unnamed = MidiImport.read(file(played, perMinute, phrase, false), "x");
            List<MeterProposal> proposals = Arrangement.meters(unnamed, ImportChoice.of(0));
            NoteValue first = proposals.isEmpty()
                    ? NoteValue.ZERO
                    : Phrase.of(proposals.get(0).bars()).length();
            meters += first.equals(phrase.length()) ? 1 : 0;
        }
        System.out.printf(
                "spread %d ms: %.2f %% of %,d strokes on their places; %.1f %% of %d performances of %d bars without a"
                        + " single one off; the real length of the bar proposed first %.1f %%%n",
                spread, 100.0 * right / strokes, strokes, 100.0 * whole / TRIES, TRIES, ROUNDS, 100.0 * meters / TRIES);
    }

    /** A bass drum on the groups, a back-beat, a ride in eighths or sixteenths, and a fill of triplets now and then. */
    private static List<Played> perform(Phrase phrase, int perMinute, int spread, Random random) {
        Bar bar = phrase.bar(0);
        List<NoteValue> starts = bar.groupStarts();
        StringBuilder kick = new StringBuilder("kick at 1:0");
        StringBuilder snare = new StringBuilder("snare at");
        for (int group = 1; group < starts.size(); group++) {
            (group % 2 == 0 ? kick : snare).append(" 1:").append(starts.get(group));
        }
        if (random.nextBoolean()) {
            kick.append(" 1:").append(starts.get(starts.size() - 1).plus(NoteValue.SIXTEENTH));
        }
        String ride = "ride every " + (random.nextInt(3) == 0 ? "1/16" : "1/8");
        List<String> layers = new ArrayList<>(List.of(kick.toString(), snare.toString(), ride));
        if (random.nextInt(4) == 0) {
            layers.add("high tom every 1/12 reset phrase");
        }
        TimingHabits habits = new TimingHabits(spread, random.nextInt(21) - 10, random.nextInt(11), random.nextLong());
        List<Played> played = new ArrayList<>();
        long number = 0;
        for (String typed : layers) {
            var layer = LayerText.read(typed);
            for (Hit hit : LayerTimeline.of(layer, phrase)
                    .between(NoteValue.ZERO, phrase.length().times(ROUNDS), 10_000)) {
                double late = habits.late(number++, hit.at(), phrase) / 1_000 * perMinute / 60;
                long tick = Math.max(0, Math.round((hit.at().toDouble() * 4 + late) * PER_QUARTER));
                played.add(new Played(tick, layer.voice().midiKey(), hit.at()));
            }
        }
        return played;
    }

    private static byte[] file(List<Played> played, int perMinute, Phrase phrase, boolean named) throws Exception {
        Sequence sequence = new Sequence(Sequence.PPQ, PER_QUARTER);
        Track track = sequence.createTrack();
        int micros = 60_000_000 / perMinute;
        byte[] tempo = {(byte) (micros >> 16), (byte) (micros >> 8), (byte) micros};
        track.add(new MidiEvent(new MetaMessage(SET_TEMPO, tempo, tempo.length), 0));
        if (named) {
            var meter = phrase.bar(0).meter();
            byte[] sign = {
                (byte) meter.units(),
                (byte) Long.numberOfTrailingZeros(meter.unit().denominator()),
                24,
                8
            };
            track.add(new MidiEvent(new MetaMessage(TIME_SIGNATURE, sign, sign.length), 0));
        }
        for (Played one : played) {
            track.add(new MidiEvent(new ShortMessage(ShortMessage.NOTE_ON, PERCUSSION_CHANNEL, one.key, 90), one.tick));
        }
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        MidiSystem.write(sequence, 0, out);
        return out.toByteArray();
    }
}
