package nimblestride.terminal;

import java.io.PrintWriter;
import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.insight.fact.Category;
import nimblestride.core.insight.finding.Finding;
import nimblestride.core.insight.wording.Wording;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.language.text.LayerText;
import nimblestride.core.language.text.PartText;
import nimblestride.core.language.text.TempoText;
import nimblestride.core.layer.modulation.ModulationChain;
import nimblestride.core.layer.modulation.Pivot;
import nimblestride.core.time.meter.Bar;
import nimblestride.core.time.meter.Grouping;
import nimblestride.core.time.meter.Meter;
import nimblestride.core.time.partition.FitResult;
import nimblestride.core.time.reading.ReadingFilter;
import nimblestride.core.time.reading.Readings;
import nimblestride.core.time.value.Tempo;

/** Writes a report in sentences. */
final class ReportText {
    private static final int MAX_METERS = 12;
    private static final int READINGS = 12;

    private ReportText() {}

    static void write(Report report, PrintWriter out) {
        Exercise exercise = report.analysis().exercise();
        out.println("Bars:  " + BarsText.write(exercise.phrase()));
        exercise.layers().forEach(layer -> out.println("Layer: " + LayerText.write(layer)));
        if (!report.part().isEmpty()) {
            out.println("Part:  " + PartText.write(report.part(), exercise.phrase(), exercise.voices()));
        }
        out.println("Tempo: " + TempoText.write(exercise.tempo()));
        out.println();
        report.fits().ifPresent(fit -> writeFit(fit, out));
        writeFindings(report.findings(), out);
        report.chain().ifPresent(one -> writeChain(one, out));
        writeReadings(exercise, out);
    }

    private static void writeFindings(List<Finding> findings, PrintWriter out) {
        boolean behindMore = false;
        for (Finding finding : findings) {
            if (finding.isBehindMore() && !behindMore) {
                behindMore = true;
                out.println();
                out.println("More");
            }
            out.println((finding.category() == Category.CHECK ? "! " : "- ") + finding.sentence());
            finding.details().facts().stream()
                    .map(Wording::of)
                    .forEach(words -> out.println(("  " + words.sentence() + " " + words.sum()).stripTrailing()));
            if (!finding.sum().isEmpty()) {
                out.println("  " + finding.sum());
            }
            finding.fix().ifPresent(fix -> out.println("  " + fix.label() + "?"));
        }
    }

    private static void writeChain(ModulationChain chain, PrintWriter out) {
        out.println();
        out.println("Modulation");
        for (int i = 0; i < chain.pivots().size(); i++) {
            out.printf(
                    Locale.ROOT,
                    "  %s: %s becomes %s%n",
                    chain.pivots().get(i),
                    Tempo.decimal(chain.tempos().get(i).perMinute()),
                    Tempo.decimal(chain.tempos().get(i + 1).perMinute()));
        }
        out.println(chain.isHome() ? "  The last tempo is the first." : "  The way back: " + wayBack(chain));
        out.println(
                chain.friendlyTempos().isEmpty()
                        ? "  No starting tempo from 40 to 208 BPM keeps all of them whole."
                        : "  All are whole from " + chain.friendlyTempos() + ".");
    }

    /** Returns the pivots back to the first tempo: {@code 1/4 = 3/16, 1/4 = 3/16}. */
    static String wayBack(ModulationChain chain) {
        return chain.wayBack().stream().map(Pivot::toString).collect(Collectors.joining(", "));
    }

    private static void writeFit(FitResult fit, PrintWriter out) {
        out.printf(Locale.ROOT, "%,d ways to fill it.%n", fit.count());
        fit.best().forEach(cells -> out.println("  " + new Grouping(cells)));
        fit.nearest()
                .ifPresent(length -> out.printf(Locale.ROOT, "  The nearest length they fill is %,d units.%n", length));
        out.println();
    }

    private static void writeReadings(Exercise exercise, PrintWriter out) {
        List<Meter> meters = exercise.phrase().bars().stream()
                .map(Bar::meter)
                .distinct()
                .limit(MAX_METERS)
                .toList();
        for (Meter meter : meters) {
            out.println();
            out.println(meter + " in groups");
            Readings.of(meter, ReadingFilter.ANY)
                    .limit(READINGS)
                    .forEach(reading -> out.println("  " + reading.grouping() + "  (" + reading.why() + ")"));
        }
    }
}
