package nimblestride.terminal;

import java.io.PrintWriter;
import nimblestride.core.foundation.failure.StrideException;
import org.apache.commons.cli.Option;
import org.apache.commons.cli.Options;

/** A command of the terminal. */
interface TerminalCommand {
    /** Returns the word that calls it. */
    String name();

    /** Returns what it does, in a sentence or two. */
    String purpose();

    /** Returns what stands after its options, such as {@code FILE...}; empty text for nothing. */
    String operands();

    /** Returns its options. */
    Options options();

    /**
     * Runs it.
     *
     * @param arguments what was typed after its name
     * @return its exit status: 0 if all went well
     * @throws StrideException if what was typed can't be used
     */
    int run(Arguments arguments, PrintWriter out, PrintWriter err);

    /**
     * Returns an option that takes a text.
     *
     * @param option its name, without the dashes
     * @param value what to type after it, in one word
     * @param meaning what it is for
     */
    static Option text(String option, String value, String meaning) {
        return Option.builder()
                .longOpt(option)
                .hasArg()
                .argName(value)
                .desc(meaning)
                .get();
    }

    /** Returns an option that stands alone. */
    static Option flag(String option, String meaning) {
        return Option.builder().longOpt(option).desc(meaning).get();
    }
}
