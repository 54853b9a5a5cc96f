package nimblestride.terminal;

import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import nimblestride.core.language.text.TextException;
import org.apache.commons.cli.CommandLine;
import org.apache.commons.cli.DefaultParser;
import org.apache.commons.cli.MissingArgumentException;
import org.apache.commons.cli.Option;
import org.apache.commons.cli.Options;
import org.apache.commons.cli.ParseException;
import org.apache.commons.cli.UnrecognizedOptionException;

/** What was typed after the name of a command. */
final class Arguments {
    private final CommandLine typed;

    private Arguments(CommandLine typed) {
        this.typed = typed;
    }

    /**
     * Reads what was typed.
     *
     * @throws ArgumentException if an option is unknown, or lacks its value
     */
    static Arguments read(Options options, String... typed) {
        // The name of a riff stands in quotes, which belong to it.
        DefaultParser parser = DefaultParser.builder()
                .setAllowPartialMatching(false)
                .setStripLeadingAndTrailingQuotes(false)
                .get();
        try {
            return new Arguments(parser.parse(options, typed));
        } catch (UnrecognizedOptionException e) {
            throw new ArgumentException("Unknown option " + e.getOption() + ". Try one of " + names(options), e);
        } catch (MissingArgumentException e) {
            Option option = e.getOption();
            throw new ArgumentException(
                    written(option) + ": nothing typed after it. Try " + option.getDescription(), e);
        } catch (ParseException e) {
            throw new ArgumentException(e.getMessage(), e);
        }
    }

    private static String names(Options options) {
        return options.getOptions().stream().map(Arguments::written).sorted().collect(Collectors.joining(", "));
    }

    private static String written(Option option) {
        return "--" + option.getLongOpt();
    }

    /** Returns whether an option was typed. */
    boolean has(String option) {
        return typed.hasOption(option);
    }

    /**
     * Returns the text of an option; empty if it was not typed.
     *
     * @throws ArgumentException if it was typed twice
     */
    Optional<String> text(String option) {
        List<String> all = texts(option);
        if (all.size() > 1) {
            throw new ArgumentException("--" + option + ": typed " + all.size() + " times. Type it once");
        }
        return all.stream().findFirst();
    }

    /** Returns the texts of an option that can be typed several times. */
    List<String> texts(String option) {
        return has(option) ? List.of(typed.getOptionValues(option)) : List.of();
    }

    /** Returns what was typed besides options. */
    List<String> operands() {
        return typed.getArgList();
    }

    /**
     * Returns the file or folder of a name.
     *
     * @throws ArgumentException if this system can't have one of that name
     */
    static Path path(String name) {
        try {
            return Path.of(name);
        } catch (InvalidPathException e) {
            throw new ArgumentException("no file can have the name \"" + name + "\" here: " + e.getReason(), e);
        }
    }

    /** Returns the text of an option, read; empty if it was not typed. */
    <T> Optional<T> read(String option, Function<String, T> reader) {
        return text(option).map(text -> read(option, text, reader));
    }

    /** Returns the texts of an option that can be typed several times, read. */
    <T> List<T> readAll(String option, Function<String, T> reader) {
        return texts(option).stream().map(text -> read(option, text, reader)).toList();
    }

    /**
     * Reads a text that was typed after an option.
     *
     * @throws ArgumentException if it can't be read; the message names the option and the place
     */
    private static <T> T read(String option, String text, Function<String, T> reader) {
        try {
            return reader.apply(text);
        } catch (TextException e) {
            throw new ArgumentException("--" + option + ", " + e.getMessage(), e);
        }
    }
}
