package nimblestride;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.io.PrintWriter;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.List;

/** The house: which way imports run, and that no two packages import each other. */
@AnalyzeClasses(packages = "nimblestride", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule modulesAreImportedOneWay = layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("core")
            .definedBy("nimblestride.core..")
            .layer("files")
            .definedBy("nimblestride.files..")
            .layer("formats")
            .definedBy("nimblestride.formats..")
            .layer("sound")
            .definedBy("nimblestride.sound..")
            .layer("store")
            .definedBy("nimblestride.store..")
            .layer("terminal")
            .definedBy("nimblestride.terminal..")
            .layer("desktop")
            .definedBy("nimblestride.desktop..")
            .whereLayer("core")
            .mayNotAccessAnyLayer()
            .whereLayer("files")
            .mayOnlyAccessLayers("core")
            .whereLayer("formats")
            .mayOnlyAccessLayers("core", "files")
            .whereLayer("sound")
            .mayOnlyAccessLayers("core", "files")
            .whereLayer("store")
            .mayOnlyAccessLayers("core", "files")
            .whereLayer("terminal")
            .mayOnlyAccessLayers("core", "files", "formats", "sound")
            .whereLayer("desktop")
            .mayOnlyAccessLayers("core", "files", "formats", "sound", "store");

    private static final List<String> IDEAS_IN_ORDER = List.of(
            "failure",
            "glossary",
            "value",
            "filling",
            "meter",
            "reading",
            "counting",
            "listening",
            "groove",
            "layer",
            "align",
            "band",
            "crossing",
            "modulation",
            "practice",
            "exercise",
            "setup",
            "staging",
            "timing",
            "journal",
            "teaching",
            "care",
            "catalogue",
            "repeating",
            "transcription",
            "arranging",
            "closing",
            "family",
            "finding",
            "score",
            "ways",
            "engraving",
            "sheet",
            "text");

    @ArchTest
    static void ideasOfTheCoreStandOnlyOnThoseBeforeThem(JavaClasses classes) {
        for (int i = 0; i < IDEAS_IN_ORDER.size() - 1; i++) {
            String[] later = IDEAS_IN_ORDER.stream()
                    .skip(i + 1L)
                    .map(idea -> "nimblestride.core." + idea + "..")
                    .toArray(String[]::new);
            noClasses()
                    .that()
                    .resideInAPackage("nimblestride.core." + IDEAS_IN_ORDER.get(i) + "..")
                    .should()
                    .dependOnClassesThat()
                    .resideInAnyPackage(later)
                    .check(classes);
        }
    }

    @ArchTest
    static final ArchRule noTwoPackagesImportEachOther =
            slices().matching("nimblestride.(**)").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule theCoreKnowsNoWindowNoFileNoClockAndNoThread = noClasses()
            .that()
            .resideInAPackage("nimblestride.core..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage(
                    "javafx..",
                    "java.awt..",
                    "javax..",
                    "java.io..",
                    "java.nio..",
                    "java.util.concurrent..",
                    "tools.jackson..")
            .orShould()
            .dependOnClassesThat()
            .haveFullyQualifiedName("java.lang.Thread")
            .orShould()
            .dependOnClassesThat()
            .haveFullyQualifiedName("java.time.Clock")
            .orShould()
            .callMethod(LocalDate.class, "now")
            .orShould()
            .callMethod(LocalDateTime.class, "now")
            .orShould()
            .callMethod(System.class, "nanoTime")
            .orShould()
            .callMethod(System.class, "currentTimeMillis");

    /** What is written must not depend on the language of the machine. */
    @ArchTest
    static final ArchRule everythingIsWrittenTheSameInEveryLocale = noClasses()
            .should()
            .callMethod(String.class, "format", String.class, Object[].class)
            .orShould()
            .callMethod(String.class, "formatted", Object[].class)
            .orShould()
            .callMethod(String.class, "toLowerCase")
            .orShould()
            .callMethod(String.class, "toUpperCase")
            .orShould()
            .callMethod(PrintWriter.class, "printf", String.class, Object[].class)
            .orShould()
            .callMethod(DateTimeFormatter.class, "ofPattern", String.class);

    @ArchTest
    static final ArchRule onlyTheDesktopKnowsAWindow = noClasses()
            .that()
            .resideOutsideOfPackage("nimblestride.desktop..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("javafx..");
}
