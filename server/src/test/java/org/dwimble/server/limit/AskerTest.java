package org.dwimble.server.limit;

import static org.assertj.core.api.Assertions.assertThat;

import jakarta.servlet.http.HttpServlet;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import org.dwimble.server.told.Wording;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.springframework.boot.jetty.servlet.JettyServletWebServerFactory;
import org.springframework.boot.web.server.WebServer;

/** Whoever closes the page is known to have gone while the answer is still being made, and nothing is lost of who has not. */
@Timeout(60)
class AskerTest {
    private final CountDownLatch asked = new CountDownLatch(1);
    private final CompletableFuture<Boolean> goOn = new CompletableFuture<>();
    private final CompletableFuture<Void> noticed = new CompletableFuture<>();
    private WebServer server;

    /** Works until who asked has gone, or is told to answer. */
    private final class Working extends HttpServlet {
        @Override
        protected void doGet(HttpServletRequest request, HttpServletResponse response) throws IOException {
            BooleanSupplier gone = Asker.hasGone(request);
            assertThat(gone.getAsBoolean()).isFalse();
            asked.countDown();
            while (!goOn.isDone()) {
                if (gone.getAsBoolean()) {
                    noticed.complete(null);
                    return;
                }
                Thread.onSpinWait();
            }
            response.getWriter().print("made for " + request.getQueryString() + ", gone: " + gone.getAsBoolean());
        }
    }

    @BeforeEach
    void start() {
        JettyServletWebServerFactory factory = new JettyServletWebServerFactory(0);
        new Container().guarded(new Wording("en-GB"), "").customize(factory);
        server = factory.getWebServer(context -> context.addServlet("working", new Working()).addMapping("/*"));
        server.start();
    }

    @AfterEach
    void stop() {
        goOn.complete(true);
        server.stop();
    }

    private Socket connected() throws IOException {
        return new Socket("localhost", server.getPort());
    }

    private static void ask(Socket socket, String query, boolean last) throws IOException {
        String head = "GET /?" + query + " HTTP/1.1\r\nHost: a\r\n" + (last ? "Connection: close\r\n" : "") + "\r\n";
        socket.getOutputStream().write(head.getBytes(StandardCharsets.US_ASCII));
    }

    private static String rest(Socket socket) throws IOException {
        return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    }

    @Test
    void workIsToldThatWhoAskedHasClosedTheConnection() throws Exception {
        Socket socket = connected();
        ask(socket, "ferry", true);
        asked.await();
        socket.close();
        assertThat(noticed).succeedsWithin(30, TimeUnit.SECONDS);
    }

    @Test
    void aNextRequestThatIsSentMeanwhileIsNeitherLostNorTakenForLeaving() throws Exception {
        try (Socket socket = connected()) {
            ask(socket, "ferry", false);
            asked.await();
            ask(socket, "heron", true);
            goOn.complete(true);
            assertThat(rest(socket)).contains("made for ferry, gone: false").contains("made for heron, gone: false");
        }
        assertThat(noticed).isNotDone();
    }
}
