package nimblestride.terminal;

import java.io.PrintWriter;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.function.Function;
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
import nimblestride.core.language.text.TextException;
import nimblestride.core.layer.modulation.ModulationChain;
import nimblestride.core.layer.modulation.Pivot;
import nimblestride.core.layer.pattern.Layer;
import nimblestride.core.time.meter.FillCheck;
import nimblestride.core.time.meter.Phrase;
import nimblestride.core.time.partition.FitResult;
import nimblestride.core.time.partition.Partitions;
import nimblestride.core.time.value.NoteValue;
import nimblestride.core.time.value.Tempo;
import nimblestride.formats.source.FileImporter;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;

/** {@code stride report}: prints what follows from an exercise. */
@Command(
        name = "report",
        description =
                "Prints what follows from an exercise: when it lines up, what each layer does, and how the sums work out.",
        mixinStandardHelpOptions = true,
        versionProvider = StrideCommand.Version.class)
final class ReportCommand implements Callable<Integer> {
    private static final int MAX_BARS = 10_000;
    private static final int MAX_UNITS = 500_000;
    private static final Tempo DEFAULT_TEMPO = Tempo.ofQuarters(96);

    @Spec
    private CommandSpec spec;

    @Option(
            names = "--file",
            paramLabel = "FILE",
            description = "an exercise, a score (.musicxml, .mxl) or a MIDI file")
    private Path file;

    @Option(names = "--bars", paramLabel = "BARS", description = "such as \"11/8(3+3+3+2) x2, 9/16\"")
    private String bars;

    @Option(names = "--layer", paramLabel = "LAYER", description = "such as \"kick every 3/16 from 1/16\"; repeatable")
    private List<String> layers = new ArrayList<>();

    @Option(
            names = "--part",
            paramLabel = "PART",
            description = "a part beat by beat, such as \"kick . snare . / hi-hat+kick hi-hat | %%\"")
    private String part;

    @Option(names = "--tempo", paramLabel = "TEMPO", description = "BPM in quarters, or another note: \"1/8=210\"")
    private String tempo;

    @Option(
            names = "--pivot",
            paramLabel = "PIVOT",
            description = "such as \"dotted quarter = half\"; repeatable, a chain")
    private List<String> pivots = new ArrayList<>();

    @Option(names = "--pattern", paramLabel = "LENGTH", description = "does it fill the bar? As in \"14 x 1/16\"")
    private String pattern;

    @Option(names = "--fit", paramLabel = "FIT", description = "cells into a length, such as \"5,3 into 4/4 of 1/16\"")
    private String fit;

    @Option(names = "--json", description = "one JSON object instead of sentences")
    private boolean json;

    @Override
    public Integer call() {
        Exercise named = exercise();
        List<Layer> written = part == null
                ? List.of()
                : read("--part", part, text -> PartText.read(text, named.phrase(), named.voices()));
        Exercise exercise = named;
        for (Layer layer : written) {
            exercise = refuseNothing("--part", exercise, layer);
        }
        Analysis analysis = Analysis.of(exercise);
        List<Finding> findings = new ArrayList<>(Findings.of(analysis));
        if (pattern != null) {
            NoteValue length = analysis.exercise().phrase().length();
            FillCheck check = read("--pattern", pattern, text -> PatternLengthText.read(text, length));
            findings.add(0, FillFinding.of(check, analysis.exercise()));
        }
        Report report = new Report(
                analysis,
                findings,
                written,
                Optional.ofNullable(fit).map(text -> fit("--fit", text)),
                chain(analysis.exercise()));
        PrintWriter out = spec.commandLine().getOut();
        if (json) {
            out.println(ReportJson.write(report));
        } else {
            ReportText.write(report, out);
        }
        return 0;
    }

    private Exercise exercise() {
        if ((file == null) == (bars == null)) {
            throw bad("use either --bars or --file. For example: --bars \"11/8(3+3+3+2) x2, 9/16\"");
        }
        Exercise exercise = file == null ? typed() : kept();
        requireReportable(exercise.phrase());
        for (String layer : layers) {
            Layer read = read("--layer", layer, LayerText::read);
            RiffText.remark(layer).ifPresent(spec.commandLine().getErr()::println);
            exercise = refuseNothing("--layer", exercise, read);
        }
        return tempo == null ? exercise : exercise.withTempo(read("--tempo", tempo, TempoText::read));
    }

    /** Refuses, before any work begins, what would be too long for anybody to read. */
    private void requireReportable(Phrase phrase) {
        long units =
                phrase.bars().stream().mapToLong(bar -> bar.meter().units()).sum();
        if (phrase.bars().size() > MAX_BARS || units > MAX_UNITS) {
            throw bad(String.format(
                    Locale.ROOT,
                    "this has %,d bars and %,d units; a report takes up to %,d bars and %,d units."
                            + " Report the part that repeats",
                    phrase.bars().size(),
                    units,
                    MAX_BARS,
                    MAX_UNITS));
        }
    }

    private Optional<ModulationChain> chain(Exercise exercise) {
        if (pivots.isEmpty()) {
            return exercise.hasSections() ? Optional.of(exercise.chain()) : Optional.empty();
        }
        List<Pivot> read = pivots.stream()
                .map(text -> read("--pivot", text, PivotText::read))
                .toList();
        try {
            return Optional.of(new ModulationChain(exercise.tempo(), read));
        } catch (StrideException e) {
            throw bad("--pivot: " + e.getMessage());
        }
    }

    private FitResult fit(String option, String text) {
        Partitions filling = read(option, text, FitText::read).filling();
        try {
            return FitResult.of(filling);
        } catch (StrideException e) {
            throw bad(option + ": " + e.getMessage());
        }
    }

    private Exercise refuseNothing(String option, Exercise exercise, Layer layer) {
        try {
            return exercise.plusLayer(layer);
        } catch (StrideException e) {
            throw bad(option + ": " + e.getMessage());
        }
    }

    private Exercise typed() {
        Phrase phrase = read("--bars", bars, BarsText::read);
        return new Exercise("Typed", phrase, List.of(), DEFAULT_TEMPO);
    }

    private Exercise kept() {
        try {
            return FileImporter.exerciseOf(file);
        } catch (StrideException e) {
            String which = e.getMessage().contains(file.toString()) ? "" : " " + file;
            throw bad("--file" + which + ": " + e.getMessage());
        }
    }

    private <T> T read(String option, String text, Function<String, T> reader) {
        try {
            return reader.apply(text);
        } catch (TextException e) {
            throw bad(option + ", " + e.getMessage());
        }
    }

    private ParameterException bad(String message) {
        return new ParameterException(spec.commandLine(), message);
    }
}
