package nimblestride.formats.musicxml;

import java.util.LinkedHashMap;
import java.util.Map;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.notation.score.Score;
import nimblestride.core.notation.score.WrittenHead;
import org.audiveris.proxymusic.MidiInstrument;
import org.audiveris.proxymusic.PartName;
import org.audiveris.proxymusic.ScoreInstrument;
import org.audiveris.proxymusic.ScorePart;
import org.audiveris.proxymusic.ScorePartwise;

/** Writes one part: the kit with an instrument for each of its voices, or a riff. MusicXML counts MIDI keys from 1. */
final class PartXml {
    private static final int PERCUSSION_CHANNEL = 10;
    private static final int RIFF_CHANNEL = 4;
    /** The nylon-string guitar of General MIDI 1. */
    private static final int PLUCKED = 25;

    private final Score score;
    private final ClefXml clef;
    private final ScorePart listed = new ScorePart();
    private final Map<String, ScoreInstrument> instruments = new LinkedHashMap<>();

    private PartXml(Score score, String id, String title, String abbreviation, ClefXml clef) {
        this.score = score;
        this.clef = clef;
        listed.setId(id);
        PartName name = new PartName();
        name.setValue(title);
        listed.setPartName(name);
        PartName shorter = new PartName();
        shorter.setValue(abbreviation);
        listed.setPartAbbreviation(shorter);
        score.bars().stream()
                .flatMap(bar -> bar.parts().stream())
                .flatMap(part -> part.written().stream())
                .flatMap(written -> written.heads().stream())
                .map(WrittenHead::voice)
                .distinct()
                .forEach(this::addInstrument);
    }

    /** @param score without riffs */
    static PartXml kit(Score score) {
        return new PartXml(score, "P1", "Drum kit", "Kit", ClefXml.PERCUSSION);
    }

    /**
     * Makes the part of a riff.
     *
     * @param score of the riff alone
     * @param number of the part, from 2
     */
    static PartXml riff(Score score, Voice riff, int number) {
        return new PartXml(score, "P" + number, riff.name(), riff.name(), ClefXml.forPitch(riff.midiKey()));
    }

    private void addInstrument(Voice voice) {
        ScoreInstrument instrument = new ScoreInstrument();
        instrument.setId(listed.getId() + "-I" + (instruments.size() + 1));
        instrument.setInstrumentName(voice.name());
        listed.getScoreInstrument().add(instrument);
        MidiInstrument midi = new MidiInstrument();
        midi.setId(instrument);
        if (voice.isRiff()) {
            midi.setMidiChannel(RIFF_CHANNEL);
            midi.setMidiProgram(PLUCKED);
        } else {
            midi.setMidiChannel(PERCUSSION_CHANNEL);
            midi.setMidiUnpitched(voice.midiKey() + 1);
        }
        listed.getMidiDeviceAndMidiInstrument().add(midi);
        instruments.put(voice.name(), instrument);
    }

    /** Returns its entry in the list of parts. */
    ScorePart listed() {
        return listed;
    }

    ScorePartwise.Part build(ScoreLayout layout) {
        ScorePartwise.Part part = new ScorePartwise.Part();
        part.setId(listed);
        MeasureXml.Before before = MeasureXml.Before.NOTHING;
        for (int i = 0; i < score.bars().size(); i++) {
            MeasureXml measure = new MeasureXml(score, i, instruments, clef, layout, before);
            part.getMeasure().add(measure.build());
            before = measure.after();
        }
        return part;
    }
}
