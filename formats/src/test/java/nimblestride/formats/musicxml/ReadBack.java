package nimblestride.formats.musicxml;

import java.io.ByteArrayInputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.TreeMap;
import nimblestride.core.time.value.NoteValue;
import org.audiveris.proxymusic.Attributes;
import org.audiveris.proxymusic.Backup;
import org.audiveris.proxymusic.BackwardForward;
import org.audiveris.proxymusic.Barline;
import org.audiveris.proxymusic.Note;
import org.audiveris.proxymusic.ScoreInstrument;
import org.audiveris.proxymusic.ScorePartwise;
import org.audiveris.proxymusic.StartStop;
import org.audiveris.proxymusic.util.Marshalling;

/** Plays a MusicXML document as its durations say, repeats played out. */
final class ReadBack {
    /** Each stroke as the moment from the beginning and the voice, in order. */
    final List<String> strokes = new ArrayList<>();

    /** The length of each measure by each of its voices, measures in written order. */
    final List<List<NoteValue>> lengths = new ArrayList<>();

    private record Struck(NoteValue at, String voice) {}

    private record Measure(List<Struck> struck, NoteValue length) {}

    static ReadBack of(byte[] document) throws Exception {
        ReadBack back = new ReadBack();
        back.read((ScorePartwise) Marshalling.unmarshal(new ByteArrayInputStream(document)));
        return back;
    }

    private void read(ScorePartwise score) {
        List<Measure> measures = new ArrayList<>();
        List<Integer> order = new ArrayList<>();
        long subdivisions = 0;
        int repeatFrom = 0;
        for (ScorePartwise.Part.Measure measure : score.getPart().get(0).getMeasure()) {
            int index = measures.size();
            List<Struck> struck = new ArrayList<>();
            TreeMap<String, NoteValue> byVoice = new TreeMap<>();
            NoteValue at = NoteValue.ZERO;
            NoteValue last = NoteValue.ZERO;
            order.add(index);
            for (Object item : measure.getNoteOrBackupOrForward()) {
                if (item instanceof Attributes attributes && attributes.getDivisions() != null) {
                    subdivisions = attributes.getDivisions().longValueExact();
                } else if (item instanceof Backup backup) {
                    at = at.minus(value(backup.getDuration().longValueExact(), subdivisions));
                } else if (item instanceof Barline line && line.getRepeat() != null) {
                    if (line.getRepeat().getDirection() == BackwardForward.FORWARD) {
                        repeatFrom = index;
                    } else {
                        for (int time = 1; time < line.getRepeat().getTimes().intValue(); time++) {
                            for (int again = repeatFrom; again <= index; again++) {
                                order.add(again);
                            }
                        }
                    }
                } else if (item instanceof Note note && note.getGrace() == null) {
                    if (note.getChord() == null) {
                        last = at;
                        NoteValue length = value(note.getDuration().longValueExact(), subdivisions);
                        at = at.plus(length);
                        byVoice.merge(note.getVoice(), length, NoteValue::plus);
                    }
                    boolean goesOn = note.getTie().stream().anyMatch(tie -> tie.getType() == StartStop.STOP);
                    if (note.getRest() == null && !goesOn) {
                        ScoreInstrument instrument =
                                (ScoreInstrument) note.getInstrument().get(0).getId();
                        struck.add(new Struck(last, instrument.getInstrumentName()));
                    }
                }
            }
            lengths.add(List.copyOf(byVoice.values()));
            measures.add(new Measure(struck, byVoice.firstEntry().getValue()));
        }
        NoteValue start = NoteValue.ZERO;
        for (int index : order) {
            for (Struck one : measures.get(index).struck) {
                strokes.add(start.plus(one.at) + " " + one.voice);
            }
            start = start.plus(measures.get(index).length);
        }
    }

    private static NoteValue value(long duration, long subdivisions) {
        return NoteValue.of(duration, 4 * subdivisions);
    }
}
