package nimblestride.terminal;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.Callable;
import nimblestride.core.exercise.Exercise;
import nimblestride.formats.elsewhere.FromElsewhere;
import nimblestride.formats.file.FileName;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

/** {@code stride export}: exercises in other forms, each named after the exercise. */
@Command(
        name = "export",
        description = "Writes each exercise in each form; one bad file does not stop the others.",
        mixinStandardHelpOptions = true)
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
            description = "json, musicxml, mxl, midi, wav, pdf, svg, png, separated by commas")
    private String forms;

    @Option(names = "--to", paramLabel = "DIR", required = true, description = "the folder to write into")
    private Path folder;

    @Option(names = "--force", description = "overwrite files that are there")
    private boolean force;

    @Override
    public Integer call() {
        Set<Exported> wanted = wanted();
        try {
            Files.createDirectories(folder);
        } catch (IOException e) {
            throw new ParameterException(spec.commandLine(), "--to " + folder + ": the folder cannot be made");
        }
        boolean failed = false;
        for (Path file : files) {
            failed |= !export(file, wanted);
        }
        return failed ? SOME_FAILED : 0;
    }

    private Set<Exported> wanted() {
        Set<Exported> wanted = new LinkedHashSet<>();
        for (String name : forms.split(",", -1)) {
            wanted.add(Exported.named(name)
                    .orElseThrow(() -> new ParameterException(
                            spec.commandLine(),
                            "--as: read \"" + name.strip() + "\"; expected one or more of " + Exported.names())));
        }
        return wanted;
    }

    private boolean export(Path file, Set<Exported> wanted) {
        boolean good = true;
        try {
            Exercise exercise = FromElsewhere.exerciseOf(file);
            for (Exported form : wanted) {
                Path target = folder.resolve(FileName.of(exercise) + "." + form.ending());
                good &= write(file, exercise, form, target);
            }
        } catch (IOException e) {
            good = fail(file, e.getMessage());
        }
        return good;
    }

    private boolean write(Path file, Exercise exercise, Exported form, Path target) {
        PrintWriter out = spec.commandLine().getOut();
        try {
            if (Files.exists(target) && !force) {
                return fail(file, target + " is there already; --force overwrites it");
            }
            form.writing().write(exercise, target);
            out.println(target);
            return true;
        } catch (IOException | IllegalArgumentException e) {
            return fail(file, e.getMessage());
        }
    }

    private boolean fail(Path file, String why) {
        spec.commandLine().getErr().println("stride export: " + file + ": " + StrideCommand.oneLine(why));
        return false;
    }
}
