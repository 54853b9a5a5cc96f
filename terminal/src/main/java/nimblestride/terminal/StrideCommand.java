package nimblestride.terminal;

import java.io.BufferedWriter;
import java.io.FileDescriptor;
import java.io.FileOutputStream;
import java.io.OutputStreamWriter;
import java.io.PrintWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.foundation.words.ProgramVersion;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.ParseResult;
import picocli.CommandLine.Spec;

/** The commands that answer in the terminal. Bad input is one line on standard error and exit status 2. */
@Command(
        name = "stride",
        description = "Groups odd bars and shows when what runs across them lines up.",
        mixinStandardHelpOptions = true,
        versionProvider = StrideCommand.Version.class,
        subcommands = {ReportCommand.class, ExportCommand.class, ListenCommand.class})
public final class StrideCommand implements Runnable {
    static final int BAD_INPUT = CommandLine.ExitCode.USAGE;
    private static final int FAILED = CommandLine.ExitCode.SOFTWARE;

    /** Answers {@code --version}. */
    static final class Version implements CommandLine.IVersionProvider {
        @Override
        public String[] getVersion() {
            return new String[] {ProgramVersion.text()};
        }
    }

    @Spec
    private CommandSpec spec;

    /** Runs a command, and exits with its status. */
    public static void main(String[] args) {
        PrintWriter out = printer(FileDescriptor.out);
        PrintWriter err = printer(FileDescriptor.err);
        int status = run(out, err, args);
        if (out.checkError()) {
            err.println("stride: can't write the answer; the disk may be full, or its reader stopped");
            status = FAILED;
        }
        err.flush();
        System.exit(status);
    }

    /** Prints straight to the descriptor: the system's own streams hide that a disk is full. */
    private static PrintWriter printer(FileDescriptor descriptor) {
        Writer writer = new OutputStreamWriter(new FileOutputStream(descriptor), StandardCharsets.UTF_8);
        return new PrintWriter(new TerminalWriter(new BufferedWriter(writer)));
    }

    static int run(PrintWriter out, PrintWriter err, String... args) {
        CommandLine command = new CommandLine(new StrideCommand())
                .setOut(out)
                .setErr(err)
                .setParameterExceptionHandler(StrideCommand::refuse)
                .setExecutionExceptionHandler(StrideCommand::explain);
        try {
            return command.execute(args);
        } catch (StackOverflowError | OutOfMemoryError e) {
            err.println("stride: " + defect(e));
            return FAILED;
        }
    }

    private static int refuse(ParameterException problem, String[] args) {
        return refuse(problem.getCommandLine(), problem.getMessage());
    }

    private static int refuse(CommandLine command, String message) {
        command.getErr().println("stride " + command.getCommandName() + ": " + oneLine(message));
        return BAD_INPUT;
    }

    private static int explain(Exception problem, CommandLine command, ParseResult parsed) {
        if (problem instanceof StrideException) {
            return refuse(command, problem.getMessage());
        }
        refuse(command, defect(problem));
        return FAILED;
    }

    /** Says that the program has a defect, or that the machine is too small. */
    static String defect(Throwable problem) {
        return problem instanceof OutOfMemoryError || problem instanceof StackOverflowError
                ? "this needs too much memory; try a shorter exercise"
                : "something in the program broke here (" + problem + ")";
    }

    static String oneLine(String message) {
        return message.replaceAll("\\s*\\R\\s*", " ");
    }

    @Override
    public void run() {
        spec.commandLine().usage(spec.commandLine().getOut());
    }
}
