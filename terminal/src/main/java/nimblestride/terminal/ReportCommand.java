package nimblestride.terminal;

import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;
import nimblestride.core.exercise.analysis.Analysis;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.insight.finding.FillFinding;
import nimblestride.core.insight.finding.Finding;
import nimblestride.core.insight.finding.Findings;
import nimblestride.core.language.text.BarsText;
import nimblestride.core.language.text.FitText;
import nimblestride.core.language.text.LayerText;
import nimblestride.core.language.text.PartText;
import nimblestride.core.language.text.PatternLengthText;
import nimblestride.core.language.text.PivotText;
import nimblestride.core.language.text.RiffText;
import nimblestride.core.language.text.TempoText;
import nimblestride.core.layer.modulation.ModulationChain;
import nimblestride.core.layer.modulation.Pivot;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.partition.FitResult;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;
import nimblestride.formats.source.FileImporter;
import org.apache.commons.cli.Options;

/** {@code stride report}: prints what follows from an exercise. */
final class ReportCommand implements TerminalCommand {
    private static final int MAX_BARS = 10_000;
    private static final int MAX_UNITS = 500_000;
    private static final Tempo DEFAULT_TEMPO = Tempo.ofQuarters(96);

    @Override
    public String name() {
        return "report";
    }

    @Override
    public String purpose() {
        return "Prints what follows from an exercise: when it lines up, what each layer does, and how the sums work out.";
    }

    @Override
    public String operands() {
        return "";
    }

    @Override
    public Options options() {
        return new Options()
                .addOption(
                        TerminalCommand.text("file", "FILE", "an exercise, a score (.musicxml, .mxl) or a MIDI file"))
                .addOption(TerminalCommand.text("bars", "BARS", "bars, such as \"11/8(3+3+3+2) x2, 9/16\""))
                .addOption(TerminalCommand.text(
                        "layer", "LAYER", "a layer, such as \"kick every 3/16 from 1/16\"; repeatable"))
                .addOption(TerminalCommand.text(
                        "part", "PART", "a part beat by beat, such as \"kick . snare . / hi-hat+kick hi-hat | %\""))
                .addOption(TerminalCommand.text("tempo", "TEMPO", "BPM in quarters, or another note: \"1/8=210\""))
                .addOption(TerminalCommand.text(
                        "pivot", "PIVOT", "a pivot, such as \"dotted quarter = half\"; repeatable, a chain"))
                .addOption(TerminalCommand.text(
                        "pattern", "LENGTH", "a length that may fill the bar, such as \"14 x 1/16\""))
                .addOption(TerminalCommand.text("fit", "FIT", "cells into a length, such as \"5,3 into 4/4 of 1/16\""))
                .addOption(TerminalCommand.flag("json", "one JSON object instead of sentences"));
    }

    @Override
    public int run(Arguments typed, PrintWriter out, PrintWriter err) {
        Exercise named = exercise(typed, err);
        List<Layer> written = typed.read("part", text -> PartText.read(text, named.phrase(), named.voices()))
                .orElse(List.of());
        Exercise exercise = named;
        for (Layer layer : written) {
            exercise = plus(exercise, "part", layer);
        }
        Analysis analysis = Analysis.of(exercise);
        List<Finding> findings = new ArrayList<>(Findings.of(analysis));
        NoteValue length = exercise.phrase().length();
        typed.read("pattern", text -> PatternLengthText.read(text, length))
                .ifPresent(check -> findings.add(0, FillFinding.of(check, analysis.exercise())));
        Report report = new Report(analysis, findings, written, fit(typed), chain(typed, exercise));
        if (typed.has("json")) {
            out.println(ReportJson.write(report));
        } else {
            ReportText.write(report, out);
        }
        return 0;
    }

    private static Exercise exercise(Arguments typed, PrintWriter err) {
        if (typed.has("file") == typed.has("bars")) {
            throw new ArgumentException("use either --bars or --file. For example: --bars \"11/8(3+3+3+2) x2, 9/16\"");
        }
        Exercise exercise = typed.text("file").map(ReportCommand::kept).orElseGet(() -> typed(typed));
        requireReportable(exercise.phrase());
        for (Layer layer : typed.readAll("layer", LayerText::read)) {
            exercise = plus(exercise, "layer", layer);
        }
        typed.texts("layer").forEach(layer -> RiffText.remark(layer).ifPresent(err::println));
        return typed.read("tempo", TempoText::read).map(exercise::withTempo).orElse(exercise);
    }

    private static Exercise typed(Arguments typed) {
        Phrase phrase = typed.read("bars", BarsText::read).orElseThrow();
        return new Exercise("Typed", phrase, List.of(), DEFAULT_TEMPO);
    }

    private static Exercise kept(String file) {
        try {
            return FileImporter.exerciseOf(Arguments.path(file));
        } catch (StrideException e) {
            String which = e.getMessage().contains(file) ? "" : " " + file;
            throw new ArgumentException("--file" + which + ": " + e.getMessage(), e);
        }
    }

    /** Refuses, before any work begins, what would be too long for anybody to read. */
    private static void requireReportable(Phrase phrase) {
        long units =
                phrase.bars().stream().mapToLong(bar -> bar.meter().units()).sum();
        if (phrase.bars().size() > MAX_BARS || units > MAX_UNITS) {
            throw new ArgumentException(String.format(
                    Locale.ROOT,
                    "this has %,d bars and %,d units; a report takes up to %,d bars and %,d units."
                            + " Report the part that repeats",
                    phrase.bars().size(),
                    units,
                    MAX_BARS,
                    MAX_UNITS));
        }
    }

    private static Optional<ModulationChain> chain(Arguments typed, Exercise exercise) {
        List<Pivot> pivots = typed.readAll("pivot", PivotText::read);
        if (pivots.isEmpty()) {
            return exercise.hasSections() ? Optional.of(exercise.chain()) : Optional.empty();
        }
        return Optional.of(explained("pivot", () -> new ModulationChain(exercise.tempo(), pivots)));
    }

    private static Optional<FitResult> fit(Arguments typed) {
        return typed.read("fit", FitText::read).map(fit -> explained("fit", () -> FitResult.of(fit.filling())));
    }

    private static Exercise plus(Exercise exercise, String option, Layer layer) {
        return explained(option, () -> exercise.plusLayer(layer));
    }

    /** Names the option in what is said of its value. */
    private static <T> T explained(String option, Supplier<T> work) {
        try {
            return work.get();
        } catch (StrideException e) {
            throw new ArgumentException("--" + option + ": " + e.getMessage(), e);
        }
    }
}
