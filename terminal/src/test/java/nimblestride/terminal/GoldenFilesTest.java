package nimblestride.terminal;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.PrintWriter;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/**
 * Compares reports and exported files, byte for byte, with those kept beside this test. Run with
 * {@code -Dgolden.write=true} to replace the kept ones after a change you mean, and read the difference before you commit it.
 */
class GoldenFilesTest {
    private static final Path GOLDEN = Path.of("src/test/resources/nimblestride/terminal/golden");

    @TempDir
    private Path folder;

    @ParameterizedTest
    @ValueSource(strings = {"weir-steps", "lock-gate", "drifting-reeds", "rope-walk"})
    void reportsAndFilesStayTheSame(String name) throws IOException {
        Path exercise = GOLDEN.resolve(name + ".exercise.json");
        hold(name + ".report.json", run("report", "--file", exercise.toString(), "--json"));
        hold(name + ".report.txt", run("report", "--file", exercise.toString()));
        String as = "json,musicxml,midi,svg";
        run("export", exercise.toString(), "--as", as, "--to", folder.toString());
        for (String ending : new String[] {"json", "musicxml", "mid", "svg"}) {
            hold(name + "." + ending, Files.readAllBytes(folder.resolve(name + "." + ending)));
        }
    }

    private static byte[] run(String... args) {
        StringWriter out = new StringWriter();
        StringWriter err = new StringWriter();
        int status = StrideCommand.run(new PrintWriter(out, true), new PrintWriter(err, true), args);
        assertThat(status).as(err.toString()).isZero();
        return out.toString().replace(System.lineSeparator(), "\n").getBytes(StandardCharsets.UTF_8);
    }

    private static void hold(String name, byte[] actual) throws IOException {
        Path golden = GOLDEN.resolve(name);
        if (Boolean.getBoolean("golden.write")) {
            Files.write(golden, actual);
        }
        assertThat(new String(actual, StandardCharsets.ISO_8859_1))
                .as(name)
                .isEqualTo(Files.readString(golden, StandardCharsets.ISO_8859_1));
    }
}
