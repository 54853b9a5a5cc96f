package nimblestride.formats.musicxml;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.stroke.Ornament;
import nimblestride.core.kit.voice.NoteheadShape;
import nimblestride.core.kit.voice.PitchNames;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.notation.score.NoteShape;
import nimblestride.core.notation.score.PartRhythm;
import nimblestride.core.notation.score.Score;
import nimblestride.core.notation.score.TupletSpan;
import nimblestride.core.notation.score.WrittenHead;
import nimblestride.core.notation.score.WrittenNote;
import org.audiveris.proxymusic.Empty;
import org.audiveris.proxymusic.EmptyPlacement;
import org.audiveris.proxymusic.Grace;
import org.audiveris.proxymusic.Instrument;
import org.audiveris.proxymusic.Lyric;
import org.audiveris.proxymusic.Notations;
import org.audiveris.proxymusic.Note;
import org.audiveris.proxymusic.NoteType;
import org.audiveris.proxymusic.Notehead;
import org.audiveris.proxymusic.NoteheadValue;
import org.audiveris.proxymusic.Pitch;
import org.audiveris.proxymusic.Rest;
import org.audiveris.proxymusic.ScoreInstrument;
import org.audiveris.proxymusic.StartStop;
import org.audiveris.proxymusic.Stem;
import org.audiveris.proxymusic.StemValue;
import org.audiveris.proxymusic.Step;
import org.audiveris.proxymusic.Syllabic;
import org.audiveris.proxymusic.TextElementData;
import org.audiveris.proxymusic.Tie;
import org.audiveris.proxymusic.TimeModification;
import org.audiveris.proxymusic.Unpitched;
import org.audiveris.proxymusic.YesNo;

/** One note, chord or rest of a part, with the grace notes before it. */
final class NoteXml {
    private static final int STEPS_TO_THE_OCTAVE = 7;
    /** The middle line of a percussion staff is read as that of a treble staff: the B of octave 4, counted in steps from C0. */
    static final int MIDDLE_LINE = 4 * STEPS_TO_THE_OCTAVE + 6;

    static final List<Step> STEPS = List.of(Step.C, Step.D, Step.E, Step.F, Step.G, Step.A, Step.B);
    private static final NoteShape GRACE_SHAPE = new NoteShape(8, 0);
    private static final NoteShape GRACE_RUN_SHAPE = new NoteShape(16, 0);

    private final Score score;
    private final PartRhythm part;
    private final int index;
    private final WrittenNote written;
    private final int voice;
    private final boolean tiesOn;
    private final Map<String, ScoreInstrument> instruments;

    NoteXml(
            Score score,
            PartRhythm part,
            int index,
            int voice,
            boolean tiesOn,
            Map<String, ScoreInstrument> instruments) {
        this.score = score;
        this.part = part;
        this.index = index;
        this.written = part.written().get(index);
        this.voice = voice;
        this.tiesOn = tiesOn;
        this.instruments = instruments;
    }

    /** Returns the value of the element {@code type}. */
    static String typeName(NoteShape shape) {
        return switch (shape.divisor()) {
            case 1 -> "whole";
            case 2 -> "half";
            case 4 -> "quarter";
            case 8 -> "eighth";
            case 32 -> "32nd";
            case 512 -> "512th";
            default -> shape.divisor() + "th";
        };
    }

    /**
     * Builds the note with its grace notes, the chord, or the rest.
     *
     * @param count syllable said on it; empty for none
     */
    List<Note> build(BigDecimal duration, String count) {
        List<Note> notes = new ArrayList<>();
        if (written.isRest()) {
            Note rest = timed(duration);
            Rest sign = new Rest();
            if (part.isBarRest()) {
                sign.setMeasure(YesNo.YES);
            }
            rest.setRest(sign);
            finish(rest, true, NotationsXml.ofRest(part, index));
            notes.add(rest);
            return notes;
        }
        if (!written.tied()) {
            written.heads().forEach(head -> notes.addAll(graces(head)));
        }
        boolean first = true;
        for (WrittenHead head : written.heads()) {
            Note note = timed(duration);
            if (!first) {
                note.setChord(new Empty());
            }
            struck(note, head);
            dynamics(note, head);
            ties(note);
            finish(note, first, NotationsXml.of(part, index, tiesOn, first, head));
            if (first) {
                String sticking = score.style().stickingFor(written);
                if (!sticking.isEmpty()) {
                    note.getLyric().add(lyric("1", "sticking", sticking));
                }
                if (!count.isEmpty()) {
                    note.getLyric().add(lyric("2", "count", count));
                }
            }
            first = false;
            notes.add(note);
        }
        return notes;
    }

    private Note timed(BigDecimal duration) {
        Note note = new Note();
        note.setDuration(duration);
        note.setVoice(Integer.toString(voice));
        if (!part.isBarRest()) {
            note.setType(type(written.shape()));
            for (int dot = 0; dot < written.shape().dots(); dot++) {
                note.getDot().add(new EmptyPlacement());
            }
        }
        return note;
    }

    private static NoteType type(NoteShape shape) {
        NoteType type = new NoteType();
        type.setValue(typeName(shape));
        return type;
    }

