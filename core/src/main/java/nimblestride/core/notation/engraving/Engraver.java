package nimblestride.core.notation.engraving;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
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
        return drawn(broken(score, wide), wide);
    }

    /** A score, and where its lines end. */
    private record Broken(Score score, List<List<BarSegment>> lines) {}

    private List<Drawing> drawn(Broken broken, double width) {
        List<Drawing> drawn = new ArrayList<>();
        for (int i = 0; i < broken.lines.size(); i++) {
            Optional<BarSegment> next = i + 1 < broken.lines.size()
                    ? Optional.of(broken.lines.get(i + 1).get(0))
                    : Optional.empty();
            drawn.add(line(broken.score, new LineOfBars(broken.lines.get(i), next), width));
        }
        return drawn;
    }

    private Broken broken(Score score, double width) {
        double room = width - CLEF_ROOM;
        List<BarSegment> segments = new ArrayList<>();
        for (int i = 0; i < score.bars().size(); i++) {
            segments.addAll(segments(score, i, room));
        }
        return new Broken(score, LineBreaking.lines(segments, room));
    }

    /**
     * Returns which bars of a score a new line begins with, from 0: those after the first line that are not cut.
     *
     * @param width in staff spaces, at least {@value #MIN_WIDTH}
     */
    public Set<Integer> newLines(Score score, double width) {
        double wide = Math.max(MIN_WIDTH, width);
        return fewest(score, wide).lines.stream()
                .map(line -> line.get(0))
                .filter(segment -> segment.opens() && segment.index() > 0)
                .map(BarSegment::index)
                .collect(Collectors.toUnmodifiableSet());
    }

    /**
     * Draws one line. What has no room even at its narrowest, and can't be cut, is laid out wider and drawn smaller.
     */
    private Drawing line(Score score, LineOfBars line, double width) {
        double least = CLEF_ROOM
                + line.segments().stream().mapToDouble(BarSegment::least).sum()
                + line.courtesy();
        double laidOut = Math.max(width, least);
        Drawing drawing = new LinePainter(score, line, face, letters).paint(laidOut);
        return laidOut > width ? drawing.scaledBy(width / laidOut) : drawing;
    }

    /**
     * Returns the lines of a score, with a sign in place of bars like those before them where that saves a line.
     *
     * @param width in staff spaces, at least {@value #MIN_WIDTH}
     */
    public List<Drawing> fewestLines(Score score, double width) {
        double wide = Math.max(MIN_WIDTH, width);
        return drawn(fewest(score, wide), wide);
    }

    private Broken fewest(Score score, double width) {
        Broken all = broken(score, width);
        Score abridged = score.style().repeats() ? score.abridged() : score;
        if (abridged.equals(score)) {
            return all;
        }
        Broken shorter = broken(abridged, width);
        return shorter.lines.size() < all.lines.size() ? shorter : all;
    }

    /** Returns all lines in one drawing, with a gap between them. */
    public Drawing column(Score score, double width, double gap) {
        return Drawing.below(fewestLines(score, width), gap);
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
        double courtesy = from == 0 && index > 0 && !bar.signature().isEmpty() ? signatureRoom(bar) : 0;
        return new BarSegment(bar, index, columns, lead, courtesy, from, end);
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
            lead += signatureRoom(bar);
        }
        return lead + (bar.repeatStarts() ? REPEAT_ROOM : 0);
    }

    private double signatureRoom(WrittenBar bar) {
        return new TimeSignatureDrawing(face, bar.signature()).width() + SIGNATURE_GAP;
    }
}
