package nimblestride.terminal;

import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;

/** The commands that answer in the terminal. Bad input is one line on standard error and exit status 2. */
@Command(
        name = "stride",
        description = "Takes bars apart and tells where what runs across them comes home.",
        mixinStandardHelpOptions = true,
        subcommands = {ReportCommand.class, ExportCommand.class})
public final class StrideCommand implements Runnable {
    static final int BAD_INPUT = CommandLine.ExitCode.USAGE;

    @Spec
    private CommandSpec spec;

    public static void main(String[] args) {
        PrintWriter out = new PrintWriter(System.out, false, StandardCharsets.UTF_8);
        PrintWriter err = new PrintWriter(System.err, false, StandardCharsets.UTF_8);
        int status = run(out, err, args);
        out.flush();
        err.flush();
        System.exit(status);
    }

    static int run(PrintWriter out, PrintWriter err, String... args) {
        return new CommandLine(new StrideCommand())
                .setOut(out)
                .setErr(err)
                .setParameterExceptionHandler(StrideCommand::tell)
                .execute(args);
    }

    private static int tell(ParameterException problem, String[] args) {
        CommandLine command = problem.getCommandLine();
        command.getErr().println("stride " + command.getCommandName() + ": " + oneLine(problem.getMessage()));
        return BAD_INPUT;
    }

    static String oneLine(String message) {
        return message.replaceAll("\\s*\\R\\s*", " ");
    }

    @Override
    public void run() {
        spec.commandLine().usage(spec.commandLine().getOut());
    }
}
