package org.dwimble.server.limit;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import org.dwimble.server.TestServer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;

/** HTTPS that ends at a reverse proxy: its word is believed where the school says so, and nobody else’s. */
@ExtendWith(TestServer.class)
class ProxyTest {
    @TempDir
    Path home;

    private static String session(int port) throws IOException {
        try (Socket socket = new Socket("127.0.0.1", port)) {
            socket.getOutputStream().write(("GET /api/session HTTP/1.1\r\nHost: boards.school.example\r\nConnection: close\r\nX-Forwarded-Proto: https\r\n"
                + "X-Forwarded-For: 10.1.2.3\r\n\r\n").getBytes(StandardCharsets.US_ASCII));
            return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
        }
    }

    @Test
    void behindTheSchoolsProxyCookiesAreForHttpsAloneAndBrowsersStayWithIt() throws IOException {
        try (ServletWebServerApplicationContext own = TestServer.start(home, "--dwimble.proxy=127\\.0\\.0\\.1")) {
            assertThat(session(own.getWebServer().getPort())).containsIgnoringCase("strict-transport-security: max-age=")
                .containsPattern("(?i)set-cookie: XSRF-TOKEN=[^\r]*; Secure");
        }
        assertThat(session(TestServer.port())).as("from anybody else it is not believed").doesNotContainIgnoringCase("strict-transport-security")
            .doesNotContainIgnoringCase("; Secure");
    }
}
