package nimblestride.formats.musicxml;

import java.math.BigDecimal;
import java.math.BigInteger;
import java.math.MathContext;
import java.util.Optional;
import nimblestride.core.foundation.words.PlainText;
import nimblestride.core.layer.modulation.Pivot;
import nimblestride.core.notation.score.NoteShape;
import nimblestride.core.notation.score.Tuplet;
import nimblestride.core.time.meter.Swing;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;
import org.apache.commons.numbers.fraction.BigFraction;
import org.audiveris.proxymusic.AboveBelow;
import org.audiveris.proxymusic.Direction;
import org.audiveris.proxymusic.DirectionType;
import org.audiveris.proxymusic.Empty;
import org.audiveris.proxymusic.FormattedTextId;
import org.audiveris.proxymusic.Metronome;
import org.audiveris.proxymusic.MetronomeNote;
import org.audiveris.proxymusic.MetronomeTuplet;
import org.audiveris.proxymusic.Offset;
import org.audiveris.proxymusic.PerMinute;
import org.audiveris.proxymusic.Sound;
import org.audiveris.proxymusic.StartStop;
import org.audiveris.proxymusic.YesNo;

/** Writes what stands over a measure: tempo, modulation, rehearsal mark. */
final class DirectionXml {
    private DirectionXml() {}

    static Direction mark(String text) {
        FormattedTextId mark = new FormattedTextId();
        mark.setValue(PlainText.of(text));
        DirectionType type = new DirectionType();
        type.getRehearsal().add(mark);
        return above(type);
    }

    static Direction words(String text) {
        FormattedTextId words = new FormattedTextId();
        words.setValue(PlainText.of(text));
        DirectionType type = new DirectionType();
        type.getWordsOrSymbol().add(words);
        return above(type);
    }

    /**
     * Writes a syllable of the count below the staff.
     *
     * @param offset from where the direction stands, in divisions
     */
    static Direction count(String syllable, BigDecimal offset) {
        Direction direction = words(syllable);
        direction.setPlacement(AboveBelow.BELOW);
        Offset at = new Offset();
        at.setValue(offset);
        direction.setOffset(at);
        return direction;
    }

    /** Writes the tempo, as a mark where its beat is a single note, and for playback in any case. */
    static Direction tempo(Tempo tempo, boolean inParentheses) {
        Metronome metronome = new Metronome();
        Optional<NoteShape> beat = NoteShape.of(tempo.beat());
        NoteShape shape = beat.orElse(NoteShape.QUARTER);
        metronome.setBeatUnit(NoteXml.typeName(shape));
        for (int dot = 0; dot < shape.dots(); dot++) {
            metronome.getBeatUnitDot().add(new Empty());
        }
        PerMinute perMinute = new PerMinute();
        BigFraction shown = beat.isPresent() ? tempo.perMinute() : tempo.quartersPerMinute();
        perMinute.setValue(Tempo.decimal(shown));
        metronome.setPerMinute(perMinute);
        if (inParentheses) {
            metronome.setParentheses(YesNo.YES);
        }
        DirectionType type = new DirectionType();
        type.setMetronome(metronome);
        Direction direction = above(type);
        Sound sound = new Sound();
        BigFraction quarters = tempo.quartersPerMinute();
        sound.setTempo(new BigDecimal(quarters.getNumerator())
                .divide(new BigDecimal(quarters.getDenominator()), MathContext.DECIMAL64)
                .stripTrailingZeros());
        direction.setSound(sound);
        return direction;
    }

    /** Writes swing in words, and for playback where a note type can say its value. */
    static Direction swing(Swing swing) {
        Direction direction = words("Swing: " + swing);
        Optional<NoteShape> shape = NoteShape.of(swing.value()).filter(one -> one.dots() == 0);
        if (shape.isPresent()) {
            org.audiveris.proxymusic.Swing playback = new org.audiveris.proxymusic.Swing();
            playback.setFirst(swing.first());
            playback.setSecond(swing.second());
            playback.setSwingType(NoteXml.typeName(shape.get()));
            Sound sound = new Sound();
            sound.setSwing(playback);
            direction.setSound(sound);
        }
        return direction;
    }

    /** Writes a modulation. */
    static Direction gear(Pivot change) {
        DirectionType type = new DirectionType();
        Optional<MetronomeNote> old = note(change.oldValue());
        Optional<MetronomeNote> now = note(change.newValue());
        if (old.isPresent() && now.isPresent()) {
            Metronome metronome = new Metronome();
            metronome.getMetronomeNote().add(old.get());
            metronome.setMetronomeRelation("equals");
            metronome.getMetronomeNote().add(now.get());
            type.setMetronome(metronome);
        } else {
            return words(change.oldValue() + " = " + change.newValue());
        }
        return above(type);
    }

    /** Returns a note of a mark, alone in its tuplet if it has one. */
    private static Optional<MetronomeNote> note(NoteValue value) {
        Optional<NoteShape> plain = NoteShape.of(value);
        MetronomeNote note = new MetronomeNote();
        if (plain.isEmpty()) {
            Optional<Tuplet> tuplet = Tuplet.holding(value);
            if (tuplet.isEmpty()) {
                return Optional.empty();
            }
            plain = tuplet.map(Tuplet::unit);
            MetronomeTuplet sign = new MetronomeTuplet();
            sign.setActualNotes(BigInteger.valueOf(tuplet.get().actual()));
            sign.setNormalNotes(BigInteger.valueOf(tuplet.get().normal()));
            sign.setType(StartStop.START);
            note.setMetronomeTuplet(sign);
        }
        note.setMetronomeType(NoteXml.typeName(plain.get()));
        for (int dot = 0; dot < plain.get().dots(); dot++) {
            note.getMetronomeDot().add(new Empty());
        }
        return Optional.of(note);
    }

    private static Direction above(DirectionType type) {
        Direction direction = new Direction();
        direction.setPlacement(AboveBelow.ABOVE);
        direction.getDirectionType().add(type);
        return direction;
    }
}
