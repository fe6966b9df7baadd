package glanzen;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static org.junit.jupiter.api.Assertions.assertEquals;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

/** Imports in the core run one way: each package knows only those before it. */
class ArchitectureTest {

    private static final List<String> ORDER = List.of(
            "measure",
            "schedule",
            "glossary",
            "finding",
            "material",
            "artwork",
            "packing",
            "kit",
            "leftover",
            "layout",
            "card",
            "gluing",
            "cutting",
            "template",
            "stack",
            "press",
            "heat",
            "transfer",
            "route",
            "setup",
            "pull",
            "rules",
            "start",
            "beginning",
            "forecast",
            "picture",
            "photograph",
            "inspect",
            "advice",
            "learning",
            "diagnosis",
            "steps",
            "plan",
            "evening",
            "simulate",
            "training");

    private static final JavaClasses CORE = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("glanzen");

    @Test
    void everyRoomHasItsPlaceInTheOrder() {
        Set<String> rooms = CORE.stream()
                .map(c -> c.getPackageName().replaceFirst("glanzen\\.", ""))
                .collect(Collectors.toSet());
        assertEquals(Set.copyOf(ORDER), rooms);
    }

    @Test
    void packagesKnowOnlyThoseBeforeThem() {
        for (int i = 0; i < ORDER.size() - 1; i++) {
            String[] later = ORDER.subList(i + 1, ORDER.size()).stream()
                    .map(p -> "glanzen." + p + "..")
                    .toArray(String[]::new);
            noClasses()
                    .that()
                    .resideInAPackage("glanzen." + ORDER.get(i) + "..")
                    .should()
                    .dependOnClassesThat()
                    .resideInAnyPackage(later)
                    .check(CORE);
        }
    }

    @Test
    void pressHeatAndTransferKnowNothingOfEachOther() {
        List<String> laws = List.of("press", "heat", "transfer");
        for (String law : laws) {
            String[] others = laws.stream()
                    .filter(l -> !l.equals(law))
                    .map(l -> "glanzen." + l + "..")
                    .toArray(String[]::new);
            noClasses()
                    .that()
                    .resideInAPackage("glanzen." + law + "..")
                    .should()
                    .dependOnClassesThat()
                    .resideInAnyPackage(others)
                    .check(CORE);
        }
    }

    @Test
    void theCoreIsPlainJava() {
        noClasses()
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "org.springframework..", "jakarta..", "tools.jackson..", "com.fasterxml..", "javax.swing..")
                .check(CORE);
    }
}
