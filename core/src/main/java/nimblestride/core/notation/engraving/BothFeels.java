package nimblestride.core.notation.engraving;

import java.util.ArrayList;
import java.util.List;
import nimblestride.core.layer.modulation.Shift;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;

/**
 * The two feels of a change of gear to scale, one above the other: old bars with their strides above, new ones with their
 * strides below, the accents that let the new beat be heard coming, and the moments both have in common. It runs from the
 * set-up to where the feels agree again, in as many rows as that takes.
 */
public final class BothFeels {
    /** The new bars, heard from the pivot on; or felt only, over old bars that go on. */
    public enum Kind {
        REAL,
        IMPLIED
    }

    private static final double NARROWEST_BEAT = 3.2;
    private static final double WIDEST_BEAT = 9;
    private static final double AT_THE_EDGE = 2;
    /** Beats too short to be told apart in so many rows are of no use to anybody. */
    private static final int MOST_ROWS = 40;

    private final Kind kind;
    private final MusicFace face;
    private final Lettering letters;
    private final double width;
    private final FeelsInTime time;

    /**
     * @param late how long after the pivot an implied feel starts, in old values
     * @param width of each row, in staff spaces
     */
    public BothFeels(Shift shift, Kind kind, NoteValue late, MusicFace face, Lettering letters, double width) {
        this.kind = kind;
        this.face = face;
        this.letters = letters;
        this.width = width;
        this.time = new FeelsInTime(shift, late);
    }

    /** A drawing for each row, at most {@value #MOST_ROWS}. */
    public List<Drawing> rows() {
        Shift shift = time.shift();
        double end = time.end().toDouble();
        double beat = Math.min(shift.oldBeat().toDouble(), shift.pulse().toDouble());
        double room = width - FeelsRow.NAMES - AT_THE_EDGE;
        double narrowest = Math.max(NARROWEST_BEAT / beat, narrowest(shift));
        double perWhole = Math.max(narrowest, Math.min(WIDEST_BEAT / beat, room / end));
        List<Drawing> rows = new ArrayList<>();
        double from = 0;
        while (from < end - FeelsRow.NOTHING && rows.size() < MOST_ROWS) {
            double to = lastBarLine(from, from + room / perWhole);
            rows.add(new FeelsRow(time, kind, from, to, perWhole, width, face, letters).drawing());
            from = to;
        }
        return rows;
    }

    /** Staff spaces to a whole note at which every bar is as wide as the meter over it, where meters change. */
    private double narrowest(Shift shift) {
        return Math.max(
                narrowest(shift.oldBars(), 1),
                narrowest(shift.newBars(), shift.inOld(NoteValue.WHOLE).toDouble()));
    }

    private double narrowest(Phrase phrase, double scale) {
        if (phrase.bars().stream().map(Bar::meter).distinct().count() == 1) {
            return 0;
        }
        return phrase.bars().stream()
                .mapToDouble(
                        bar -> FeelsRow.meterRoom(bar, letters) / (bar.length().toDouble() * scale))
                .max()
                .orElse(0);
    }

    /** Rows are torn at old bar lines, where one is near enough. */
    private double lastBarLine(double from, double latest) {
        if (latest >= time.end().toDouble()) {
            return time.end().toDouble();
        }
        double found = latest;
        for (long bar = 1; time.oldLine(bar).toDouble() <= latest; bar++) {
            if (time.oldLine(bar).toDouble() > from + FeelsRow.NOTHING) {
                found = time.oldLine(bar).toDouble();
            }
        }
        return found;
    }
}
