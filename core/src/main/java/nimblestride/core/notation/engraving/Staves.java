package nimblestride.core.notation.engraving;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import nimblestride.core.kit.voice.Voice;
import nimblestride.core.notation.engraving.Mark.Align;
import nimblestride.core.notation.engraving.Mark.Line;
import nimblestride.core.notation.engraving.Mark.Weight;
import nimblestride.core.notation.engraving.Mark.Words;
import nimblestride.core.notation.score.WrittenBar;

/**
 * The staves of one line of a score: five lines for the kit, and above them one line for each riff, which has its name
 * over its start (common practice for cues).
 */
final class Staves {
    /** How far the bar lines of the kit reach from its middle line. */
    static final double KIT = 2;
    /** How far the bar lines of a riff reach from its line. */
    static final double RIFF = 1;

    private static final double GAP = 0.8;
    /** Leaves room for the number of the bar between the kit's staff and the lines above it. */
    private static final double OVER_BAR_NUMBER = -4.2;

    private static final double NAME_SIZE = 1.5;
    private static final double NAME_GAP = 0.5;

    private final MarkCollector kit = new MarkCollector(-KIT - 1, KIT + 0.5);
    private final Map<Voice, MarkCollector> riffs = new LinkedHashMap<>();

    Staves(List<BarSegment> segments) {
        segments.stream()
                .flatMap(segment -> segment.bar().riffs().stream())
                .forEach(riff -> riffs.computeIfAbsent(riff.voice(), voice -> new MarkCollector(-RIFF, RIFF)));
    }

    MarkCollector kit() {
        return kit;
    }

    /** Returns the staff on which a part of a bar stands. */
    MarkCollector of(WrittenBar bar, int part) {
        return bar.riffOf(part).map(riffs::get).orElse(kit);
    }

    /** Draws the line of each riff over the bars in which it is played, with their bar lines and its name. */
    void drawRiffs(List<BarSegment> segments, double[] starts, int lastBar, MusicFontMetrics face) {
        riffs.forEach((voice, staff) -> {
            double name = staff.top() - NAME_GAP;
            BarLines barLines = new BarLines(staff, face, RIFF);
            boolean played = false;
            for (int i = 0; i < segments.size(); i++) {
                boolean goesOn = played;
                played = isPlayedIn(segments.get(i).bar(), voice);
                if (!played) {
                    continue;
                }
                double from = i == 0 ? 0 : starts[i];
                staff.add(new Line(from, 0, starts[i + 1], 0, face.lines().staff(), Ink.INK));
                barLines.paint(
                        segments.get(i),
                        starts[i],
                        starts[i + 1],
                        segments.get(i).index() == lastBar);
                if (!goesOn) {
                    staff.add(new Words(voice.name(), from, name, NAME_SIZE, Weight.ITALIC, Align.START, Ink.QUIET));
                }
            }
            staff.reach(name - NAME_SIZE);
        });
    }

    private static boolean isPlayedIn(WrittenBar bar, Voice riff) {
        return bar.riffs().stream().anyMatch(part -> part.voice().equals(riff));
    }

    /** Draws the five lines of the kit. */
    void drawKit(double end, MusicFontMetrics face) {
        for (int line = -2; line <= 2; line++) {
            kit.add(new Line(0, line, end, line, face.lines().staff(), Ink.INK));
        }
    }

    /** Sets the riffs above the kit, the first at the top. */
    void stack() {
        List<MarkCollector> fromTheTop = List.copyOf(riffs.values());
        for (int i = fromTheTop.size() - 1; i >= 0; i--) {
            kit.reach(OVER_BAR_NUMBER);
            kit.stack(fromTheTop.get(i), GAP);
        }
    }
}
