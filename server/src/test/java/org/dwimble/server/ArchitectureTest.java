package org.dwimble.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;
import org.springframework.web.bind.annotation.RestController;

class ArchitectureTest {
    private static final JavaClasses SERVER = new ClassFileImporter().withImportOption(new ImportOption.DoNotIncludeTests())
        .importPackages("org.dwimble.server");

    @Test
    void noTwoRoomsDependOnEachOther() {
        slices().matching("org.dwimble.server.(*)..").should().beFreeOfCycles().check(SERVER);
    }

    @Test
    void nobodyDependsOnWhatAnswersRequestsNorOnTheDemo() {
        noClasses().that().areNotAnnotatedWith(RestController.class).and().areTopLevelClasses().should().dependOnClassesThat()
            .areAnnotatedWith(RestController.class)
            .check(SERVER);
        noClasses().that().resideOutsideOfPackage("org.dwimble.server.demo..").should().dependOnClassesThat().resideInAPackage("org.dwimble.server.demo..")
            .check(SERVER);
    }

    /** What answers requests asks a store; but for the care of the database itself. */
    @Test
    void whatAnswersRequestsKnowsNoSql() {
        noClasses().that().areAnnotatedWith(RestController.class).and().resideOutsideOfPackage("org.dwimble.server.care..").should().dependOnClassesThat()
            .resideInAPackage("java.sql..").check(SERVER);
    }
}
