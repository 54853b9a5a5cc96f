package nimblestride.terminal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.PrintWriter;
import java.io.StringWriter;
import nimblestride.core.language.text.BarsText;
import org.apache.commons.cli.Options;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ArgumentsTest {
    private static final Options OPTIONS = new Options()
            .addOption(TerminalCommand.text("bars", "BARS", "bars, such as \"7/8\""))
            .addOption(TerminalCommand.text("layer", "LAYER", "a layer; repeatable"))
            .addOption(TerminalCommand.flag("json", "one JSON object"));

    private final StringWriter out = new StringWriter();
    private final StringWriter err = new StringWriter();

    private int run(String typed) {
        return StrideCommand.run(
                new PrintWriter(out, true),
                new PrintWriter(err, true),
                typed.isEmpty() ? new String[0] : typed.split(" "));
    }

    @Test
    void valuesAreTakenAsTheyAreTyped() {
        Arguments typed =
                Arguments.read(OPTIONS, "a", "--layer", "\"riff\" cell x", "--bars=7/8", "--layer", "- kick", "b");
        assertThat(typed.texts("layer")).containsExactly("\"riff\" cell x", "- kick");
        assertThat(typed.read("bars", BarsText::read)).contains(BarsText.read("7/8"));
        assertThat(typed.operands()).containsExactly("a", "b");
        assertThat(typed.has("json")).isFalse();
        assertThat(Arguments.read(OPTIONS, "--bars", "").text("bars")).contains("");
        assertThat(Arguments.read(OPTIONS, "--bars", "-5").text("bars")).contains("-5");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "--tuba 3          | Unknown option --tuba. Try one of --bars, --json, --layer",
                "--bar 7/8         | Unknown option --bar. Try one of --bars",
                "--json=yes        | Unknown option --json=yes. Try one of --bars",
                "--bars            | --bars: nothing typed after it. Try bars, such as \"7/8\"",
                "--bars --json     | --bars: nothing typed after it",
                "--bars 1 --bars 2 | --bars: typed 2 times. Type it once",
                "--bars seven      | --bars, column 1: I can't read \"seven\". Try"
            })
    void whatCannotBeReadIsRefusedWithWhatWould(String typed, String message) {
        assertThatThrownBy(() -> Arguments.read(OPTIONS, typed.split(" ")).read("bars", BarsText::read))
                .isInstanceOf(ArgumentException.class)
                .hasMessageStartingWith(message);
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            value = {
                "reprot --bars 7/8     | stride: I don't know the command \"reprot\". Try one of report, export, listen",
                "report --bars 7/8 x2  | stride report: I can't use \"x2\" here. Put quotes around a value with spaces",
                "listen                | stride listen: it listens to one file, and 0 are named. Name a recording",
                "listen a.wav b.wav    | stride listen: it listens to one file, and 2 are named",
                "export --as midi      | stride export: no file named. Name one or more exercise files",
                "export a.json --to b  | stride export: --as: not typed. Try one or more of json",
                "export a.json --as midi | stride export: --to: no folder given. Try a folder"
            })
    void whatIsMissingIsNamed(String typed, String message) {
        assertThat(run(typed)).isEqualTo(2);
        assertThat(out.toString()).isEmpty();
        assertThat(err.toString()).startsWith(message).hasLineCount(1);
    }

    @Test
    void theHelpListsWhatCanBeTyped() {
        assertThat(run("")).isZero();
        assertThat(out.toString())
                .contains("Usage: stride report | export | listen\n", "\n  report  Prints what follows");
        out.getBuffer().setLength(0);
        assertThat(run("report --help")).isZero();
        assertThat(out.toString())
                .startsWith("Usage: stride report [options]\n")
                .contains(
                        "\n  --bars BARS       bars, such as \"11/8(3+3+3+2) x2, 9/16\"\n",
                        "\n  --json            one JSON")
                .contains("hi-hat+kick\n                    hi-hat | %\"\n");
        assertThat(err.toString()).isEmpty();
    }

    @ParameterizedTest
    @ValueSource(strings = {"--help", "-h", "report -h", "export --help", "listen --help"})
    void noLineOfTheHelpIsTooLongForATerminal(String typed) {
        assertThat(run(typed)).isZero();
        assertThat(out.toString().lines()).isNotEmpty().allMatch(line -> line.length() <= 80);
    }
}
