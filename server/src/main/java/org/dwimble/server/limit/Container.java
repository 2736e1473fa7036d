package org.dwimble.server.limit;

import java.util.Map;
import org.apache.catalina.core.StandardHost;
import org.apache.catalina.valves.RemoteIpValve;
import org.dwimble.server.told.Wording;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;

/** How the container is set up. */
@Configuration(proxyBeanMethods = false)
public class Container {
    /** Ant Design writes its styles into the page, hence inline styles; no inline script ever. */
    public static final String POLICY = "default-src 'none'; script-src 'self'; style-src 'self' 'unsafe-inline'; img-src 'self' data: blob:; "
        + "font-src 'self'; connect-src 'self'; media-src 'self' blob:; frame-src 'self' blob:; object-src 'none'; manifest-src 'self'; "
        + "base-uri 'none'; form-action 'self'; frame-ancestors 'none'";

    private static final int KEEP_ALIVE_MILLIS = 30_000;

    static final Map<String, String> HEADERS = Map.of("Content-Security-Policy", POLICY, "X-Content-Type-Options", "nosniff",
        "X-Frame-Options", "DENY", "Referrer-Policy", "same-origin",
        "Permissions-Policy", "camera=(self), microphone=(), geolocation=(), payment=(), usb=(), display-capture=()");

    /**
     * @param proxies addresses of reverse proxies, as a regular expression; what they say of who asked, and whether by HTTPS, is believed. Empty for none:
     *                then nobody is
     */
    @Bean
    WebServerFactoryCustomizer<TomcatServletWebServerFactory> guarded(Wording wording, @Value("${dwimble.proxy:}") String proxies) {
        return factory -> {
            factory.setProtocol(GuardedProtocol.class.getName());
            factory.addEngineValves(new Gate(HEADERS, new Answers(wording)));
            if (!proxies.isBlank()) {
                RemoteIpValve from = new RemoteIpValve();
                from.setInternalProxies(proxies.trim());
                from.setProtocolHeader("X-Forwarded-Proto");
                factory.addEngineValves(from);
            }
            factory.addConnectorCustomizers(connector -> {
                if (connector.getProtocolHandler() instanceof GuardedProtocol guarded) {
                    // A thread for each connection: slow ones keep nobody waiting.
                    guarded.setMaxConnections(Limits.CONNECTIONS);
                    guarded.setMaxThreads(Limits.CONNECTIONS);
                    guarded.setConnectionTimeout(Limits.IDLE_SECONDS * 1_000);
                    guarded.setKeepAliveTimeout(KEEP_ALIVE_MILLIS);
                }
            });
            factory.addContextCustomizers(context -> {
                if (context.getParent() instanceof StandardHost host) {
                    host.setErrorReportValveClass(SentenceReport.class.getName());
                }
            });
        };
    }
}
