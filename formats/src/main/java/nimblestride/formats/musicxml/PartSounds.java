package nimblestride.formats.musicxml;

import java.util.HashMap;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import nimblestride.core.kit.voice.Kit;
import nimblestride.core.kit.voice.NoteheadShape;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.transcription.source.ImportedSound;
import org.audiveris.proxymusic.Instrument;
import org.audiveris.proxymusic.MidiInstrument;
import org.audiveris.proxymusic.Note;
import org.audiveris.proxymusic.NoteheadValue;
import org.audiveris.proxymusic.ScoreInstrument;
import org.audiveris.proxymusic.ScorePart;
import org.audiveris.proxymusic.Step;

/**
 * Finds the sound of a note: that of its instrument, by name or by its percussion key; where none is named, that of
 * its place on the staff and its head.
 */
final class PartSounds {
    private static final int STEPS_TO_THE_OCTAVE = 7;
    private static final int PERCUSSION_CHANNEL = 10;

    private final Map<String, ImportedSound> byInstrument = new HashMap<>();
    private final boolean onPercussionChannel;
    private final boolean single;

    PartSounds(ScorePart part) {
        Map<String, Integer> keys = new HashMap<>();
        boolean percussion = false;
        for (Object midi : part.getMidiDeviceAndMidiInstrument()) {
            if (midi instanceof MidiInstrument instrument && instrument.getId() instanceof ScoreInstrument sounding) {
                Optional.ofNullable(instrument.getMidiUnpitched())
                        .ifPresent(key -> keys.put(sounding.getId(), key - 1));
                percussion |= Objects.equals(instrument.getMidiChannel(), PERCUSSION_CHANNEL);
            }
        }
        for (ScoreInstrument instrument : part.getScoreInstrument()) {
            String name = Objects.toString(instrument.getInstrumentName(), "").strip();
            Optional<Voice> voice = Kit.named(name).or(() -> Optional.ofNullable(keys.get(instrument.getId()))
                    .flatMap(key -> ImportedSound.ofKey(key).usual()));
            byInstrument.put(
                    Objects.toString(instrument.getId(), ""),
                    new ImportedSound(name.isEmpty() ? "instrument " + instrument.getId() : name, voice));
        }
        this.onPercussionChannel = percussion;
        this.single = byInstrument.size() == 1;
    }

    boolean isOnPercussionChannel() {
        return onPercussionChannel;
    }

    /**
     * Where several instruments share a staff, a note that names none goes by its place; a single one needs no naming.
     */
    ImportedSound of(Note note) {
        Optional<ImportedSound> named = note.getInstrument().stream()
                .map(Instrument::getId)
                .filter(ScoreInstrument.class::isInstance)
                .map(id -> byInstrument.get(((ScoreInstrument) id).getId()))
                .filter(Objects::nonNull)
                .findFirst();
        if (named.isPresent() && (named.get().usual().isPresent() || !single)) {
            return named.get();
        }
        return onStaff(note);
    }

    private static ImportedSound onStaff(Note note) {
        Step step = note.getUnpitched() != null
                ? note.getUnpitched().getDisplayStep()
                : note.getPitch() == null ? null : note.getPitch().getStep();
        if (step == null) {
            return new ImportedSound("notes without a place", Optional.of(Kit.SNARE));
        }
        int octave = note.getUnpitched() != null
                ? Objects.requireNonNullElse(note.getUnpitched().getDisplayOctave(), 4)
                : note.getPitch().getOctave();
        int place = octave * STEPS_TO_THE_OCTAVE + NoteXml.STEPS.indexOf(step) - NoteXml.MIDDLE_LINE;
        NoteheadShape head = head(note);
        String name = step
                + String.valueOf(octave)
                + (head == NoteheadShape.NORMAL
                        ? ""
                        : " " + head.name().toLowerCase(Locale.ROOT).replace('_', ' '));
        Optional<Voice> alike = Kit.voices().stream()
                .filter(voice -> voice.staffPlace() == place && voice.head() == head)
                .findFirst();
        return new ImportedSound(name, alike.or(() -> Kit.voices().stream()
                .filter(voice -> voice.staffPlace() == place
                        && (voice.head() == NoteheadShape.NORMAL) == (head == NoteheadShape.NORMAL))
                .findFirst()));
    }

    private static NoteheadShape head(Note note) {
        NoteheadValue value = note.getNotehead() == null
                ? NoteheadValue.NORMAL
                : note.getNotehead().getValue();
        if (value == null) {
            return NoteheadShape.NORMAL;
        }
        return switch (value) {
            case X, CROSS -> NoteheadShape.CROSS;
            case CIRCLE_X -> NoteheadShape.CIRCLED_CROSS;
            case DIAMOND -> NoteheadShape.DIAMOND;
            case TRIANGLE, INVERTED_TRIANGLE -> NoteheadShape.TRIANGLE;
            case SLASHED, BACK_SLASHED -> NoteheadShape.SLASHED;
            default -> NoteheadShape.NORMAL;
        };
    }
}
