package nimblestride.terminal;

import java.io.BufferedWriter;
import java.io.FileDescriptor;
import java.io.FileOutputStream;
import java.io.OutputStreamWriter;
import java.io.PrintWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import nimblestride.core.foundation.failure.StrideException;
import nimblestride.core.foundation.words.ProgramVersion;
import org.apache.commons.cli.Option;
import org.apache.commons.cli.Options;

/** The commands that answer in the terminal. Bad input is one line on standard error and exit status 2. */
public final class StrideCommand {
    static final int BAD_INPUT = 2;
    private static final int FAILED = 1;
    private static final String PURPOSE = "Groups odd bars and shows when what runs across them lines up.";
    private static final Option HELP =
            Option.builder("h").longOpt("help").desc("print this").get();
    private static final Option VERSION =
            Option.builder("V").longOpt("version").desc("print the version").get();

    private static final List<TerminalCommand> COMMANDS =
            List.of(new ReportCommand(), new ExportCommand(), new ListenCommand());

    private StrideCommand() {}

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
        Optional<TerminalCommand> command = Arrays.stream(args).findFirst().flatMap(StrideCommand::named);
        String name = command.map(one -> "stride " + one.name()).orElse("stride");
        try {
            if (command.isPresent()) {
                return run(command.get(), out, err, Arrays.copyOfRange(args, 1, args.length));
            }
            return withoutCommand(out, args);
        } catch (StrideException e) {
            err.println(name + ": " + oneLine(e.getMessage()));
            return BAD_INPUT;
        } catch (RuntimeException | StackOverflowError | OutOfMemoryError e) {
            err.println(name + ": " + oneLine(defect(e)));
            return FAILED;
        }
    }

    private static Optional<TerminalCommand> named(String word) {
        return COMMANDS.stream().filter(command -> command.name().equals(word)).findFirst();
    }

    private static int run(TerminalCommand command, PrintWriter out, PrintWriter err, String... args) {
        Arguments arguments = Arguments.read(command.options().addOption(HELP).addOption(VERSION), args);
        if (arguments.has(HELP.getLongOpt())) {
            new Usage(out).print(command);
        } else if (arguments.has(VERSION.getLongOpt())) {
            out.println(ProgramVersion.text());
        } else {
            requireNoStray(command, arguments.operands());
            return command.run(arguments, out, err);
        }
        return 0;
    }

    /** Refuses words that no option takes: most often, the quotes around a value are missing. */
    private static void requireNoStray(TerminalCommand command, List<String> operands) {
        if (command.operands().isEmpty() && !operands.isEmpty()) {
            throw new ArgumentException("I can't use \"" + operands.get(0)
                    + "\" here. Put quotes around a value with spaces, as in --bars \"7/8 x2\"");
        }
    }

    private static int withoutCommand(PrintWriter out, String... args) {
        if (args.length > 0 && !args[0].startsWith("-")) {
            throw new ArgumentException("I don't know the command \"" + args[0] + "\". Try one of "
                    + COMMANDS.stream().map(TerminalCommand::name).collect(Collectors.joining(", ")));
        }
        Arguments arguments = Arguments.read(new Options().addOption(HELP).addOption(VERSION), args);
        if (arguments.has(VERSION.getLongOpt())) {
            out.println(ProgramVersion.text());
        } else {
            new Usage(out).print(PURPOSE, COMMANDS);
        }
        return 0;
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
}
