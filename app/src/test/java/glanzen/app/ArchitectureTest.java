package glanzen.app;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import jakarta.persistence.Entity;
import org.junit.jupiter.api.Test;
import org.springframework.data.repository.Repository;
import org.springframework.web.bind.annotation.RestController;

/** Features keep their insides to themselves. */
class ArchitectureTest {

    private static final JavaClasses ALL = new ClassFileImporter()
            .withImportOption(new ImportOption.DoNotIncludeTests())
            .importPackages("glanzen");

    @Test
    void nothingInTheCoreKnowsTheApplication() {
        noClasses()
                .that()
                .resideOutsideOfPackage("glanzen.app..")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("glanzen.app..")
                .check(ALL);
    }

    @Test
    void entitiesRepositoriesAndControllersStayInTheirPackage() {
        classes()
                .that()
                .areAnnotatedWith(Entity.class)
                .should()
                .bePackagePrivate()
                .check(ALL);
        classes()
                .that()
                .areAssignableTo(Repository.class)
                .should()
                .bePackagePrivate()
                .check(ALL);
        classes()
                .that()
                .areAnnotatedWith(RestController.class)
                .and()
                .areTopLevelClasses()
                .should()
                .bePackagePrivate()
                .check(ALL);
    }

    @Test
    void setUpsKnowNothingOfRunsAndPulls() {
        noClasses()
                .that()
                .resideInAnyPackage("glanzen.app.setup..", "glanzen.app.kit..", "glanzen.app.rig..")
                .should()
                .dependOnClassesThat()
                .resideInAnyPackage(
                        "glanzen.app.run..", "glanzen.app.pull..", "glanzen.app.bench..", "glanzen.app.archive..")
                .check(ALL);
    }

    @Test
    void roomsMakeNoCircles() {
        slices().matching("glanzen.app.(*)..").should().beFreeOfCycles().check(ALL);
    }

    @Test
    void onlyTheDemoKnowsTheDemo() {
        noClasses()
                .that()
                .resideOutsideOfPackage("glanzen.app.demo..")
                .should()
                .dependOnClassesThat()
                .resideInAPackage("glanzen.app.demo..")
                .check(ALL);
    }
}
