package nimblestride.formats.musicxml;

import java.util.List;
import java.util.Optional;
import nimblestride.core.layer.modulation.Pivot;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;
import nimblestride.core.transcription.source.ImportedHit;

/**
 * One measure of a part as it is written.
 *
 * @param meter the signature that holds; empty where none was ever given
 * @param content how long what stands in it is
 * @param implicit whether it is a pickup or the like
 * @param strokes from its beginning
 * @param beamed from where to where each beam goes
 * @param tempo that is set at its beginning
 * @param pivot that is signed at its beginning
 */
record ReadMeasure(
        Optional<Meter> meter,
        NoteValue content,
        boolean implicit,
        List<ImportedHit> strokes,
        List<Beamed> beamed,
        Optional<Tempo> tempo,
        Optional<Pivot> pivot,
        PlayOrder.Signs signs) {
    /** Notes under one beam. */
    record Beamed(NoteValue from, NoteValue to) {}

    ReadMeasure {
        strokes = List.copyOf(strokes);
        beamed = List.copyOf(beamed);
    }

    /** Returns the measure with its own signs and another one's notes. */
    ReadMeasure playing(ReadMeasure other) {
        return new ReadMeasure(meter, other.content, implicit, other.strokes, other.beamed, tempo, pivot, signs);
    }
}
