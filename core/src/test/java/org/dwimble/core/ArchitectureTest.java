package org.dwimble.core;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;

import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import org.junit.jupiter.api.Test;

class ArchitectureTest {
    private static final JavaClasses CORE = new ClassFileImporter().withImportOption(new ImportOption.DoNotIncludeTests()).importPackages("org.dwimble");

    @Test
    void theRulesKnowNoServerNoSqlAndNoWeb() {
        noClasses().should().dependOnClassesThat()
            .resideInAnyPackage("org.dwimble.server..", "java.sql..", "javax.sql..", "org.springframework..", "jakarta.servlet..", "java.net.http..",
            "java.awt..")
            .check(CORE);
    }

    @Test
    void noTwoIdeasDependOnEachOther() {
        slices().matching("org.dwimble.core.(*)..").should().beFreeOfCycles().check(CORE);
    }
}
