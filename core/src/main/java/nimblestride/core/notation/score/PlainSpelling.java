package nimblestride.core.notation.score;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import nimblestride.core.notation.score.SpelledCell.Kind;
import nimblestride.core.notation.score.SpelledCell.Leaf;

/**
 * Spells what needs no tuplet within a cell: each note or rest is one shape, or several where none fits. A note
 * between two units does not hide the next unit unless it is one unit long (a plain syncopation); a rest never hides
 * one (common practice).
 */
final class PlainSpelling {
    private static final int SIMPLE_PARTS = 4;

    private final ScoreOnsets onsets;
    private final StrokeLength lengths;

    PlainSpelling(ScoreOnsets onsets, StrokeLength lengths) {
        this.onsets = onsets;
        this.lengths = lengths;
    }

    /** Returns whether no tuplet is needed. */
    boolean isEnoughFor(SpellingCell cell) {
        for (int i = onsets.firstFrom(cell.from()); i < onsets.at().length && onsets.at()[i] < cell.to(); i++) {
            if (!cell.isReachedByHalving(onsets.at()[i])) {
                return false;
            }
        }
        return true;
    }

    /**
     * Spells a cell.
     *
     * @throws UnwritableException if a note would be shorter than music can show
     */
    SpelledCell spell(SpellingCell cell) {
        List<Leaf> leaves = new ArrayList<>();
        int next = onsets.firstFrom(cell.from());
        long first = next < onsets.at().length ? Math.min(onsets.at()[next], cell.to()) : cell.to();
        if (first > cell.from()) {
            Kind kind = onsets.isHeldInto(cell.from()) ? Kind.TIED : Kind.REST;
            addPieces(leaves, cell, cell.from(), first, kind);
        }
        for (int i = next; i < onsets.at().length && onsets.at()[i] < cell.to(); i++) {
            long from = onsets.at()[i];
            long to = i + 1 < onsets.at().length ? Math.min(onsets.at()[i + 1], cell.to()) : cell.to();
            long end = endOfStroke(cell, from, to, onsets.held()[i]);
            leaves.add(leaf(cell, from, end, Kind.STRUCK));
            addPieces(leaves, cell, end, to, onsets.held()[i] ? Kind.TIED : Kind.REST);
        }
        return SpelledCell.of(leaves);
    }

    /** A tuplet shows its own notes, however long; elsewhere a stroke that is not held is cut to its length. */
    private long endOfStroke(SpellingCell cell, long from, long to, boolean held) {
        long end = endOfPiece(cell, from, to, false);
        if (held || cell.depth() > 0) {
            return end;
        }
        return NoteShape.of(cell.written(end - from))
                .map(lengths::within)
                .map(shape -> from + shape.value().wholePartsOf(cell.tick()))
                .orElse(end);
    }

    private static void addPieces(List<Leaf> leaves, SpellingCell cell, long from, long to, Kind kind) {
        long at = from;
        while (at < to) {
            long end = endOfPiece(cell, at, to, kind == Kind.REST);
            leaves.add(leaf(cell, at, end, kind));
            at = end;
        }
    }

    private static Leaf leaf(SpellingCell cell, long from, long to, Kind kind) {
        NoteShape shape = NoteShape.of(cell.written(to - from))
                .orElseThrow(() -> new UnwritableException("it needs a note of " + cell.written(to - from)
                        + ", shorter than 1/" + NoteShape.MIN_LENGTH + ", the shortest note available"));
        return new Leaf(from, to, shape, kind);
    }

    /** Returns how far the first of the shapes between two moments reaches. */
    private static long endOfPiece(SpellingCell cell, long from, long to, boolean rest) {
        long end = to;
        while (!isOnePiece(cell, from, end, rest)) {
            long cut = cut(cell, from, end);
            if (cut <= from || cut >= end) {
                return end;
            }
            end = cut;
        }
        return end;
    }

    private static boolean isOnePiece(SpellingCell cell, long from, long to, boolean rest) {
        Optional<NoteShape> shape = NoteShape.of(cell.written(to - from));
        if (shape.isEmpty()) {
            return false;
        }
        if (from == cell.from() && to == cell.to()) {
            return true;
        }
        if (rest) {
            return shape.get().dots() == 0 && isAligned(cell, from, to);
        }
        if (isEqualShare(cell, from, to)) {
            return true;
        }
        if (Integer.bitCount(cell.parts()) == 1) {
            return isSimple(cell.from(), cell.length(), from, to);
        }
        if (cell.isOnPart(from) && cell.isOnPart(to)) {
            return true;
        }
        if (part(cell, from) == part(cell, to - 1)) {
            return isSimple(cell.from() + part(cell, from) * cell.part(), cell.part(), from, to);
        }
        boolean syncopated = to - from == cell.part() && (from - cell.from()) * 2 % cell.part() == 0;
        boolean dotted = (to - from) * 2 == cell.part() * 3 && (cell.isOnPart(from) || cell.isOnPart(to));
        return syncopated || dotted;
    }

    /**
     * Returns whether this is one of two, four, or eight equal shares of the cell, such as a dotted eighth in a group
     * of three eighths.
     */
    private static boolean isEqualShare(SpellingCell cell, long from, long to) {
        long length = to - from;
        return (from - cell.from()) % length == 0
                && cell.length() % length == 0
                && Long.bitCount(cell.length() / length) == 1;
    }

    private static long part(SpellingCell cell, long at) {
        return (at - cell.from()) / cell.part();
    }

    /** Values start on the quarters of a stretch; what is finer lies within one half of it. */
    private static boolean isSimple(long stretch, long stretchLength, long from, long to) {
        long start = stretch;
        long length = stretchLength;
        while (true) {
            if ((from - start) * SIMPLE_PARTS % length == 0 && (to - start) * SIMPLE_PARTS % length == 0) {
                return true;
            }
            if (length % 2 != 0) {
                return false;
            }
            length /= 2;
            long half = (from - start) / length;
            if (half != (to - 1 - start) / length) {
                return false;
            }
            start += half * length;
        }
    }

    /** A rest starts on a multiple of its own length. */
    private static boolean isAligned(SpellingCell cell, long from, long to) {
        long length = to - from;
        if ((from - cell.from()) % length != 0) {
            return false;
        }
        return length <= cell.part()
                ? part(cell, from) == part(cell, to - 1)
                : Long.bitCount(length / cell.part()) == 1 && length % cell.part() == 0;
    }

    /** Returns where to cut what no single shape covers. */
    private static long cut(SpellingCell cell, long from, long to) {
        if (part(cell, from) == part(cell, to - 1)) {
            return cutWithinPart(cell, from, to);
        }
        if (!cell.isOnPart(from)) {
            return cell.from() + (part(cell, from) + 1) * cell.part();
        }
        if (!cell.isOnPart(to)) {
            return cell.from() + part(cell, to) * cell.part();
        }
        return to - cell.part();
    }

    private static long cutWithinPart(SpellingCell cell, long from, long to) {
        long start = cell.from() + part(cell, from) * cell.part();
        long length = cell.part();
        while (length % 2 == 0) {
            length /= 2;
            long middle = start + length;
            if (from < middle && middle < to) {
                return middle;
            }
            if (from >= middle) {
                start = middle;
            }
        }
        return to;
    }
}
