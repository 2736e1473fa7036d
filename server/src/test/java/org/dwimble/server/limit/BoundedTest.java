package org.dwimble.server.limit;

import static org.assertj.core.api.Assertions.assertThat;

import com.tngtech.archunit.core.domain.JavaClass;
import com.tngtech.archunit.core.domain.JavaCodeUnit;
import com.tngtech.archunit.core.domain.JavaCodeUnitAccess;
import com.tngtech.archunit.core.domain.JavaMethod;
import com.tngtech.archunit.core.importer.ClassFileImporter;
import com.tngtech.archunit.core.importer.ImportOption;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** Every endpoint of what lays out, draws, reads or writes files says what bounds it. */
class BoundedTest {
    /** What takes time and memory by what it is given: classes, or one method of one. */
    private static final List<String> HEAVY = List.of("org.dwimble.core.sheet.BoardSheet", "org.dwimble.core.sheet.BoardBook",
        "org.dwimble.core.support.Support#lay",
        "org.dwimble.core.obf.ObfReader", "org.dwimble.core.obf.ObfWriter", "org.dwimble.core.daily.CalendarFile", "org.dwimble.server.sheet.PdfPainter",
        "org.dwimble.server.media.Photo", "org.dwimble.server.media.Intake", "org.dwimble.server.media.Raster", "org.dwimble.server.collection.TakingIn",
        "org.dwimble.server.speech.Voice", "org.dwimble.core.wordline.WordLine", "org.dwimble.server.care.Backups#make",
        "org.springframework.web.multipart.MultipartFile");

    private static final Set<String> LIMITS = Arrays.stream(Limits.class.getFields()).map(f -> f.getName()).collect(Collectors.toSet());

    private static Stream<JavaMethod> endpoints() {
        return new ClassFileImporter().withImportOption(ImportOption.Predefined.DO_NOT_INCLUDE_TESTS).importPackages("org.dwimble.server").stream()
            .filter(c -> c.isAnnotatedWith(RestController.class)).flatMap(c -> c.getMethods().stream())
            .filter(m -> m.isMetaAnnotatedWith(RequestMapping.class)).filter(m -> isHeavy(m, new HashSet<>()));
    }

    private static boolean isHeavy(JavaClass owner, String method) {
        return HEAVY.contains(owner.getName()) || HEAVY.contains(owner.getName() + "#" + method);
    }

    /** True of a method that takes a file or calls what is heavy, by itself or by others of its class. */
    private static boolean isHeavy(JavaCodeUnit method, Set<String> seen) {
        if (!seen.add(method.getFullName())) {
            return false;
        }
        String file = method.getOwner().getName().split("\\$")[0];
        return method.getRawParameterTypes().stream().anyMatch(t -> HEAVY.contains(t.getName()))
            || method.getAccessesFromSelf().stream().anyMatch(access -> isHeavy(access.getTargetOwner(), access.getTarget().getName())
                || access.getTargetOwner().getName().split("\\$")[0].equals(file) && access instanceof JavaCodeUnitAccess<?> call
                    && call.getTarget().resolveMember().filter(m -> isHeavy((JavaCodeUnit) m, seen)).isPresent())
            || method.getCodeUnitReferencesFromSelf().stream().anyMatch(r -> isHeavy(r.getTargetOwner(), r.getTarget().getName()));
    }

    @Test
    void everyEndpointThatMayTakeLongNamesItsBound() {
        List<JavaMethod> endpoints = endpoints().toList();
        assertThat(endpoints).hasSizeGreaterThan(12);
        assertThat(endpoints.stream().filter(m -> !m.isAnnotatedWith(Bounded.class)).map(JavaMethod::getFullName).sorted()).isEmpty();
    }

    @Test
    void everyBoundIsALimit() {
        assertThat(endpoints().filter(m -> m.isAnnotatedWith(Bounded.class)).flatMap(m -> Stream.of(m.getAnnotationOfType(Bounded.class).value())).distinct())
            .isNotEmpty().isSubsetOf(LIMITS);
    }
}
