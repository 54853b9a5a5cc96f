package nimblestride;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.Architectures.layeredArchitecture;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static java.util.stream.Collectors.groupingBy;
import static java.util.stream.Collectors.mapping;
import static java.util.stream.Collectors.toCollection;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.domain.JavaModifier;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.junit.AnalyzeClasses;
import com.tngtech.archunit.junit.ArchTest;
import com.tngtech.archunit.lang.ArchRule;
import java.io.IOException;
import java.io.PrintWriter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Holds the structure of the code to docs/architecture.md: which way imports run, what is where, and what is named how. */
@AnalyzeClasses(packages = "nimblestride", importOptions = ImportOption.DoNotIncludeTests.class)
class ArchitectureTest {
    private static final Path ROOT = Path.of("..");
    private static final Pattern ROW_OF_THE_MAP = Pattern.compile("^\\| `([a-z.]+)` \\|", Pattern.MULTILINE);
    private static final String SOURCES = "src/main/java/nimblestride";

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
            .layer("web")
            .definedBy("nimblestride.web..")
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
            .whereLayer("web")
            .mayOnlyAccessLayers("core", "files", "formats", "sound")
            .whereLayer("store")
            .mayOnlyAccessLayers("core", "files")
            .whereLayer("terminal")
            .mayOnlyAccessLayers("core", "files", "formats", "sound", "web")
            .whereLayer("desktop")
            .mayOnlyAccessLayers("core", "files", "formats", "sound", "web", "store");

    @ArchTest
    static final ArchRule packagesFormNoCycle =
            slices().matching("nimblestride.(**)").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule parentsOfCoreFormNoCycle =
            slices().matching("nimblestride.core.(*)..").should().beFreeOfCycles();

    @ArchTest
    static final ArchRule parentsOfDesktopFormNoCycle =
            slices().matching("nimblestride.desktop.(*)..").should().beFreeOfCycles();

    /** A parent depends only on parents that stand before it on the map. */
    @ArchTest
    static void parentsDependOnlyOnThoseBeforeThem(JavaClasses classes) throws IOException {
        for (String module : List.of("core", "desktop")) {
            List<String> parents = packagesOnTheMap().stream()
                    .filter(name -> name.startsWith(module + ".")
                            && name.chars().filter(c -> c == '.').count() == 1)
                    .toList();
            for (int i = 0; i < parents.size() - 1; i++) {
                String[] later = parents.subList(i + 1, parents.size()).stream()
                        .map(name -> "nimblestride." + name + "..")
                        .toArray(String[]::new);
                noClasses()
                        .that()
                        .resideInAPackage("nimblestride." + parents.get(i) + "..")
                        .should()
                        .dependOnClassesThat()
                        .resideInAnyPackage(later)
                        .check(classes);
            }
        }
    }

    @ArchTest
    static void everyPackageIsOnTheMapAndHasADescription(JavaClasses classes) throws IOException {
        Set<String> packages = packagesInTheTree();
        Set<String> withClasses = classes.stream()
                .map(JavaClass::getPackageName)
                .map(name -> name.replaceFirst("^nimblestride\\.", ""))
                .filter(name -> !name.startsWith("benchmarks"))
                .collect(toCollection(TreeSet::new));
        assertThat(packages).containsAll(withClasses);
        assertThat(new TreeSet<>(packagesOnTheMap())).isEqualTo(packages);
        for (String name : packages) {
            Path description = folder(name).resolve("package-info.java");
            assertThat(description).exists();
            assertThat(Files.readString(description)).as(name).contains("/**");
        }
    }

    /** A parent of core holds small packages and no class of its own. */
    @ArchTest
    static final ArchRule coreHasTwoLevels = noClasses()
            .that()
            .resideInAPackage("nimblestride.core.*")
            .should()
            .bePublic()
            .allowEmptyShould(true);

