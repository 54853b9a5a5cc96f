package nimblestride.terminal;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.Callable;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.files.UniqueFileNames;
import nimblestride.formats.source.FileImporter;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** {@code stride export}: writes exercises in other formats, each named after the exercise. */
@Command(
        name = "export",
        description = "Exports each exercise in each format. One bad file does not stop the others.",
        mixinStandardHelpOptions = true,
        versionProvider = StrideCommand.Version.class)
final class ExportCommand implements Callable<Integer> {
    private static final int SOME_FAILED = 1;

    @Spec
    private CommandSpec spec;

    @Parameters(paramLabel = "FILE", arity = "1..*", description = "exercise files")
    private List<Path> files;

    @Option(
            names = "--as",
            paramLabel = "FORMS",
            required = true,
            description =
                    "json, musicxml, musicxml-text (count as text), mxl, midi, wav, html, csv, pdf, svg, png, separated by commas")
    private String forms;

    @Option(names = "--to", paramLabel = "DIR", required = true, description = "the folder to write into")
    private Path folder;

    @Option(names = "--force", description = "overwrite files that are there")
    private boolean force;

    @Override
    public Integer call() {
        Set<ExportTarget> wanted = wanted();
        makeFolder();
        UniqueFileNames names = new UniqueFileNames();
        boolean good = true;
        for (Path file : files) {
            good &= export(file, wanted, names);
        }
        return good ? 0 : SOME_FAILED;
    }

    private void makeFolder() {
        if (folder.toString().isBlank()) {
            throw new ParameterException(
                    spec.commandLine(), "--to: no folder given. Try a folder, such as --to sheets");
        }
        try {
            Files.createDirectories(folder);
        } catch (IOException e) {
            throw new ParameterException(
                    spec.commandLine(),
                    "--to: the folder " + folder + " can't be created here. Try a folder you can write to",
                    e);
        }
    }

    private Set<ExportTarget> wanted() {
        Set<ExportTarget> wanted = new LinkedHashSet<>();
        for (String name : forms.split(",", -1)) {
            wanted.add(ExportTarget.named(name)
                    .orElseThrow(() -> new ParameterException(
                            spec.commandLine(),
                            "--as: I can't read \"" + name.strip() + "\". Try one or more of "
                                    + ExportTarget.names())));
        }
        return wanted;
    }

    private boolean export(Path file, Set<ExportTarget> wanted, UniqueFileNames names) {
        Exercise exercise;
        try {
            exercise = FileImporter.exerciseOf(file);
        } catch (StrideException e) {
            return fail(file, e.getMessage());
        }
        String name = names.next(exercise.name());
        boolean good = true;
        for (ExportTarget form : wanted) {
            good &= write(file, exercise, form, folder.resolve(name + "." + form.ending()));
        }
        return good;
    }

    private boolean write(Path file, Exercise exercise, ExportTarget form, Path target) {
        if (Files.exists(target, LinkOption.NOFOLLOW_LINKS) && !force) {
            return fail(file, target + " already exists; --force overwrites it");
        }
        try {
            form.writing().write(exercise, target);
            spec.commandLine().getOut().println(target);
            return true;
        } catch (StrideException e) {
            return fail(file, form.typed() + ": " + e.getMessage());
        } catch (RuntimeException | StackOverflowError | OutOfMemoryError e) {
            // One exercise that meets a defect must not stop the others.
            return fail(file, form.typed() + ": " + StrideCommand.defect(e));
        }
    }

    private boolean fail(Path file, String why) {
        String message = why.contains(file.toString()) ? why : file + ": " + why;
        spec.commandLine().getErr().println("stride export: " + StrideCommand.oneLine(message));
        return false;
    }
}
