package nimblestride.formats.musicxml;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.kit.stroke.Dynamic;
import nimblestride.core.kit.stroke.Ornament;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Limb;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.layer.modulation.Pivot;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;
import nimblestride.core.transcription.source.ImportedHit;
import nimblestride.formats.musicxml.ReadMeasure.Beamed;
import nimblestride.formats.musicxml.ScoreDocument.MeasureOfScore;
import org.audiveris.proxymusic.Attributes;
import org.audiveris.proxymusic.Backup;
import org.audiveris.proxymusic.BackwardForward;
import org.audiveris.proxymusic.Barline;
import org.audiveris.proxymusic.Beam;
import org.audiveris.proxymusic.BeamValue;
import org.audiveris.proxymusic.Direction;
import org.audiveris.proxymusic.DirectionType;
import org.audiveris.proxymusic.FormattedTextId;
import org.audiveris.proxymusic.Forward;
import org.audiveris.proxymusic.Note;
import org.audiveris.proxymusic.Sound;
import org.audiveris.proxymusic.StartStop;
import org.audiveris.proxymusic.StartStopDiscontinue;
import org.audiveris.proxymusic.Tie;
import org.audiveris.proxymusic.YesNo;

/** Reads one measure: where the cursor is, what is played there, which signs stand around it. */
final class MeasureReader {
    /** The most grace notes that may wait for one chord; no chord has more sounds. */
    private static final int MAX_GRACES = 64;

    private static final BigInteger MAX_TIMES = BigInteger.valueOf(1_000);

    private final PartReader part;
    private final MeasureOfScore measure;
    private final List<ImportedHit> strokes = new ArrayList<>();
    private final List<Beamed> beamed = new ArrayList<>();
    private final Map<String, NoteValue> beamStarts = new HashMap<>();
    /** Grace notes that wait for their note, by their sounds. */
    private final List<String> graces = new ArrayList<>();

    /** The number of the element being read. */
    private int number;

    private NoteValue at = NoteValue.ZERO;
    private NoteValue chordAt = NoteValue.ZERO;
    private NoteValue content = NoteValue.ZERO;
    private Optional<Dynamic> chordAccent = Optional.empty();
    private Set<String> chordSounds = Set.of();
    private Optional<Limb> hand = Optional.empty();
    private Optional<Tempo> tempo = Optional.empty();
    private Optional<Pivot> pivot = Optional.empty();
    private PlayOrder.Signs signs = PlayOrder.Signs.NONE;
    private final Set<Integer> endings = new TreeSet<>();
    private boolean forward;
    private int backward;

    MeasureReader(PartReader part, MeasureOfScore measure) {
        this.part = part;
        this.measure = measure;
    }

    ReadMeasure read() {
        endings.addAll(part.openEnding());
        for (number = 0; number < measure.content().size(); number++) {
            Object element = measure.content().get(number);
            if (element instanceof Attributes attributes) {
                part.take(attributes);
            } else if (element instanceof Note note) {
                take(note);
            } else if (element instanceof Backup backup) {
                NoteValue back = XmlDurations.of(backup.getDuration(), part.subdivisions());
                at = back.compareTo(at) > 0 ? NoteValue.ZERO : at.minus(back);
            } else if (element instanceof Forward on) {
                moveOn(XmlDurations.of(on.getDuration(), part.subdivisions()));
            } else if (element instanceof Direction direction) {
                take(direction);
            } else if (element instanceof Sound sound) {
                take(sound);
            } else if (element instanceof Barline line) {
                take(line);
            }
        }
        PlayOrder.Signs all = new PlayOrder.Signs(
                forward,
                backward,
                endings,
                signs.segno(),
                signs.coda(),
                signs.toCoda(),
                signs.fine(),
                signs.daCapo(),
                signs.dalSegno());
        return new ReadMeasure(part.meter(), content, measure.implicit(), strokes, beamed, tempo, pivot, all);
    }

    private void moveOn(NoteValue length) {
        at = at.plus(length);
        content = at.compareTo(content) > 0 ? at : content;
    }

    private void take(Note note) {
        if (note.getGrace() != null) {
            if (graces.size() < MAX_GRACES) {
                graces.add(part.sound(note).name());
            } else {
                part.leaveOut("more than three grace notes in a row (three kept)");
            }
            return;
        }
        if (note.getDuration() == null) {
            throw new InvalidValueException("a note has no duration");
        }
        NoteValue length = XmlDurations.of(note.getDuration(), part.subdivisions());
        boolean chord = note.getChord() != null;
        if (!chord) {
            chordAt = at;
            chordAccent = StrokeReader.accent(note);
            chordSounds = chordSounds(note);
            Optional<Limb> stuck = StrokeReader.sticking(note);
            hand = stuck.isPresent() ? stuck : hand;
            beam(note, length);
            moveOn(length);
        }
        boolean tied = note.getTie().stream().map(Tie::getType).anyMatch(StartStop.STOP::equals);
        if (note.getRest() != null || tied) {
            return;
        }
        if (note.getCue() != null) {
            part.leaveOut("a cue note");
            return;
        }
        strike(note, chord, length);
    }