    private void struck(Note note, WrittenHead head) {
        if (head.voice().isRiff()) {
            note.setPitch(pitch(head.voice().midiKey()));
        } else {
            int step = MIDDLE_LINE + head.voice().staffPlace();
            Unpitched place = new Unpitched();
            place.setDisplayStep(STEPS.get(step % STEPS_TO_THE_OCTAVE));
            place.setDisplayOctave(step / STEPS_TO_THE_OCTAVE);
            note.setUnpitched(place);
        }
        Instrument instrument = new Instrument();
        instrument.setId(instruments.get(head.voice().name()));
        note.getInstrument().add(instrument);
        note.setNotehead(notehead(head.voice(), head.stroke().level() == Dynamic.GHOST));
    }

    private static Pitch pitch(int midiKey) {
        String said = PitchNames.SAID.get(midiKey % PitchNames.SAID.size());
        Pitch pitch = new Pitch();
        pitch.setStep(Step.fromValue(said.substring(0, 1)));
        if (said.endsWith("flat")) {
            pitch.setAlter(BigDecimal.ONE.negate());
        } else if (said.endsWith("sharp")) {
            pitch.setAlter(BigDecimal.ONE);
        }
        pitch.setOctave(PitchNames.octave(midiKey));
        return pitch;
    }

    /** Writes the velocity, in hundredths of forte, unless the signs on the note already give it for this head. */
    private void dynamics(Note note, WrittenHead head) {
        boolean accented =
                written.heads().stream().anyMatch(one -> one.stroke().level().isAccent());
        Dynamic level = head.stroke().level();
        if (accented || level != Dynamic.NORMAL) {
            note.setDynamics(XmlDynamics.dynamics(level));
        }
    }

    private static Notehead notehead(Voice voice, boolean ghost) {
        Notehead notehead = new Notehead();
        notehead.setValue(value(voice.head()));
        if (ghost) {
            notehead.setParentheses(YesNo.YES);
        }
        return notehead;
    }

    private static NoteheadValue value(NoteheadShape head) {
        return switch (head) {
            case NORMAL -> NoteheadValue.NORMAL;
            case CROSS -> NoteheadValue.X;
            case CIRCLED_CROSS -> NoteheadValue.CIRCLE_X;
            case DIAMOND -> NoteheadValue.DIAMOND;
            case TRIANGLE -> NoteheadValue.TRIANGLE;
            case SLASHED -> NoteheadValue.SLASHED;
        };
    }

    private void ties(Note note) {
        if (written.tied()) {
            note.getTie().add(tie(StartStop.STOP));
        }
        if (tiesOn) {
            note.getTie().add(tie(StartStop.START));
        }
    }

    private static Tie tie(StartStop type) {
        Tie tie = new Tie();
        tie.setType(type);
        return tie;
    }

    private void finish(Note note, boolean first, Notations notations) {
        List<TupletSpan> tuplets = part.tupletsOf(index);
        if (!tuplets.isEmpty()) {
            note.setTimeModification(timeModification(tuplets));
        }
        if (!written.isRest() && written.shape().hasStem()) {
            Stem stem = new Stem();
            stem.setValue(voice == 1 ? StemValue.UP : StemValue.DOWN);
            note.setStem(stem);
        }
        if (first) {
            BeamsXml.add(part, index, note);
        }
        if (!notations.getTiedOrSlurOrTuplet().isEmpty()) {
            note.getNotations().add(notations);
        }
    }

    private static TimeModification timeModification(List<TupletSpan> tuplets) {
        BigInteger actual = BigInteger.ONE;
        BigInteger normal = BigInteger.ONE;
        for (TupletSpan span : tuplets) {
            actual = actual.multiply(BigInteger.valueOf(span.tuplet().actual()));
            normal = normal.multiply(BigInteger.valueOf(span.tuplet().normal()));
        }
        TimeModification modification = new TimeModification();
        modification.setActualNotes(actual);
        modification.setNormalNotes(normal);
        NoteShape unit = tuplets.get(tuplets.size() - 1).tuplet().unit();
        modification.setNormalType(typeName(unit));
        for (int dot = 0; dot < unit.dots(); dot++) {
            modification.getNormalDot().add(new Empty());
        }
        return modification;
    }

    private List<Note> graces(WrittenHead head) {
        Ornament ornament = head.stroke().ornament();
        List<Note> notes = new ArrayList<>();
        for (int i = 0; i < ornament.graceNotes(); i++) {
            Note note = new Note();
            Grace grace = new Grace();
            boolean single = ornament.graceNotes() == 1;
            if (single) {
                grace.setSlash(YesNo.YES);
            }
            note.setGrace(grace);
            note.setVoice(Integer.toString(voice));
            note.setType(type(single ? GRACE_SHAPE : GRACE_RUN_SHAPE));
            struck(note, head);
            notes.add(note);
        }
        return notes;
    }

    private static Lyric lyric(String number, String name, String text) {
        Lyric lyric = new Lyric();
        lyric.setNumber(number);
        lyric.setName(name);
        TextElementData data = new TextElementData();
        data.setValue(text);
        lyric.getElisionAndSyllabicAndText().add(Syllabic.SINGLE);
        lyric.getElisionAndSyllabicAndText().add(data);
        return lyric;
    }
}
