package nimblestride.core.notation.engraving;

import java.util.ArrayList;
import java.util.List;
import nimblestride.core.notation.score.Score;
import nimblestride.core.notation.score.WrittenBar;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.value.NoteValue;

/** Lays a score out in lines of a width. */
public final class Engraver {
    static final double CLEF_ROOM = 2.6;
    static final double SIGNATURE_GAP = 0.9;
    static final double NOTE_GAP = 1.0;
    static final double REPEAT_ROOM = 1.5;
    private static final double MIN_WIDTH = 20;

    private final MusicFontMetrics face;
    private final TextMetrics letters;

    public Engraver(MusicFontMetrics face, TextMetrics letters) {
        this.face = face;
        this.letters = letters;
    }

    /**
     * Returns the lines of a score, each a drawing of its own. All but the last fill the width.
     *
     * @param width in staff spaces, at least {@value #MIN_WIDTH}
     */
    public List<Drawing> lines(Score score, double width) {
        double wide = Math.max(MIN_WIDTH, width);
        double room = wide - CLEF_ROOM;
        List<BarSegment> segments = new ArrayList<>();
        for (int i = 0; i < score.bars().size(); i++) {
            segments.addAll(segments(score, i, room));
        }
        List<List<BarSegment>> broken = LineBreaking.lines(segments, room);
        List<Drawing> lines = new ArrayList<>();
        for (int i = 0; i < broken.size(); i++) {
            lines.add(line(score, broken.get(i), wide, i + 1 == broken.size()));
        }
        return lines;
    }

    /**
     * Draws one line. What has no room even at its narrowest, and can't be cut, is laid out wider and drawn smaller.
     */
    private Drawing line(Score score, List<BarSegment> segments, double width, boolean last) {
        double least =
                CLEF_ROOM + segments.stream().mapToDouble(BarSegment::least).sum();
        double laidOut = Math.max(width, least);
        Drawing drawing = new LinePainter(score, segments, face, letters).paint(laidOut, last);
        return laidOut > width ? drawing.scaledBy(width / laidOut) : drawing;
    }

    /** Returns all lines in one drawing, with a gap between them. */
    public Drawing column(Score score, double width, double gap) {
        return Drawing.below(lines(score, width), gap);
    }

    /** Returns a bar, cut at group starts if it is too long for a line. */
    private List<BarSegment> segments(Score score, int index, double room) {
        WrittenBar bar = score.bars().get(index);
        NoteSpacing columns = NoteSpacing.of(score, bar, face, letters);
        BarSegment whole = segment(bar, index, columns, 0, columns.count());
        if (whole.least() <= room) {
            return List.of(whole);
        }
        List<BarSegment> cut = new ArrayList<>();
        int from = 0;
        int lastPlace = 0;
        for (int column : places(bar.bar(), columns)) {
            if (lastPlace > from && segment(bar, index, columns, from, column).least() > room) {
                cut.add(segment(bar, index, columns, from, lastPlace));
                from = lastPlace;
            }
            lastPlace = column;
        }
        cut.add(segment(bar, index, columns, from, columns.count()));
        return cut;
    }

    private BarSegment segment(WrittenBar bar, int index, NoteSpacing columns, int from, int end) {
        double lead = (from == 0 ? lead(bar) : NOTE_GAP) + columns.before(from);
        return new BarSegment(bar, index, columns, lead, from, end);
    }

    /** Returns where a bar may be cut: at group starts where no tuplet goes on, and at its end. */
    private static List<Integer> places(Bar bar, NoteSpacing columns) {
        List<Integer> places = new ArrayList<>();
        for (NoteValue start : bar.groupStarts()) {
            int column = columns.of(start);
            if (column > 0 && !columns.isUnderTuplet(start)) {
                places.add(column);
            }
        }
        places.add(columns.count());
        return places;
    }

    /** Returns the room for signature and repeat sign, and before the first note. */
    private double lead(WrittenBar bar) {
        double lead = NOTE_GAP;
        if (!bar.signature().isEmpty()) {
            lead += new TimeSignatureDrawing(face, bar.signature()).width() + SIGNATURE_GAP;
        }
        return lead + (bar.repeatStarts() ? REPEAT_ROOM : 0);
    }
}
