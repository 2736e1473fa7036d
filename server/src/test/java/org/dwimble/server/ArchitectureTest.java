package org.dwimble.server;

import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.classes;
import static com.tngtech.archunit.lang.syntax.ArchRuleDefinition.noClasses;
import static com.tngtech.archunit.library.dependencies.SlicesRuleDefinition.slices;
import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.base.DescribedPredicate;
import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaClasses;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.function.Function;
import java.util.stream.Stream;
import org.dwimble.core.credit.Leaving;
import org.dwimble.core.obf.ObfWriter;
import org.dwimble.server.sheet.PdfPainter;
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

    /** What writes files and paper is used by who puts what leaves before the one rule; but for the starters of our own, which have library pictures alone. */
    @Test
    void nothingLeavesButByTheRule() {
        classes().that().resideOutsideOfPackage("org.dwimble.server.starter..").and().doNotHaveSimpleName("PdfPainter").and().haveNameNotMatching(
            ".*PdfPainter\\$.*").and(dependOn(ObfWriter.class, PdfPainter.class)).should().dependOnClassesThat().areAssignableTo(Leaving.class).check(SERVER);
        noClasses().that().resideOutsideOfPackages("org.dwimble.server.leaving..", "org.dwimble.server.media..").should()
            .callConstructor(Leaving.class, Leaving.Whither.class, Leaving.Answer.class, Function.class).check(SERVER);
    }

    private static DescribedPredicate<JavaClass> dependOn(Class<?>... writers) {
        return DescribedPredicate.describe("write what leaves", found -> found.getDirectDependenciesFromSelf().stream()
            .anyMatch(d -> Stream.of(writers).anyMatch(w -> d.getTargetClass().isEquivalentTo(w))));
    }

    /** Who may what is asked, not worked out again: nobody else reads the table of grants, or what somebody is on a team by name. */
    @Test
    void nothingButTheTableOfGrantsReadsIt() throws IOException {
        try (Stream<Path> files = Files.walk(Path.of("src/main/java")).filter(f -> f.toString().endsWith(".java"))) {
            for (Path file : files.filter(f -> !f.getFileName().toString().equals("GrantTable.java")).toList()) {
                assertThat(Files.readString(file)).as(file.toString()).doesNotContainPattern("(?i)(from|join|into|update) granted\\b");
            }
        }
    }

    /** Code is set so by the formatter; this holds comments and words between quotation marks too. */
    @Test
    void noLineIsLongerThan160() throws IOException {
        for (String module : List.of("core", "library", "server")) {
            try (Stream<Path> files = Files.walk(Path.of("..", module)).filter(f -> f.toString().matches(".*/src/.*\\.java"))) {
                for (Path file : files.toList()) {
                    assertThat(Files.readAllLines(file)).as(file.toString()).noneMatch(line -> line.length() > 160);
                }
            }
        }
    }
}
