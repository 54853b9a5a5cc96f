package nimblestride.terminal;

import java.io.PrintWriter;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.apache.commons.cli.Option;
import org.apache.commons.text.WordUtils;

/** Prints how commands are typed. */
final class Usage {
    private static final int WIDTH = 80;
    private static final int GAP = 2;

    private final PrintWriter out;

    Usage(PrintWriter out) {
        this.out = out;
    }

    /** Prints what the program can be asked. */
    void print(String purpose, List<TerminalCommand> commands) {
        out.println(
                "Usage: stride " + commands.stream().map(TerminalCommand::name).collect(Collectors.joining(" | ")));
        out.println(purpose);
        out.println("Commands:");
        Map<String, String> lines = new LinkedHashMap<>();
        commands.forEach(command -> lines.put(command.name(), command.purpose()));
        table(lines);
        out.println("Add --help to a command for its options.");
    }

    /** Prints how a command is typed. */
    void print(TerminalCommand command) {
        out.println(("Usage: stride " + command.name() + " [options] " + command.operands()).strip());
        out.println(WordUtils.wrap(command.purpose(), WIDTH));
        Map<String, String> lines = new TreeMap<>();
        command.options().getOptions().forEach(option -> lines.put(written(option), option.getDescription()));
        table(lines);
    }

    private static String written(Option option) {
        return "--" + option.getLongOpt() + (option.hasArg() ? " " + option.getArgName() : "");
    }

    /** Prints two columns, the second wrapped. */
    private void table(Map<String, String> lines) {
        int first = GAP
                + GAP
                + lines.keySet().stream().mapToInt(String::length).max().orElse(0);
        String indent = " ".repeat(first);
        lines.forEach((name, meaning) -> out.println(" ".repeat(GAP)
                + name
                + indent.substring(GAP + name.length())
                + WordUtils.wrap(meaning, WIDTH - first, System.lineSeparator() + indent, false)));
    }
}
