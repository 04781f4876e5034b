package synopta.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import com.tngtech.archunit.lang.ArchRule;
import java.util.List;
import java.util.stream.Stream;
import org.testng.annotations.DataProvider;
import org.testng.annotations.Test;
import synopta.core.quantity.EnglishWords;

/** The house: a package for each step, each using only those before it, and a core of plain Java. */
public class ArchitectureTest {
    private static final String CORE = "synopta.core.";
    /** The steps in the order in which they may use each other. */
    private static final List<String> STEPS = List.of(
            "quantity",
            "account",
            "drawing",
            "catalog",
            "tag",
            "reading",
            "knowledge",
            "diagnosis",
            "bench",
            "fit",
            "basket",
            "teardown",
            "order",
            "outcome",
            "handover",
            "casefile",
            "line",
            "identify",
            "sale",
            "counter",
            "record",
            "review");
    /** What each step may use besides itself, the steps above it and the language. */
    private static final String STEMMER = "org.tartarus.snowball..";

    private static final String DISTRIBUTIONS = "org.apache.commons.statistics..";

    private static final String DISTANCE = "org.apache.commons.text.similarity..";

    private static final String CACHE = "com.github.benmanes.caffeine.cache..";

    private final JavaClasses core = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("synopta.core");

    @DataProvider
    Object[][] steps() {
        return STEPS.stream().map(step -> new Object[] {step}).toArray(Object[][]::new);
    }

    @Test(dataProvider = "steps")
    public void aStepUsesOnlyItselfEarlierStepsAndTheLanguage(String step) {
        String[] allowed = Stream.of(
                        STEPS.subList(0, STEPS.indexOf(step) + 1).stream().map(s -> CORE + s),
                        Stream.of(
                                "java.lang..",
                                "java.util..",
                                "java.time..",
                                "java.math..",
                                "java.text..",
                                "org.jspecify.annotations..",
                                STEMMER,
                                DISTANCE,
                                CACHE,
                                DISTRIBUTIONS))
                .flatMap(s -> s)
                .toArray(String[]::new);
        ArchRule rule = classes()
                .that()
                .resideInAPackage(CORE + step)
                .and()
                .doNotBelongToAnyOf(EnglishWords.class)
                .should()
                .onlyDependOnClassesThat()
                .resideInAnyPackage(allowed);
        rule.check(core);
    }

    @Test
    public void onlyTheWordListIsReadAndItUsesNothingElse() {
        classes()
                .that()
                .belongToAnyOf(EnglishWords.class)
                .should()
                .onlyDependOnClassesThat()
                .resideInAnyPackage(
                        "java.lang..",
                        "java.util..",
                        "java.text..",
                        "java.io..",
                        "org.apache.lucene.analysis.hunspell..",
                        "org.apache.lucene.store..")
                .check(core);
    }

    @Test
    public void everyPackageOfTheCoreIsAStep() {
        String[] steps = STEPS.stream().map(s -> CORE + s).toArray(String[]::new);
        classes().should().resideInAnyPackage(steps).check(core);
    }

    @Test
    public void theCoreAsksNoClockAndDrawsNoLots() {
        noClasses()
                .should()
                .callMethod(System.class, "currentTimeMillis")
                .orShould()
                .callMethod(java.time.Instant.class, "now")
                .orShould()
                .callMethod(java.time.LocalDate.class, "now")
                .orShould()
                .dependOnClassesThat()
                .belongToAnyOf(java.util.Random.class)
                .check(core);
    }
}
