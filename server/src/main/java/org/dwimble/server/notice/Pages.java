package org.dwimble.server.notice;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.io.Resource;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.ViewControllerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;
import org.springframework.web.servlet.resource.PathResourceResolver;
import org.springframework.web.servlet.resource.TransformedResource;

/** Serves the client: its files, the library's drawings, and one page for every address a person may reload. */
@Configuration(proxyBeanMethods = false)
class Pages implements WebMvcConfigurer {
    private static final String AS_BUILT = "<html lang=\"en-GB\"";

    private final String language;
    /** Browsers that have the page ask whether it changed: it may speak another language since the program was started. */
    private final long since = System.currentTimeMillis();

    /** @param language of BCP 47, which the page speaks */
    Pages(@Value("${dwimble.language}") String language) {
        if (!language.matches("[A-Za-z]{2,8}(-[A-Za-z0-9]{1,8})*")) {
            throw new IllegalArgumentException("DWIMBLE_LANGUAGE is “" + language + "”; it must be a language tag such as en-GB. Nothing was started.");
        }
        this.language = language.equals("pseudo") ? "en-x-pseudo" : language;
    }

    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**").addResourceLocations("classpath:/static/assets/")
            .setCacheControl(CacheControl.maxAge(Duration.ofDays(365)).immutable());
        registry.addResourceHandler("/**").addResourceLocations("classpath:/static/")
            .setCacheControl(CacheControl.noCache()).resourceChain(false).addResolver(new PathResourceResolver() {
                @Override
                protected @Nullable Resource getResource(String path, Resource location) throws IOException {
                    boolean page = path.isEmpty() || !path.contains(".") && !path.startsWith("api/") && !path.startsWith("v3/");
                    return page || path.equals("index.html") ? spoken(super.getResource("index.html", location)) : super.getResource(path, location);
                }
            });
    }

    /** The page in the language that is spoken. */
    private @Nullable Resource spoken(@Nullable Resource page) throws IOException {
        if (page == null) {
            return null;
        }
        String html = page.getContentAsString(StandardCharsets.UTF_8);
        return new TransformedResource(page, html.replace(AS_BUILT, "<html lang=\"" + language + "\"").getBytes(StandardCharsets.UTF_8)) {
            @Override
            public long lastModified() {
                return since;
            }
        };
    }

    @Override
    public void addViewControllers(ViewControllerRegistry registry) {
        registry.addViewController("/").setViewName("forward:/index.html");
    }
}
