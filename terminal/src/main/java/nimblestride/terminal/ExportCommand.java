package nimblestride.terminal;

import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import nimblestride.core.exercise.model.Exercise;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.files.UniqueFileNames;
import nimblestride.formats.source.FileImporter;
import org.apache.commons.cli.Options;

/** {@code stride export}: writes exercises in other formats, each named after the exercise. */
final class ExportCommand implements TerminalCommand {
    private static final int SOME_FAILED = 1;

    @Override
    public String name() {
        return "export";
    }

    @Override
    public String purpose() {
        return "Exports each exercise in each format. One bad file does not stop the others.";
    }

    @Override
    public String operands() {
        return "FILE...";
    }

    @Override
    public Options options() {
        return new Options()
                .addOption(TerminalCommand.text(
                        "as",
                        "FORMS",
                        "separated by commas, one or more of " + ExportTarget.names()
                                + "; musicxml-text writes the count as text"))
                .addOption(TerminalCommand.text("to", "DIR", "the folder to write into, such as sheets"))
                .addOption(TerminalCommand.flag("force", "overwrite files that are there"));
    }

    @Override
    public int run(Arguments typed, PrintWriter out, PrintWriter err) {
        if (typed.operands().isEmpty()) {
            throw new ArgumentException("no file named. Name one or more exercise files");
        }
        Set<ExportTarget> wanted = wanted(typed.text("as")
                .orElseThrow(
                        () -> new ArgumentException("--as: not typed. Try one or more of " + ExportTarget.names())));
        Path folder = folder(typed.text("to").orElse(""));
        List<Path> files = typed.operands().stream().map(Arguments::path).toList();
        ExportRun run = new ExportRun(wanted, folder, typed.has("force"), out, err);
        boolean good = true;
        for (Path file : files) {
            good &= run.export(file);
        }
        return good ? 0 : SOME_FAILED;
    }

    private static Path folder(String typed) {
        if (typed.isBlank()) {
            throw new ArgumentException("--to: no folder given. Try a folder, such as --to sheets");
        }
        Path folder = Arguments.path(typed);
        try {
            return Files.createDirectories(folder);
        } catch (IOException e) {
            throw new ArgumentException(
                    "--to: the folder " + folder + " can't be created here. Try a folder you can write to", e);
        }
    }

    private static Set<ExportTarget> wanted(String forms) {
        Set<ExportTarget> wanted = new LinkedHashSet<>();
        for (String name : forms.split(",", -1)) {
            wanted.add(ExportTarget.named(name)
                    .orElseThrow(() -> new ArgumentException("--as: I can't read \"" + name.strip()
                            + "\". Try one or more of " + ExportTarget.names())));
        }
        return wanted;
    }

    /** Exports one file after another under different names. */
    private record ExportRun(
            Set<ExportTarget> wanted,
            Path folder,
            boolean force,
            PrintWriter out,
            PrintWriter err,
            UniqueFileNames names) {
        ExportRun(Set<ExportTarget> wanted, Path folder, boolean force, PrintWriter out, PrintWriter err) {
            this(wanted, folder, force, out, err, new UniqueFileNames());
        }

        /** Returns whether a file could be read, and written in each form. */
        boolean export(Path file) {
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
                out.println(target);
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
            err.println("stride export: " + StrideCommand.oneLine(message));
            return false;
        }
    }
}
