package org.dwimble.server.grant;

import jakarta.servlet.DispatcherType;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.lang.reflect.Method;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Stream;
import org.dwimble.core.grant.Thing;
import org.dwimble.server.problem.Problem;
import org.springframework.beans.factory.SmartInitializingSingleton;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerInterceptor;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.config.annotation.InterceptorRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** Before an endpoint is called: may this person do with the thing of its path what the endpoint is {@link For}? Dwimble does not start with one undecided. */
@Configuration(proxyBeanMethods = false)
public class Gatekeeper implements WebMvcConfigurer {
    private static final List<Thing.Sort> NAMED = List.of(Thing.Sort.STUDENT, Thing.Sort.VOCABULARY, Thing.Sort.LIST);

    private final Rights rights;

    Gatekeeper(Rights rights) {
        this.rights = rights;
    }

    @Override
    public void addInterceptors(InterceptorRegistry registry) {
        registry.addInterceptor(new HandlerInterceptor() {
            @Override
            public boolean preHandle(HttpServletRequest request, HttpServletResponse response, Object handler) {
                if (request.getDispatcherType() == DispatcherType.ASYNC) {
                    // A stream that ends comes by here again; it was let in when it began, and what it shows asks by itself.
                    return true;
                }
                For what = handler instanceof HandlerMethod method ? method.getMethodAnnotation(For.class) : null;
                if (what != null) {
                    rights.must(somebody(), what.value(), thing(request).orElse(Thing.SCHOOL));
                }
                return true;
            }
        });
    }

    private static Somebody somebody() {
        Authentication signedIn = SecurityContextHolder.getContext().getAuthentication();
        if (signedIn != null && signedIn.getPrincipal() instanceof Somebody somebody) {
            return somebody;
        }
        throw Problem.notFound("page");
    }

    private static Optional<Thing> thing(HttpServletRequest request) {
        @SuppressWarnings("unchecked")
        Map<String, String> path = (Map<String, String>) Objects.requireNonNull(request.getAttribute(HandlerMapping.URI_TEMPLATE_VARIABLES_ATTRIBUTE));
        return NAMED.stream().filter(sort -> path.containsKey(sort.word())).map(sort -> new Thing(sort, Objects.requireNonNull(path.get(sort.word()))))
            .findFirst();
    }

    @Bean
    SmartInitializingSingleton everyEndpointIsDecided(@Qualifier("requestMappingHandlerMapping") RequestMappingHandlerMapping endpoints) {
        return () -> {
            List<String> undecided = endpoints.getHandlerMethods().values().stream().map(HandlerMethod::getMethod).filter(Gatekeeper::ours)
                .filter(m -> Stream.of(For.class, ForSignedIn.class, ForAnybody.class).filter(m::isAnnotationPresent).count() != 1)
                .map(m -> m.getDeclaringClass().getSimpleName() + "." + m.getName()).sorted().toList();
            if (!undecided.isEmpty()) {
                throw new IllegalStateException("Say who these are for, with @For, @ForSignedIn or @ForAnybody: " + undecided);
            }
        };
    }

    private static boolean ours(Method method) {
        return method.getDeclaringClass().getPackageName().startsWith("org.dwimble.");
    }
}
