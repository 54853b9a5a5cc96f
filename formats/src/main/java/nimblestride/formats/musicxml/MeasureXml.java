package nimblestride.formats.musicxml;

import jakarta.xml.bind.JAXBElement;
import java.math.BigDecimal;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import nimblestride.core.foundation.exact.ExactMath;
import nimblestride.core.foundation.exact.ExactOverflowException;
import nimblestride.core.foundation.failure.InvalidValueException;
import nimblestride.core.notation.score.PartRhythm;
import nimblestride.core.notation.score.Score;
import nimblestride.core.notation.score.WrittenBar;
import nimblestride.core.notation.score.WrittenNote;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.value.NoteValue;
import org.audiveris.proxymusic.Attributes;
import org.audiveris.proxymusic.Backup;
import org.audiveris.proxymusic.BackwardForward;
import org.audiveris.proxymusic.BarStyle;
import org.audiveris.proxymusic.BarStyleColor;
import org.audiveris.proxymusic.Barline;
import org.audiveris.proxymusic.Direction;
import org.audiveris.proxymusic.ObjectFactory;
import org.audiveris.proxymusic.Print;
import org.audiveris.proxymusic.Repeat;
import org.audiveris.proxymusic.RightLeftMiddle;
import org.audiveris.proxymusic.ScoreInstrument;
import org.audiveris.proxymusic.ScorePartwise;
import org.audiveris.proxymusic.Time;
import org.audiveris.proxymusic.YesNo;

/** Writes one measure: attributes, directions, the parts one after the other, bar lines. */
final class MeasureXml {
    private static final ObjectFactory FACTORY = new ObjectFactory();

    private final Score score;
    private final WrittenBar bar;
    private final int index;
    private final Optional<WrittenBar> next;
    private final Map<String, ScoreInstrument> instruments;
    private final ClefXml clef;
    private final ScoreLayout layout;
    private final Before before;
    private final long subdivisions;
    private final ScorePartwise.Part.Measure measure = new ScorePartwise.Part.Measure();

    /** What the measure before has set. */
    record Before(long subdivisions, Optional<Meter> meter) {
        static final Before NOTHING = new Before(0, Optional.empty());
    }

    MeasureXml(
            Score score,
            int index,
            Map<String, ScoreInstrument> instruments,
            ClefXml clef,
            ScoreLayout layout,
            Before before) {
        this.score = score;
        this.bar = score.bars().get(index);
        this.index = index;
        this.next = index + 1 < score.bars().size() ? Optional.of(score.bars().get(index + 1)) : Optional.empty();
        this.instruments = instruments;
        this.clef = clef;
        this.layout = layout;
        this.before = before;
        this.subdivisions = subdivisions(bar, before.subdivisions);
    }

    Before after() {
        return new Before(subdivisions, Optional.of(bar.bar().meter()));
    }

    /**
     * Returns how many divisions per quarter make every duration a whole number; those of the measure before, if they
     * will do.
     */
    private static long subdivisions(WrittenBar bar, long before) {
        List<NoteValue> lengths = new ArrayList<>();
        bar.parts().forEach(part -> part.written().forEach(written -> lengths.add(written.lasts())));
        bar.counts().forEach(said -> lengths.add(said.at()));
        lengths.add(bar.bar().length());
        try {
            long needed = 1;
            for (NoteValue length : lengths) {
                needed = ExactMath.lcm(needed, length.times(4).denominator());
            }
            return before > 0 && before % needed == 0 ? before : needed;
        } catch (ExactOverflowException e) {
            throw new InvalidValueException(
                    "bar " + (bar.number() + 1) + " divides the quarter too finely for MusicXML", e);
        }
    }

    ScorePartwise.Part.Measure build() {
        measure.setNumber(Integer.toString(index + 1));
        if (layout.newLines().contains(index)) {
            Print print = new Print();
            print.setNewSystem(YesNo.YES);
            measure.getNoteOrBackupOrForward().add(print);
        }
        attributes();
        if (clef == ClefXml.PERCUSSION) {
            // What holds for all parts stands over the first.
            directions();
        }
        if (layout.count() == ScoreLayout.Count.TEXT) {
            bar.counts().forEach(said -> measure.getNoteOrBackupOrForward()
                    .add(DirectionXml.count(said.syllable(), duration(said.at()))));
        }
        if (bar.repeatStarts()) {
            barline(RightLeftMiddle.LEFT, BarStyle.HEAVY_LIGHT).setRepeat(repeat(BackwardForward.FORWARD));
        }
        boolean first = true;
        int voice = 1;
        for (PartRhythm part : bar.parts()) {
            if (!first) {
                Backup backup = new Backup();
                backup.setDuration(duration(bar.bar().length()));
                measure.getNoteOrBackupOrForward().add(backup);
            }
            first = false;
            part(part, voice++);
        }
        if (bar.repeatEnds() > 1) {
            Repeat repeat = repeat(BackwardForward.BACKWARD);
            repeat.setTimes(BigInteger.valueOf(bar.repeatEnds()));
            barline(RightLeftMiddle.RIGHT, BarStyle.LIGHT_HEAVY).setRepeat(repeat);
        } else if (next.isEmpty()) {
            barline(RightLeftMiddle.RIGHT, BarStyle.LIGHT_HEAVY);
        }
        return measure;
    }

