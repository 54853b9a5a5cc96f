package nimblestride.core.notation.engraving;

import java.util.ArrayList;
import java.util.List;
import nimblestride.core.layer.modulation.Modulation;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.value.NoteValue;

/**
 * Draws both tempos of a modulation to scale, one above the other: old bars with their strides above, new ones with
 * their strides below, the accents that set up the new beat, and the moments both share. It runs from the set-up to
 * where both realign, in as many rows as that takes.
 */
public final class ModulationDrawing {
    /** New bars that really start at the pivot, or that are only felt over old bars that go on. */
    public enum Kind {
        REAL,
        IMPLIED
    }

    private static final double MIN_BEAT_WIDTH = 3.2;
    private static final double MAX_BEAT_WIDTH = 9;
    private static final double AT_THE_EDGE = 2;
    /** Beats too short to tell apart in so many rows help nobody. */
    private static final int MAX_ROWS = 40;

    private final Kind kind;
    private final MusicFontMetrics face;
    private final TextMetrics letters;
    private final double width;
    private final ModulationWindow time;

    /**
     * @param late how long after the pivot an implied tempo starts, in old values
     * @param width of each row, in staff spaces
     */
    public ModulationDrawing(
            Modulation shift, Kind kind, NoteValue late, MusicFontMetrics face, TextMetrics letters, double width) {
        this.kind = kind;
        this.face = face;
        this.letters = letters;
        this.width = width;
        this.time = new ModulationWindow(shift, late);
    }

    /** Returns a drawing for each row, at most {@value #MAX_ROWS}. */
    public List<Drawing> rows() {
        Modulation shift = time.shift();
        double end = time.end().toDouble();
        double beat = Math.min(shift.oldBeat().toDouble(), shift.pulse().toDouble());
        double room = width - ModulationRow.NAMES - AT_THE_EDGE;
        double narrowest = Math.max(MIN_BEAT_WIDTH / beat, narrowest(shift));
        double perWhole = Math.max(narrowest, Math.min(MAX_BEAT_WIDTH / beat, room / end));
        List<Drawing> rows = new ArrayList<>();
        double from = 0;
        while (from < end - ModulationRow.NOTHING && rows.size() < MAX_ROWS) {
            double to = lastBarLine(from, from + room / perWhole);
            rows.add(new ModulationRow(time, kind, from, to, perWhole, width, face, letters).drawing());
            from = to;
        }
        return rows;
    }

    /**
     * Returns the staff spaces per whole note at which every bar is as wide as the meter over it, where meters change.
     */
    private double narrowest(Modulation shift) {
        return Math.max(
                narrowest(shift.oldBars(), 1),
                narrowest(shift.newBars(), shift.oldUnits(NoteValue.WHOLE).toDouble()));
    }

    private double narrowest(Phrase phrase, double scale) {
        if (phrase.bars().stream().map(Bar::meter).distinct().count() == 1) {
            return 0;
        }
        return phrase.bars().stream()
                .mapToDouble(bar ->
                        ModulationRow.meterRoom(bar, letters) / (bar.length().toDouble() * scale))
                .max()
                .orElse(0);
    }

    /** Rows end at old bar lines, where one is near enough. */
    private double lastBarLine(double from, double latest) {
        if (latest >= time.end().toDouble()) {
            return time.end().toDouble();
        }
        double found = latest;
        for (long bar = 1; time.oldLine(bar).toDouble() <= latest; bar++) {
            if (time.oldLine(bar).toDouble() > from + ModulationRow.NOTHING) {
                found = time.oldLine(bar).toDouble();
            }
        }
        return found;
    }
}
