package org.dwimble.server.edit;

import com.fasterxml.jackson.annotation.JsonTypeName;
import java.util.List;
import org.dwimble.core.edit.Intention;
import org.springframework.boot.jackson.autoconfigure.JsonMapperBuilderCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.ClassPathScanningCandidateComponentProvider;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.type.filter.AnnotationTypeFilter;

/** The intentions a client can send: those of core that have a type name. A new one needs no line here. */
@Configuration(proxyBeanMethods = false)
public class Intentions {
    private static final List<Class<?>> SENT = found();

    private static List<Class<?>> found() {
        ClassPathScanningCandidateComponentProvider scanner = new ClassPathScanningCandidateComponentProvider(false);
        scanner.addIncludeFilter(new AnnotationTypeFilter(JsonTypeName.class));
        return scanner.findCandidateComponents("org.dwimble.core").stream().map(found -> found.getBeanClassName()).sorted().<Class<?>>map(Intentions::named)
            .filter(Intention.class::isAssignableFrom).toList();
    }

    private static Class<?> named(String name) {
        try {
            return Class.forName(name);
        } catch (ClassNotFoundException e) {
            throw new IllegalStateException(e);
        }
    }

    /** By class name, so that what is described of them does not depend on chance. */
    public static List<Class<?>> sent() {
        return SENT;
    }

    @Bean
    JsonMapperBuilderCustomizer intentionsAsJson() {
        return builder -> builder.registerSubtypes(SENT.toArray(Class<?>[]::new));
    }
}
