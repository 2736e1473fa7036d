package org.dwimble.server.notice;

import java.time.Duration;
import org.springframework.context.annotation.Configuration;
import org.springframework.http.CacheControl;
import org.springframework.web.servlet.config.annotation.ResourceHandlerRegistry;
import org.springframework.web.servlet.config.annotation.ViewControllerRegistry;
import org.springframework.web.servlet.config.annotation.WebMvcConfigurer;

/** Serves the client: its files, the library's drawings, and one page for every address a person may reload. */
@Configuration(proxyBeanMethods = false)
class Pages implements WebMvcConfigurer {
    @Override
    public void addResourceHandlers(ResourceHandlerRegistry registry) {
        registry.addResourceHandler("/assets/**").addResourceLocations("classpath:/static/assets/")
            .setCacheControl(CacheControl.maxAge(Duration.ofDays(365)).immutable());
        registry.addResourceHandler("/art/**").addResourceLocations("classpath:/static/art/")
            .setCacheControl(CacheControl.maxAge(Duration.ofDays(7)));
        registry.addResourceHandler("/index.html", "/mark.svg").addResourceLocations("classpath:/static/")
            .setCacheControl(CacheControl.noCache());
    }

    @Override
    public void addViewControllers(ViewControllerRegistry registry) {
        for (String address : new String[] {"/", "/sign-in", "/caseload", "/notices", "/students/**", "/vocabularies/**"}) {
            registry.addViewController(address).setViewName("forward:/index.html");
        }
    }
}
