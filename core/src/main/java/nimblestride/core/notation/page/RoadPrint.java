package nimblestride.core.notation.page;

import java.util.ArrayList;
import java.util.List;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.layer.pattern.Hit;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.layer.timeline.LayerTimeline;
import nimblestride.core.notation.engraving.Drawing;
import nimblestride.core.notation.engraving.Ink;
import nimblestride.core.notation.engraving.LabelStacker;
import nimblestride.core.notation.engraving.Mark;
import nimblestride.core.notation.engraving.Mark.Align;
import nimblestride.core.notation.engraving.Mark.Curve;
import nimblestride.core.notation.engraving.Mark.Line;
import nimblestride.core.notation.engraving.Mark.Polygon;
import nimblestride.core.notation.engraving.Mark.Weight;
import nimblestride.core.notation.engraving.Mark.Words;
import nimblestride.core.notation.engraving.TextMetrics;
import nimblestride.core.time.counting.Counting;
import nimblestride.core.time.counting.SpokenSyllable;
import nimblestride.core.time.counting.Subdivision;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.value.NoteValue;

/**
 * Draws the Road on paper: a ground line with a post at every bar line, an arc over every group, and the layers below.
 */
final class RoadPrint {
    private static final double MIN_UNIT_WIDTH = 1.9;
    private static final double MAX_UNIT_WIDTH = 8;
    private static final double TOLERANCE = 1e-6;
    private static final double NAMES = 9;
    private static final double MAX_ARC = 6;
    private static final double GROUND = 8.5;
    private static final double COUNTS = 10.4;
    private static final double FIRST_LANE = 12.4;
    private static final double LANE = 1.9;
    private static final double SIZE = 1.5;
    private static final double METERS = 1.5;
    private static final double TIER = 1.7;
    private static final double APART = 0.2;
    private static final int MAX_BARS = 24;
    private static final int MAX_LANES = 8;
    private static final int MAX_HITS = 2_000;

    private final Exercise exercise;
    private final Counting counting;
    private final TextMetrics letters;
    private final double width;
    private final List<Bar> bars;
    private final double perWhole;

    RoadPrint(Exercise exercise, Counting counting, TextMetrics letters, double width) {
        this.exercise = exercise;
        this.counting = counting;
        this.letters = letters;
        this.width = width;
        List<Bar> all = exercise.phrase().bars();
        this.bars = all.subList(0, Math.min(MAX_BARS, all.size()));
        double shortest = bars.stream()
                .mapToDouble(bar -> bar.meter().unit().toDouble())
                .min()
                .orElse(1);
        double longest =
                bars.stream().mapToDouble(bar -> bar.length().toDouble()).max().orElse(1);
        double room = width - NAMES;
        double narrow = Math.min(room / longest, MIN_UNIT_WIDTH / shortest);
        double fullest = 0;
        for (double row = 0, i = 0; i < bars.size(); i++) {
            double length = bars.get((int) i).length().toDouble();
            row = (row + length) * narrow <= room + TOLERANCE ? row + length : length;
            fullest = Math.max(fullest, row);
        }
        this.perWhole = Math.min(room / fullest, Math.max(narrow, MAX_UNIT_WIDTH / shortest));
    }

    /** Returns a drawing for each row of bars. */
    List<Drawing> rows() {
        List<Drawing> rows = new ArrayList<>();
        int from = 0;
        while (from < bars.size()) {
            int end = from + 1;
            double used = length(from);
            while (end < bars.size() && used + length(end) <= width - NAMES + TOLERANCE) {
                used += length(end++);
            }
            rows.add(row(from, end, used));
            from = end;
        }
        return rows;
    }

    private double length(int bar) {
        return bars.get(bar).length().toDouble() * perWhole;
    }

    private Drawing row(int from, int end, double used) {
        List<Mark> marks = new ArrayList<>();
        marks.add(new Line(NAMES, GROUND, NAMES + used, GROUND, 0.16, Ink.INK));
        double x = NAMES;
        LabelStacker meters = new LabelStacker(APART);
        double counted = Double.NEGATIVE_INFINITY;
        for (int i = from; i < end; i++) {
            bar(marks, bars.get(i), x);
            meter(marks, i, x, meters);
            counted = counts(marks, bars.get(i), x, counted);
            x += length(i);
        }
        marks.add(new Line(x, GROUND - 2.2, x, GROUND + 0.8, 0.2, Ink.INK));
        int lanes = Math.min(MAX_LANES, exercise.layers().size());
        List<String> names = exercise.layerNames();
        for (int lane = 0; lane < lanes; lane++) {
            lane(marks, lane, names.get(lane), from, end);
        }
        double down = TIER * (meters.count() - 1);
        return new Drawing(
                width,
                FIRST_LANE + lanes * LANE + Math.max(0, down),
                marks.stream().map(mark -> mark.movedBy(0, Math.max(0, down))).toList(),
                List.of());
    }

