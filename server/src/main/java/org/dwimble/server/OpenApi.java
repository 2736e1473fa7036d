package org.dwimble.server;

import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.Schema;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.dwimble.core.sheet.Length;
import org.dwimble.server.account.Account;
import org.jspecify.annotations.Nullable;
import org.springdoc.core.customizers.OpenApiCustomizer;
import org.springdoc.core.utils.SpringDocUtils;
import org.springframework.beans.factory.config.BeanDefinition;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.ClassPathScanningCandidateComponentProvider;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.type.filter.AssignableTypeFilter;

/** The description of the HTTP interface, which the client's types are made from. */
@Configuration(proxyBeanMethods = false)
class OpenApi {
    static {
        SpringDocUtils.getConfig().replaceWithClass(Length.class, Long.class).addRequestWrapperToIgnore(Account.class);
    }

    /** Every component of a record is there unless it is marked nullable: told so, the client need not ask. */
    @Bean
    OpenApiCustomizer requiredComponents() {
        return api -> {
            api.setInfo(new Info().title("Dwimble").version("1"));
            api.setServers(null);
            Map<String, Class<?>> records = records();
            api.getComponents().getSchemas().forEach((name, schema) -> require(schema, records.get(name)));
        };
    }

    private static void require(Schema<?> schema, @Nullable Class<?> type) {
        if (type == null) {
            return;
        }
        List<Schema<?>> parts = new ArrayList<>(List.of(schema));
        if (schema.getAllOf() != null) {
            schema.getAllOf().forEach(parts::add);
        }
        for (Schema<?> part : parts) {
            if (part.getProperties() == null) {
                continue;
            }
            for (RecordComponent component : type.getRecordComponents()) {
                if (part.getProperties().containsKey(component.getName()) && !component.getAnnotatedType().isAnnotationPresent(Nullable.class)) {
                    part.addRequiredItem(component.getName());
                }
            }
        }
    }

    private static Map<String, Class<?>> records() {
        ClassPathScanningCandidateComponentProvider scanner = new ClassPathScanningCandidateComponentProvider(false) {
            @Override
            protected boolean isCandidateComponent(org.springframework.beans.factory.annotation.AnnotatedBeanDefinition definition) {
                return true;
            }
        };
        scanner.addIncludeFilter(new AssignableTypeFilter(Record.class));
        Map<String, Class<?>> records = new HashMap<>();
        for (BeanDefinition found : scanner.findCandidateComponents("org.dwimble")) {
            try {
                Class<?> type = Class.forName(found.getBeanClassName());
                records.put(type.getSimpleName(), type);
            } catch (ClassNotFoundException e) {
                throw new IllegalStateException(e);
            }
        }
        return records;
    }

    @Bean
    OpenAPI description() {
        return new OpenAPI();
    }
}
