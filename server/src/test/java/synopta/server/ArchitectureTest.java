package synopta.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.testng.annotations.Test;

/** The packages of the server: each step by itself, but for the two that join them; the store behind the ports of the core. */
public class ArchitectureTest {
    private static final String SERVER = "synopta.server.";
    private static final List<String> STEPS = List.of(
            "account",
            "basket",
            "bench",
            "catalog",
            "diagnosis",
            "fit",
            "knowledge",
            "order",
            "review",
            "settings",
            "tag",
            "teardown");
    /** What a package may use besides itself and the web's. */
    private static final Map<String, List<String>> JOINING = Map.of(
            "counter", List.of("basket", "catalog", "diagnosis", "fit", "record", "tag", "teardown"),
            "record", List.of("diagnosis", "tag", "teardown"));

    private final JavaClasses server = new ClassFileImporter()
            .withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS)
            .importPackages("synopta.server");

    @Test
    public void aStepUsesNoOtherStep() {
        for (String step : STEPS) {
            others(step, List.of());
        }
        JOINING.forEach(this::others);
    }

    private void others(String step, List<String> allowed) {
        List<String> barred = new ArrayList<>(STEPS);
        barred.addAll(JOINING.keySet());
        barred.remove(step);
        barred.removeAll(allowed);
        noClasses()
                .that()
                .resideInAPackage(SERVER + step)
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(barred.stream().map(b -> SERVER + b).toArray(String[]::new))
                .check(server);
    }

    @Test
    public void theWebUsesNoStep() {
        List<String> steps = new ArrayList<>(STEPS);
        steps.addAll(JOINING.keySet());
        noClasses()
                .that()
                .resideInAPackage(SERVER + "web")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(steps.stream().map(s -> SERVER + s).toArray(String[]::new))
                .check(server);
    }

    @Test
    public void onlyTheConfigurationAndTheCommandLineKnowTheStore() {
        noClasses()
                .that()
                .haveNameNotMatching(
                        "synopta\\.server\\.(ApplicationConfig|StoreConfig|DemoConfig|CommandLine|AccountCommands|DataFolderFailureAnalyzer).*")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("synopta.store..")
                .check(server);
    }
}