    @ArchTest
    static void noTwoTypesShareASimpleName(JavaClasses classes) {
        Map<String, Set<String>> byName = classes.stream()
                .filter(JavaClass::isTopLevelClass)
                .filter(type -> !type.getSimpleName().equals("package-info"))
                .filter(type -> !type.getPackageName().startsWith("nimblestride.benchmarks"))
                .collect(groupingBy(
                        JavaClass::getSimpleName,
                        TreeMap::new,
                        mapping(JavaClass::getName, toCollection(TreeSet::new))));
        assertThat(byName.values()).allSatisfy(names -> assertThat(names).hasSize(1));
    }

    @ArchTest
    static final ArchRule coreKnowsNoWindowFileClockOrThread = noClasses()
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

    /** What the program writes must not depend on the language of the machine. */
    @ArchTest
    static final ArchRule outputIsTheSameInEveryLocale = noClasses()
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

    /** A public method that returns a property or an observable value of JavaFX says so in its name. */
    @ArchTest
    static void propertiesCarryTheirSuffix(JavaClasses classes) {
        List<String> without = classes.stream()
                .filter(type -> !type.getPackageName().startsWith("nimblestride.benchmarks"))
                .flatMap(type -> type.getMethods().stream())
                .filter(method -> !method.getModifiers().contains(JavaModifier.SYNTHETIC)
                        && !method.getModifiers().contains(JavaModifier.PRIVATE)
                        && !method.getModifiers().contains(JavaModifier.STATIC))
                .filter(method -> method.getRawParameterTypes().isEmpty())
                .filter(method -> method.getRawReturnType().getName().startsWith("javafx.beans."))
                .filter(method -> !method.getName().endsWith("Property"))
                .map(method -> method.getFullName())
                .sorted()
                .toList();
        assertThat(without).isEmpty();
    }

    /** The caller decides what is missing: two methods, or another value, say it better than an empty parameter. */
    @ArchTest
    static void onlyRecordsTakeAnOptional(JavaClasses classes) {
        List<String> taking = classes.stream()
                .flatMap(type -> type.getCodeUnits().stream())
                .filter(unit -> !unit.getModifiers().contains(JavaModifier.SYNTHETIC))
                .filter(unit -> !(unit.isConstructor() && unit.getOwner().isRecord()))
                .filter(unit -> unit.getRawParameterTypes().stream()
                        .anyMatch(parameter -> parameter.getName().startsWith("java.util.Optional")))
                .map(unit -> unit.getFullName())
                .sorted()
                .toList();
        assertThat(taking).isEmpty();
    }

    private static List<String> packagesOnTheMap() throws IOException {
        return ROW_OF_THE_MAP
                .matcher(Files.readString(ROOT.resolve("docs/architecture.md")))
                .results()
                .map(row -> row.group(1))
                .toList();
    }

    private static Set<String> packagesInTheTree() throws IOException {
        Set<String> packages = new TreeSet<>();
        for (String module : modules()) {
            Path sources = ROOT.resolve(module).resolve(SOURCES);
            try (Stream<Path> folders = Files.walk(sources)) {
                folders.filter(Files::isDirectory)
                        .map(folder -> sources.relativize(folder)
                                .toString()
                                .replace('\\', '/')
                                .replace('/', '.'))
                        .filter(name -> !name.isEmpty() && !name.equals("core"))
                        .forEach(packages::add);
            }
        }
        return packages;
    }

    private static List<String> modules() throws IOException {
        try (Stream<Path> folders = Files.list(ROOT)) {
            return folders.filter(folder -> Files.isDirectory(folder.resolve(SOURCES)))
                    .map(folder -> folder.getFileName().toString())
                    .filter(name -> !name.equals("benchmarks"))
                    .sorted()
                    .collect(Collectors.toList());
        }
    }

    private static Path folder(String name) {
        return ROOT.resolve(name.replaceFirst("\\..*", "")).resolve(SOURCES).resolve(name.replace('.', '/'));
    }
}
