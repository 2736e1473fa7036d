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

    /** The engine apart from the intentions, and these by what they are about, from the plan up to the whole. */
    @Test
    void whatIntentionsAreMadeWithKnowsNoneOfThem() {
        noClasses().that().resideInAPackage("org.dwimble.core.edit").should().dependOnClassesThat().resideInAPackage("org.dwimble.core.edit.*..").check(CORE);
        slices().matching("org.dwimble.core.edit.(*)..").should().beFreeOfCycles().check(CORE);
    }

    @Test
    void whatIsKeptIsKnownByWhatKeepsItAndNotTheOtherWay() {
        noClasses().that().resideInAPackage("org.dwimble.core.support").should().dependOnClassesThat().resideInAPackage("org.dwimble.core.support.kept")
            .check(CORE);
        noClasses().that().resideInAPackage("org.dwimble.core.wordlist").should().dependOnClassesThat().resideInAPackage("org.dwimble.core.wordlist.kept")
            .check(CORE);
    }
}