    /** Draws the meter over a bar whose meter changes. */
    private void meter(List<Mark> marks, int number, double start, LabelStacker tiers) {
        Meter meter = bars.get(number).meter();
        if (number == 0 || !bars.get(number - 1).meter().equals(meter)) {
            double x = start + 0.4;
            int tier = tiers.take(x, x + letters.width(meter.toString(), Weight.BOLD, SIZE));
            marks.add(new Words(meter.toString(), x, METERS - tier * TIER, SIZE, Weight.BOLD, Align.START, Ink.INK));
        }
    }

    private void bar(List<Mark> marks, Bar bar, double start) {
        marks.add(new Line(start, GROUND - 2.2, start, GROUND + 0.8, 0.2, Ink.INK));
        for (NoteValue inner :
                bar.innerBarStarts().subList(1, bar.grouping().innerBars().size())) {
            innerBarLine(marks, start + inner.toDouble() * perWhole);
        }
        double unit = bar.meter().unit().toDouble() * perWhole;
        double widest = bar.grouping().sizes().stream()
                        .mapToInt(Integer::intValue)
                        .max()
                        .orElse(1)
                * unit;
        double x = start;
        for (int size : bar.grouping().sizes()) {
            double end = x + size * unit;
            double height = MAX_ARC * (0.45 + 0.55 * size * unit / Math.max(widest, 8));
            double high = Math.min(MAX_ARC, height) * 4 / 3;
            double third = (end - x) / 5;
            marks.add(new Curve(
                    List.of(x, GROUND, x + third, GROUND - high, end - third, GROUND - high, end, GROUND),
                    0.18,
                    Ink.INK));
            for (int tick = 1; tick < size && unit > 0.6; tick++) {
                marks.add(new Line(x + tick * unit, GROUND, x + tick * unit, GROUND - 0.7, 0.1, Ink.QUIET));
            }
            x = end;
        }
    }

    /** Draws a dashed line. */
    private static void innerBarLine(List<Mark> marks, double x) {
        for (double y = GROUND - 2.2; y < GROUND + 0.8; y += 0.75) {
            marks.add(new Line(x, y, x, Math.min(GROUND + 0.8, y + 0.45), 0.16, Ink.INK));
        }
    }

    /** Draws the counts that have room after those of the bar before, and returns where there is room again. */
    private double counts(List<Mark> marks, Bar bar, double start, double taken) {
        double free = taken;
        for (SpokenSyllable said : counting.count(bar, Subdivision.AS_WRITTEN)) {
            double x = start + said.at().toDouble() * perWhole;
            Weight weight = said.startsGroup() ? Weight.BOLD : Weight.REGULAR;
            double half = letters.width(said.syllable(), weight, SIZE) / 2;
            if (x - half > free) {
                marks.add(new Words(
                        said.syllable(),
                        x,
                        COUNTS,
                        SIZE,
                        weight,
                        Align.MIDDLE,
                        said.startsGroup() ? Ink.INK : Ink.QUIET));
                free = x + half + APART;
            }
        }
        return free;
    }

    /** Draws a square where the layer's cycle starts and a stroke elsewhere; landings stand out. */
    private void lane(List<Mark> marks, int lane, String name, int from, int end) {
        double y = FIRST_LANE + lane * LANE;
        marks.add(new Words(
                SheetBlocks.cut(name, letters, SIZE, NAMES - 1),
                0,
                y + 0.5,
                SIZE,
                Weight.REGULAR,
                Align.START,
                Ink.QUIET));
        NoteValue start = exercise.phrase().startOf(from);
        NoteValue stop = exercise.phrase().startOf(end);
        Layer layer = exercise.layers().get(lane);
        List<Hit> hits;
        try {
            hits = LayerTimeline.of(layer, exercise.phrase()).between(start, stop, MAX_HITS);
        } catch (StrideException e) {
            return;
        }
        for (Hit hit : hits) {
            double x = NAMES + hit.at().minus(start).toDouble() * perWhole;
            boolean lands = hit.startsCycle()
                    && exercise.phrase()
                            .startOf(exercise.phrase().barAt(hit.at()))
                            .equals(hit.at());
            double radius = lands ? 0.6 : hit.startsCycle() ? 0.42 : 0.25;
            marks.add(new Polygon(
                    List.of(x, y - radius, x + radius, y, x, y + radius, x - radius, y),
                    lands ? Ink.LANDING : Ink.INK));
        }
    }
}
