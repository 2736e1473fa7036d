package org.dwimble.server.limit;

import java.time.Duration;
import java.util.Map;
import java.util.regex.Pattern;
import org.dwimble.server.told.Wording;
import org.eclipse.jetty.ee11.webapp.AbstractConfiguration;
import org.eclipse.jetty.ee11.webapp.WebAppContext;
import org.eclipse.jetty.http.HttpFields;
import org.eclipse.jetty.server.AbstractConnector;
import org.eclipse.jetty.server.Connector;
import org.eclipse.jetty.server.ForwardedRequestCustomizer;
import org.eclipse.jetty.server.Handler;
import org.eclipse.jetty.server.HttpConfiguration;
import org.eclipse.jetty.server.Request;
import org.eclipse.jetty.server.Response;
import org.eclipse.jetty.server.handler.IdleTimeoutHandler;
import org.eclipse.jetty.server.handler.QoSHandler;
import org.eclipse.jetty.util.Callback;
import org.eclipse.jetty.util.thread.QueuedThreadPool;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.jetty.servlet.JettyServletWebServerFactory;
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
    private static final int WAIT_SECONDS = 5;

    static final Map<String, String> HEADERS = Map.of("Content-Security-Policy", POLICY, "X-Content-Type-Options", "nosniff",
        "X-Frame-Options", "DENY", "Referrer-Policy", "same-origin",
        "Permissions-Policy", "camera=(self), microphone=(self), geolocation=(), payment=(), usb=(), display-capture=()");

    /**
     * @param proxies addresses of reverse proxies, as a regular expression; what they say of who asked, and whether by HTTPS, is believed. Empty for none:
     *                then nobody is
     */
    @Bean
    WebServerFactoryCustomizer<JettyServletWebServerFactory> guarded(Wording wording, @Value("${dwimble.proxy:}") String proxies) {
        return factory -> {
            factory.setMaxConnections(Limits.CONNECTIONS);
            // A thread for each connection: slow ones keep nobody waiting.
            factory.setThreadPool(new QueuedThreadPool(Limits.CONNECTIONS + 16));
            Answers answers = new Answers(HEADERS, wording);
            factory.addConfigurations(new AbstractConfiguration(new AbstractConfiguration.Builder()) {
                @Override
                public void configure(WebAppContext context) {
                    context.setErrorHandler(answers);
                }
            });
            factory.addServerCustomizers(server -> {
                server.setErrorHandler(answers);
                IdleTimeoutHandler idle = new IdleTimeoutHandler(server.getHandler());
                idle.setIdleTimeoutMs(Limits.IDLE_SECONDS * 1_000L);
                Handler.Wrapper files = files(answers);
                files.setHandler(idle);
                server.setHandler(new Gate(HEADERS, answers, files));
                for (Connector each : server.getConnectors()) {
                    AbstractConnector connector = (AbstractConnector) each;
                    connector.setIdleTimeout(KEEP_ALIVE_MILLIS);
                    connector.addBean(new OfOneAddress());
                    connector.addBean(new ToThePoint(connector));
                    if (!proxies.isBlank()) {
                        connector.getConnectionFactory(HttpConfiguration.ConnectionFactory.class).getHttpConfiguration()
                            .addCustomizer(new Proxied(proxies.trim()));
                    }
                }
            });
        };
    }

    /** Files have places of their own, so that they never take those of people who work. */
    private static QoSHandler files(Answers answers) {
        QoSHandler files = new QoSHandler() {
            @Override
            protected void failSuspended(Request request, Response response, Callback callback, int status, Throwable why) {
                answers.give(response, callback, Answers.Why.TOO_MANY_FILES, 0);
            }
        };
        files.include(Gate::isFile);
        files.setMaxRequestCount(Limits.UPLOADS);
        files.setMaxSuspend(Duration.ofSeconds(WAIT_SECONDS));
        return files;
    }

    /** What a proxy says is believed of proxies that are known. */
    private static final class Proxied extends ForwardedRequestCustomizer {
        private final Pattern known;

        Proxied(String known) {
            this.known = Pattern.compile(known);
        }

        @Override
        public Request customize(Request request, HttpFields.Mutable headers) {
            return known.matcher(Request.getRemoteAddr(request)).matches() ? super.customize(request, headers) : request;
        }
    }
}
