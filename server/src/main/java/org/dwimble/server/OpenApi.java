package org.dwimble.server;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.ComposedSchema;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.lang.reflect.RecordComponent;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.dwimble.core.board.Edit;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Says;
import org.dwimble.core.sheet.Length;
import org.dwimble.core.sheet.Mark;
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
    private static final List<Class<?>> SEALED = List.of(Edit.class, Leads.class, Says.class, Mark.class);

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
            Map<String, Schema> schemas = api.getComponents().getSchemas();
            SEALED.forEach(family -> unite(family, schemas));
            schemas.forEach((name, schema) -> require(schema, records.get(name)));
        };
    }

    /** A sealed family is told as what it is: one of its members, known by their type. */
    @SuppressWarnings("rawtypes")
    private static void unite(Class<?> family, Map<String, Schema> schemas) {
        ComposedSchema union = new ComposedSchema();
        for (JsonSubTypes.Type member : family.getAnnotation(JsonSubTypes.class).value()) {
            String name = member.value().getSimpleName();
            ObjectSchema plain = new ObjectSchema();
            plain.addProperty("type", new StringSchema().addEnumItem(member.name()));
            plain.addRequiredItem("type");
            Schema<?> told = schemas.get(name);
            List<Schema> parts = told == null || told.getAllOf() == null ? List.of() : told.getAllOf();
            parts.stream().filter(part -> part.getProperties() != null)
                .forEach(part -> ((Schema<?>) part).getProperties().forEach(plain::addProperty));
            schemas.put(name, plain);
            union.addOneOfItem(new Schema<>().$ref("#/components/schemas/" + name));
        }
        schemas.put(family.getSimpleName(), union);
    }

    private static void require(Schema<?> schema, @Nullable Class<?> type) {
        if (type == null || schema.getProperties() == null) {
            return;
        }
        for (RecordComponent component : type.getRecordComponents()) {
            if (schema.getProperties().containsKey(component.getName()) && !component.getAnnotatedType().isAnnotationPresent(Nullable.class)
                && component.getAccessor().getAnnotation(JsonInclude.class) == null) {
                schema.addRequiredItem(component.getName());
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
