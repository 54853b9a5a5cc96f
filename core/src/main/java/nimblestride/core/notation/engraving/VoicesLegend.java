package nimblestride.core.notation.engraving;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import nimblestride.core.kit.stroke.Stroke;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.notation.engraving.Mark.Align;
import nimblestride.core.notation.engraving.Mark.Line;
import nimblestride.core.notation.engraving.Mark.Sign;
import nimblestride.core.notation.engraving.Mark.Weight;
import nimblestride.core.notation.engraving.Mark.Words;
import nimblestride.core.notation.score.NoteShape;
import nimblestride.core.notation.score.PartRhythm;
import nimblestride.core.notation.score.Score;
import nimblestride.core.notation.score.WrittenHead;
import nimblestride.core.notation.score.WrittenNote;
import nimblestride.core.time.value.NoteValue;

/** Shows where each drum and cymbal of a score stands on the staff, with its name (common practice in drum charts). */
public final class VoicesLegend {
    private static final double SIZE = 0.7;
    private static final double NAME_SIZE = 2.1;
    private static final double GAP = 1.4;
    private static final double MARGIN = 0.4;

    private final MusicFontMetrics face;
    private final TextMetrics letters;

    public VoicesLegend(MusicFontMetrics face, TextMetrics letters) {
        this.face = face;
        this.letters = letters;
    }

    /**
     * Returns the legend, in as many rows as it takes; empty where a score has fewer than two voices on the staff.
     *
     * @param width in staff spaces
     */
    public List<Drawing> rows(Score score, double width) {
        List<Voice> voices = voices(score);
        if (voices.size() < 2) {
            return List.of();
        }
        double room = width / SIZE;
        List<Drawing> rows = new ArrayList<>();
        List<Voice> row = new ArrayList<>();
        double end = Engraver.CLEF_ROOM;
        for (Voice voice : voices) {
            if (!row.isEmpty() && end + room(voice) > room) {
                rows.add(row(row));
                row.clear();
                end = Engraver.CLEF_ROOM;
            }
            row.add(voice);
            end += room(voice);
        }
        rows.add(row(row));
        return rows;
    }

    /** Lists voices from the top of the staff down, without riffs. */
    private static List<Voice> voices(Score score) {
        return score.bars().stream()
                .flatMap(bar -> bar.parts().stream())
                .map(PartRhythm::written)
                .flatMap(List::stream)
                .flatMap(written -> written.heads().stream())
                .map(WrittenHead::voice)
                .filter(voice -> !voice.isRiff())
                .distinct()
                .sorted(Comparator.comparing((Voice voice) -> -voice.staffPlace())
                        .thenComparing(Voice::name))
                .toList();
    }

    private double room(Voice voice) {
        return letters.width(voice.name(), Weight.REGULAR, NAME_SIZE) + GAP;
    }

    private Drawing row(List<Voice> voices) {
        MarkCollector strip = new MarkCollector(-Staves.KIT, Staves.KIT);
        strip.add(new Sign(Glyph.PERCUSSION_CLEF, 0.6, 0, 1, Ink.INK));
        double x = Engraver.CLEF_ROOM;
        List<Double> middles = new ArrayList<>();
        for (Voice voice : voices) {
            double middle = x + room(voice) / 2;
            middles.add(middle);
            head(strip, voice, middle);
            x += room(voice);
        }
        double baseline = strip.bottom() + NAME_SIZE;
        for (int i = 0; i < voices.size(); i++) {
            strip.add(new Words(
                    voices.get(i).name(),
                    middles.get(i),
                    baseline,
                    NAME_SIZE,
                    Weight.REGULAR,
                    Align.MIDDLE,
                    Ink.QUIET));
        }
        strip.reach(baseline + NAME_SIZE / 4);
        for (int line = -2; line <= 2; line++) {
            strip.add(new Line(0, line, x, line, face.lines().staff(), Ink.INK));
        }
        return strip.drawing(x, MARGIN).scaledBy(SIZE);
    }

    private void head(MarkCollector strip, Voice voice, double middle) {
        WrittenHead head = new WrittenHead(voice, Stroke.NORMAL, Optional.empty(), 0);
        WrittenNote note = new WrittenNote(NoteValue.ZERO, NoteValue.QUARTER, NoteShape.QUARTER, List.of(head), false);
        NoteExtent extent = NoteExtent.of(new PartRhythm(List.of(note), List.of(), List.of()), 0, true, face);
        new NoteheadPainter(strip, face, note, extent, middle - extent.heads() / 2).paint();
    }
}
