package nimblestride.desktop.ui.look;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import javafx.css.Stylesheet;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** After taking another version of the library, run it with {@code -Dgolden.write=true}, which writes the theme. */
class ThemeTest {
    private static final Path KEPT = Path.of("src/main/resources/nimblestride/desktop/ui/look/theme.bss");

    @Test
    void theThemeIsTheLibrarysWithoutWhatNoWindowHas(@TempDir Path folder) throws IOException {
        Path css = Files.writeString(folder.resolve("theme.css"), TrimmedTheme.css());
        Path made = folder.resolve("theme.bss");
        Stylesheet.convertToBinary(css.toFile(), made.toFile());
        if (Boolean.getBoolean("golden.write")) {
            Files.copy(made, KEPT, StandardCopyOption.REPLACE_EXISTING);
        }
        assertThat(rules(KEPT)).isEqualTo(rules(made));
    }

    /** Returns what each rule says; a file also names its own place. */
    private static List<String> rules(Path sheet) throws IOException {
        String here = sheet.toUri().toURL().toExternalForm();
        return Stylesheet.loadBinary(sheet.toUri().toURL()).getRules().stream()
                .map(rule -> (rule.getSelectors() + " " + rule.getDeclarations()).replace(here, ""))
                .toList();
    }
}
