package nimblestride.formats.musicxml;

import java.math.BigDecimal;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import nimblestride.core.language.text.PivotText;
import nimblestride.core.language.text.TextException;
import nimblestride.core.layer.modulation.Pivot;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;
import org.apache.commons.numbers.fraction.BigFraction;
import org.audiveris.proxymusic.Direction;
import org.audiveris.proxymusic.FormattedTextId;
import org.audiveris.proxymusic.Metronome;
import org.audiveris.proxymusic.MetronomeNote;
import org.audiveris.proxymusic.Sound;

/** Tempos and modulations out of metronome marks, words and what is to be played by. */
final class TempoReader {
    private static final Pattern NUMBER = Pattern.compile("\\d{1,4}(\\.\\d{1,6})?");
    private static final int MAX_DENOMINATOR = 1_000;
    private static final double AS_GOOD = 1e-9;
    private static final double SAME_TEMPO = 0.001;

    private TempoReader() {}

    /**
     * Returns the tempo of a mark; else the tempo for playback, which is also used when it is the same but more exact.
     */
    static Optional<Tempo> tempo(Direction direction) {
        Optional<Tempo> marked = direction.getDirectionType().stream()
                .map(type -> type.getMetronome())
                .filter(metronome -> metronome != null && metronome.getBeatUnit() != null)
                .flatMap(metronome -> marked(metronome).stream())
                .findFirst();
        Optional<Tempo> played = Optional.ofNullable(direction.getSound()).flatMap(TempoReader::tempo);
        if (marked.isEmpty() || played.isEmpty()) {
            return marked.or(() -> played);
        }
        double ratio = played.get().quartersPerMinute().doubleValue()
                / marked.get().quartersPerMinute().doubleValue();
        return Math.abs(ratio - 1) < SAME_TEMPO
                ? Optional.of(counted(played.get(), marked.get().beat()))
                : marked;
    }

    private static Tempo counted(Tempo exact, NoteValue beat) {
        BigFraction quarters = beat.fraction().multiply(4);
        return new Tempo(beat, exact.quartersPerMinute().divide(quarters));
    }

    static Optional<Tempo> tempo(Sound sound) {
        return Optional.ofNullable(sound.getTempo()).flatMap(tempo -> of(NoteValue.QUARTER, tempo));
    }

    private static Optional<Tempo> marked(Metronome metronome) {
        if (metronome.getPerMinute() == null || metronome.getPerMinute().getValue() == null) {
            return Optional.empty();
        }
        Matcher number = NUMBER.matcher(metronome.getPerMinute().getValue());
        Optional<NoteValue> beat =
                value(metronome.getBeatUnit(), metronome.getBeatUnitDot().size());
        return beat.isEmpty() || !number.find() ? Optional.empty() : of(beat.get(), new BigDecimal(number.group()));
    }

    private static Optional<Tempo> of(NoteValue beat, BigDecimal perMinute) {
        double value = perMinute.doubleValue();
        if (!(value >= Tempo.MIN && value <= Tempo.MAX)) {
            return Optional.empty();
        }
        return Optional.of(new Tempo(beat, simple(value)));
    }

    /** Returns the simplest fraction that rounds to a decimal. */
    private static BigFraction simple(double value) {
        for (int under = 1; under <= MAX_DENOMINATOR; under++) {
            long over = Math.round(value * under);
            if (Math.abs(over - value * under) < AS_GOOD * under * value) {
                return BigFraction.of(over, under);
            }
        }
        return BigFraction.of(Math.round(value * MAX_DENOMINATOR), MAX_DENOMINATOR);
    }

    /** Returns the pivot: two notes with an equals sign between them, or words that say the same. */
    static Optional<Pivot> pivot(Direction direction) {
        for (var type : direction.getDirectionType()) {
            Metronome metronome = type.getMetronome();
            if (metronome != null && metronome.getMetronomeNote().size() == 2) {
                List<MetronomeNote> notes = metronome.getMetronomeNote();
                Optional<NoteValue> old = value(notes.get(0));
                Optional<NoteValue> now = value(notes.get(1));
                if (old.isPresent() && now.isPresent()) {
                    return Optional.of(new Pivot(old.get(), now.get()));
                }
            }
            for (Object words : type.getWordsOrSymbol()) {
                Optional<Pivot> read =
                        words instanceof FormattedTextId text ? typed(text.getValue()) : Optional.empty();
                if (read.isPresent()) {
                    return read;
                }
            }
        }
        return Optional.empty();
    }

    private static Optional<Pivot> typed(String text) {
        if (text == null || !text.contains("=") || text.length() > 80) {
            return Optional.empty();
        }
        try {
            return Optional.of(PivotText.read(text.strip()));
        } catch (TextException e) {
            // Other words with an equals sign in them.
            return Optional.empty();
        }
    }

    private static Optional<NoteValue> value(MetronomeNote note) {
        Optional<NoteValue> plain =
                value(note.getMetronomeType(), note.getMetronomeDot().size());
        if (note.getMetronomeTuplet() == null || plain.isEmpty()) {
            return plain;
        }
        var tuplet = note.getMetronomeTuplet();
        if (tuplet.getActualNotes() == null || tuplet.getNormalNotes() == null) {
            return plain;
        }
        return Optional.of(XmlDurations.inTuplet(plain.get(), tuplet.getActualNotes(), tuplet.getNormalNotes()));
    }

    /** @param type as the standard names it, such as {@code eighth} */
    static Optional<NoteValue> value(String type, int dots) {
        if (type == null || dots > 4) {
            return Optional.empty();
        }
        Optional<NoteValue> plain = XmlDurations.named(type);
        return plain.map(value -> {
            NoteValue sum = value;
            NoteValue part = value;
            for (int dot = 0; dot < dots; dot++) {
                part = part.dividedBy(2);
                sum = sum.plus(part);
            }
            return sum;
        });
    }
}
