package nimblestride;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;

/** The house: which way imports run, and that no two packages import each other. */
@AnalyzeClasses(packages = "nimblestride", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    @ArchTest
    static final ArchRule modulesAreImportedOneWay = layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("core")
            .definedBy("nimblestride.core..")
            .layer("formats")
            .definedBy("nimblestride.formats..")
            .layer("sound")
            .definedBy("nimblestride.sound..")
            .layer("terminal")
            .definedBy("nimblestride.terminal..")
            .layer("desktop")
            .definedBy("nimblestride.desktop..")
            .whereLayer("core")
            .mayNotAccessAnyLayer()
            .whereLayer("formats")
            .mayOnlyAccessLayers("core")
            .whereLayer("sound")
            .mayOnlyAccessLayers("core")
            .whereLayer("terminal")
            .mayOnlyAccessLayers("core", "formats")
            .whereLayer("desktop")
            .mayOnlyAccessLayers("core", "formats", "sound");

    @ArchTest
    static final ArchRule ideasOfTheCoreStandOnlyOnThoseBeforeThem = layeredArchitecture()
            .consideringOnlyDependenciesInLayers()
            .layer("value")
            .definedBy("nimblestride.core.value")
            .layer("meter")
            .definedBy("nimblestride.core.meter")
            .layer("groove")
            .definedBy("nimblestride.core.groove")
            .layer("layer")
            .definedBy("nimblestride.core.layer")
            .layer("align")
            .definedBy("nimblestride.core.align")
            .layer("exercise")
            .definedBy("nimblestride.core.exercise")
            .layer("text")
            .definedBy("nimblestride.core.text")
            .whereLayer("value")
            .mayNotAccessAnyLayer()
            .whereLayer("meter")
            .mayOnlyAccessLayers("value")
            .whereLayer("groove")
            .mayOnlyAccessLayers("value", "meter")
            .whereLayer("layer")
            .mayOnlyAccessLayers("value", "meter", "groove")
            .whereLayer("align")
            .mayOnlyAccessLayers("value", "meter", "groove", "layer")
            .whereLayer("exercise")
            .mayOnlyAccessLayers("value", "meter", "groove", "layer", "align")
            .whereLayer("text")
            .mayOnlyAccessLayers("value", "meter", "groove", "layer", "align", "exercise");

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
                    "java.time..",
                    "java.util.concurrent..",
                    "tools.jackson..")
            .orShould()
            .dependOnClassesThat()
            .haveFullyQualifiedName("java.lang.Thread")
            .orShould()
            .callMethod(System.class, "nanoTime")
            .orShould()
            .callMethod(System.class, "currentTimeMillis");

    @ArchTest
    static final ArchRule onlyTheDesktopKnowsAWindow = noClasses()
            .that()
            .resideOutsideOfPackage("nimblestride.desktop..")
            .should()
            .dependOnClassesThat()
            .resideInAnyPackage("javafx..");
}