    /** A doubled note is two of half its length. */
    private void strike(Note note, boolean chord, NoteValue length) {
        nimblestride.core.transcription.source.ImportedSound sound = part.sound(note);
        Stroke stroke = Stroke.NORMAL.at(level(note)).with(ornament(note, sound.name(), chord));
        boolean byHand = sound.usual().map(Voice::isByHand).orElse(true);
        if (hand.isPresent() && byHand) {
            stroke = stroke.by(hand.get());
            hand = Optional.empty();
        }
        boolean doubled = stroke.ornament() == Ornament.DOUBLED;
        Stroke each = doubled ? stroke.with(Ornament.NONE) : stroke;
        strokes.add(new ImportedHit(chordAt, sound, each));
        if (doubled) {
            strokes.add(new ImportedHit(chordAt.plus(length.dividedBy(2)), sound, each));
        }
    }

    private Dynamic level(Note note) {
        if (part.isOwn() && note.getDynamics() != null) {
            return XmlDynamics.level(note.getDynamics());
        }
        if (StrokeReader.isGhost(note)) {
            return Dynamic.GHOST;
        }
        Optional<Dynamic> own = StrokeReader.accent(note);
        return own.or(() -> chordAccent).orElse(Dynamic.NORMAL);
    }

    /** Returns what plays together with a note that starts a chord, including itself. */
    private Set<String> chordSounds(Note note) {
        Set<String> together = new HashSet<>(Set.of(part.sound(note).name()));
        for (Object element :
                measure.content().subList(number + 1, measure.content().size())) {
            if (!(element instanceof Note next) || next.getChord() == null) {
                break;
            }
            together.add(part.sound(next).name());
        }
        return together;
    }

    /** Grace notes go with the note of the chord that has their sound; otherwise with its first. */
    private Ornament ornament(Note note, String sound, boolean chord) {
        int before = ExactMath.toInt(graces.stream()
                .filter(grace -> grace.equals(sound) || (!chord && !chordSounds.contains(grace)))
                .count());
        graces.removeIf(grace -> grace.equals(sound) || (!chord && !chordSounds.contains(grace)));
        if (before == 0) {
            return StrokeReader.roll(note);
        }
        if (before > Ornament.RUFF.graceNotes()) {
            part.leaveOut("more than three grace notes in a row (three kept)");
        }
        return switch (before) {
            case 1 -> Ornament.FLAM;
            case 2 -> Ornament.DRAG;
            default -> Ornament.RUFF;
        };
    }

    private void beam(Note note, NoteValue length) {
        String voice = Objects.toString(note.getVoice(), "1");
        for (Beam beam : note.getBeam()) {
            if (beam.getNumber() != 1) {
                continue;
            }
            if (beam.getValue() == BeamValue.BEGIN) {
                beamStarts.put(voice, at);
            } else if (beam.getValue() == BeamValue.END && beamStarts.containsKey(voice)) {
                beamed.add(new Beamed(beamStarts.remove(voice), at.plus(length)));
            }
        }
    }

    private void take(Direction direction) {
        Optional<Tempo> stated = TempoReader.tempo(direction);
        Optional<Pivot> change = TempoReader.pivot(direction);
        if (at.isZero()) {
            tempo = stated.or(() -> tempo);
            pivot = change.or(() -> pivot);
        } else if (stated.isPresent() || change.isPresent()) {
            part.leaveOut("a change of tempo inside a bar");
        }
        for (DirectionType type : direction.getDirectionType()) {
            if (!type.getDynamics().isEmpty() || type.getWedge() != null) {
                part.leaveOut("a dynamic mark");
            }
            for (Object words : type.getWordsOrSymbol()) {
                Optional<Limb> letter =
                        words instanceof FormattedTextId text ? StrokeReader.hand(text.getValue()) : Optional.empty();
                hand = letter.or(() -> hand);
            }
        }
        if (direction.getSound() != null) {
            jumps(direction.getSound());
        }
    }

    private void take(Sound sound) {
        Optional<Tempo> stated = TempoReader.tempo(sound);
        if (at.isZero()) {
            tempo = tempo.or(() -> stated);
        } else if (stated.isPresent()) {
            part.leaveOut("a change of tempo inside a bar");
        }
        jumps(sound);
    }

    private void jumps(Sound sound) {
        signs = new PlayOrder.Signs(
                false,
                0,
                Set.of(),
                signs.segno() || sound.getSegno() != null,
                signs.coda() || sound.getCoda() != null,
                signs.toCoda() || sound.getTocoda() != null,
                signs.fine() || sound.getFine() != null,
                signs.daCapo() || sound.getDacapo() == YesNo.YES,
                signs.dalSegno() || sound.getDalsegno() != null);
        forward |= sound.getForwardRepeat() == YesNo.YES;
    }

    private void take(Barline line) {
        if (line.getRepeat() != null && line.getRepeat().getDirection() == BackwardForward.FORWARD) {
            forward = true;
        } else if (line.getRepeat() != null && line.getRepeat().getDirection() == BackwardForward.BACKWARD) {
            backward = line.getRepeat().getTimes() == null
                    ? 2
                    : line.getRepeat()
                            .getTimes()
                            .max(BigInteger.TWO)
                            .min(MAX_TIMES)
                            .intValue();
        }
        if (line.getEnding() != null && line.getEnding().getNumber() != null) {
            for (String number : line.getEnding().getNumber().split("[,\\s]+", -1)) {
                if (number.matches("[1-9]\\d?")) {
                    endings.add(Integer.valueOf(number));
                }
            }
            part.ending(line.getEnding().getType() == StartStopDiscontinue.START, endings);
        }
    }
}
