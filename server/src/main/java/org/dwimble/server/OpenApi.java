package org.dwimble.server;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeName;
import io.swagger.v3.core.converter.AnnotatedType;
import io.swagger.v3.core.converter.ModelConverters;
import io.swagger.v3.core.converter.ResolvedSchema;
import io.swagger.v3.oas.models.OpenAPI;
import io.swagger.v3.oas.models.info.Info;
import io.swagger.v3.oas.models.media.ComposedSchema;
import io.swagger.v3.oas.models.media.ObjectSchema;
import io.swagger.v3.oas.models.media.Schema;
import io.swagger.v3.oas.models.media.StringSchema;
import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.dwimble.core.board.Leads;
import org.dwimble.core.board.Says;
import org.dwimble.core.bringin.WayOut;
import org.dwimble.core.doing.Doing;
import org.dwimble.core.edit.Intention;
import org.dwimble.core.measure.Length;
import org.dwimble.core.sheet.Mark;
import org.dwimble.core.support.Support;
import org.dwimble.core.wordlist.ListEdit;
import org.dwimble.server.account.Account;
import org.dwimble.server.edit.Intentions;
import org.dwimble.server.live.Live;
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
    private static final List<Class<?>> FAMILIES = List.of(Leads.class, Says.class, Doing.class, Mark.class, Support.class, ListEdit.class, WayOut.class);

    /** What is told by server-sent events, which no endpoint describes. */
    private static final List<Class<?>> EVENTS = List.of(Live.Hello.class, Live.Revised.class, Live.Here.class);

    static {
        SpringDocUtils.getConfig().replaceWithClass(Length.class, Long.class).addRequestWrapperToIgnore(Account.class);
    }

    /** Every component of a record is there unless it is marked nullable: told so, the client need not ask. */
    @Bean
    OpenApiCustomizer requiredComponents() {
        return api -> {
            api.setInfo(new Info().title("Dwimble").version("1"));
            api.setServers(null);
            Map<String, List<Class<?>>> records = records();
            Map<String, Schema> schemas = api.getComponents().getSchemas();
            FAMILIES.forEach(family -> unite(family, members(family), schemas));
            unite(Intention.class, intentions(), schemas);
            EVENTS.forEach(event -> schemas.put(event.getSimpleName(), described(event, schemas)));
            schemas.forEach((name, schema) -> require(schema, records.getOrDefault(name, List.of())));
        };
    }

    /** A sealed family is told as what it is: one of its members, known by their type. */
    @SuppressWarnings("rawtypes")
    private static void unite(Class<?> family, Map<Class<?>, String> members, Map<String, Schema> schemas) {
        ComposedSchema union = new ComposedSchema();
        for (Map.Entry<Class<?>, String> member : members.entrySet()) {
            String name = member.getKey().getSimpleName();
            ObjectSchema plain = new ObjectSchema();
            plain.addProperty("type", new StringSchema().addEnumItem(member.getValue()));
            plain.addRequiredItem("type");
            Schema<?> told = schemas.containsKey(name) ? schemas.get(name) : described(member.getKey(), schemas);
            List<Schema> parts = told == null ? List.of() : told.getAllOf() == null ? List.of(told) : told.getAllOf();
            parts.stream().filter(part -> part.getProperties() != null)
                .forEach(part -> ((Schema<?>) part).getProperties().forEach((property, schema) -> plain.addProperty((String) property, (Schema<?>) schema)));
            plain.getProperties().put("type", new StringSchema().addEnumItem(member.getValue()));
            schemas.put(name, plain);
            union.addOneOfItem(new Schema<>().$ref("#/components/schemas/" + name));
        }
        schemas.put(family.getSimpleName(), union);
    }

    private static Map<Class<?>, String> members(Class<?> family) {
        Map<Class<?>, String> members = new LinkedHashMap<>();
        for (JsonSubTypes.Type member : family.getAnnotation(JsonSubTypes.class).value()) {
            members.put(member.value(), member.name().isEmpty() ? member.value().getAnnotation(JsonTypeName.class).value() : member.name());
        }
        return members;
    }

    private static Map<Class<?>, String> intentions() {
        Map<Class<?>, String> members = new LinkedHashMap<>();
        Intentions.sent().forEach(type -> members.put(type, type.getAnnotation(JsonTypeName.class).value()));
        return members;
    }

    /** A record no endpoint names, described with whatever it is made of. */
    @SuppressWarnings("rawtypes")
    private static Schema<?> described(Class<?> type, Map<String, Schema> schemas) {
        ResolvedSchema resolved = ModelConverters.getInstance(true).resolveAsResolvedSchema(new AnnotatedType(type).resolveAsRef(false));
        resolved.referencedSchemas.forEach(schemas::putIfAbsent);
        return resolved.schema;
    }

    /** @param named records of that name; of several, the one that has these properties is meant */
    private static void require(Schema<?> schema, List<Class<?>> named) {
        if (schema.getProperties() == null) {
            return;
        }
        Set<String> told = new HashSet<>(schema.getProperties().keySet());
        told.remove("type");
        named.stream().filter(type -> Stream.of(type.getRecordComponents()).map(RecordComponent::getName).collect(Collectors.toSet())
            .containsAll(told)).findFirst()
            .ifPresent(type -> require(schema, type));
    }

    private static void require(Schema<?> schema, Class<?> type) {
        for (RecordComponent component : type.getRecordComponents()) {
            if (schema.getProperties().containsKey(component.getName()) && !component.getAnnotatedType().isAnnotationPresent(Nullable.class)
                && component.getAccessor().getAnnotation(JsonInclude.class) == null) {
                schema.addRequiredItem(component.getName());
            }
        }
    }

    private static Map<String, List<Class<?>>> records() {
        ClassPathScanningCandidateComponentProvider scanner = new ClassPathScanningCandidateComponentProvider(false) {
            @Override
            protected boolean isCandidateComponent(org.springframework.beans.factory.annotation.AnnotatedBeanDefinition definition) {
                return true;
            }
        };
        scanner.addIncludeFilter(new AssignableTypeFilter(Record.class));
        Map<String, List<Class<?>>> records = new HashMap<>();
        for (BeanDefinition found : scanner.findCandidateComponents("org.dwimble")) {
            try {
                Class<?> type = Class.forName(found.getBeanClassName());
                records.computeIfAbsent(type.getSimpleName(), name -> new ArrayList<>()).add(type);
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