    private void part(PartRhythm part, int voice) {
        Set<NoteValue> innerBars = new HashSet<>(bar.bar().innerBarStarts());
        innerBars.remove(NoteValue.ZERO);
        for (int i = 0; i < part.written().size(); i++) {
            if (voice == 1 && innerBars.contains(part.written().get(i).at())) {
                barline(RightLeftMiddle.MIDDLE, BarStyle.DASHED);
            }
            boolean tiesOn =
                    i + 1 < part.written().size() ? part.written().get(i + 1).tied() : isTiedInto(voice - 1);
            NoteXml notes = new NoteXml(score, part, i, voice, tiesOn, instruments);
            measure.getNoteOrBackupOrForward()
                    .addAll(notes.build(duration(part.written().get(i).lasts()), count(part, i, voice)));
        }
    }

    /** Returns whether the next measure starts with a note tied to the last of this one. */
    private boolean isTiedInto(int part) {
        return next.filter(one -> one.parts().size() > part)
                .map(one -> one.parts().get(part).written().get(0))
                .filter(WrittenNote::tied)
                .isPresent();
    }

    /** Returns the syllable of a note of the hands; empty where there is none, and for a rest or the feet. */
    private String count(PartRhythm part, int note, int voice) {
        if (layout.count() == ScoreLayout.Count.TEXT
                || voice > 1
                || part.written().get(note).isRest()) {
            return "";
        }
        NoteValue at = part.written().get(note).at();
        return bar.counts().stream()
                .filter(said -> said.at().equals(at))
                .map(said -> said.syllable())
                .findFirst()
                .orElse("");
    }

    private BigDecimal duration(NoteValue length) {
        NoteValue units = length.times(4).times(subdivisions);
        return BigDecimal.valueOf(units.numerator());
    }

    private void attributes() {
        boolean newMeter = !before.meter.equals(Optional.of(bar.bar().meter()));
        if (before.subdivisions == subdivisions && !newMeter) {
            return;
        }
        Attributes attributes = new Attributes();
        if (before.subdivisions != subdivisions) {
            attributes.setDivisions(BigDecimal.valueOf(subdivisions));
        }
        if (newMeter) {
            Time time = new Time();
            for (Meter.Term term : bar.bar().meter().terms()) {
                String text = term.toString();
                JAXBElement<String> beats = FACTORY.createTimeBeats(text.substring(0, text.indexOf('/')));
                time.getTimeSignature().add(beats);
                time.getTimeSignature().add(FACTORY.createTimeBeatType(Integer.toString(term.denominator())));
            }
            attributes.getTime().add(time);
        }
        if (before.meter.isEmpty()) {
            attributes.getClef().add(clef.element());
        }
        measure.getNoteOrBackupOrForward().add(attributes);
    }

    private void directions() {
        if (!bar.signs().mark().isEmpty()) {
            measure.getNoteOrBackupOrForward().add(DirectionXml.mark(bar.signs().mark()));
        }
        if (!bar.signs().words().isEmpty()) {
            measure.getNoteOrBackupOrForward()
                    .add(DirectionXml.words(bar.signs().words()));
        }
        bar.signs().swing().ifPresent(swing -> measure.getNoteOrBackupOrForward()
                .add(DirectionXml.swing(swing)));
        if (index == 0 || bar.change().isPresent()) {
            bar.change().ifPresent(change -> measure.getNoteOrBackupOrForward().add(DirectionXml.gear(change)));
            Direction tempo = DirectionXml.tempo(bar.tempo(), bar.change().isPresent());
            measure.getNoteOrBackupOrForward().add(tempo);
        }
    }

    private static Repeat repeat(BackwardForward direction) {
        Repeat repeat = new Repeat();
        repeat.setDirection(direction);
        return repeat;
    }

    /** Adds a bar line to the measure and returns it. */
    private Barline barline(RightLeftMiddle where, BarStyle style) {
        Barline line = new Barline();
        line.setLocation(where);
        BarStyleColor color = new BarStyleColor();
        color.setValue(style);
        line.setBarStyle(color);
        measure.getNoteOrBackupOrForward().add(line);
        return line;
    }
}
