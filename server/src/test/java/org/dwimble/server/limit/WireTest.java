package org.dwimble.server.limit;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.net.Socket;
import java.net.SocketException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.dwimble.core.student.Student;
import org.dwimble.server.Http;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.eclipse.jetty.server.AbstractConnector;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.boot.jetty.JettyWebServer;

/** Requests as bytes: what no browser sends. */
@ExtendWith(TestServer.class)
class WireTest {
    private static Socket connected() throws IOException {
        Socket socket = new Socket("localhost", TestServer.port());
        socket.setSoTimeout(60_000);
        return socket;
    }

    private static void send(Socket socket, String text) throws IOException {
        socket.getOutputStream().write(text.getBytes(StandardCharsets.ISO_8859_1));
        socket.getOutputStream().flush();
    }

    private static String answered(Socket socket) throws IOException {
        return new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    }

    private static String ask(String head) throws IOException {
        try (Socket socket = connected()) {
            send(socket, head.replace("\n", "\r\n") + "\r\n\r\n");
            socket.shutdownOutput();
            return answered(socket);
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {
        "GET //api/session HTTP/1.1\nHost: a", "GET /api%2Fsession HTTP/1.1\nHost: a", "GET /api/x%00y HTTP/1.1\nHost: a", "GET /api/;x HTTP/1.1\nHost: a",
        "GET /%ff%fe HTTP/1.1\nHost: a", "GET /api/session?x=%ff%zz HTTP/1.1\nHost: a", "TRACE / HTTP/1.1\nHost: a", "GET /a b HTTP/1.1\nHost: a",
        "NONSENSE", "GET / HTTP/9.9\nHost: a", "GET / HTTP/1.1", "GET /{} HTTP/1.1\nHost: a", "POST /api/session HTTP/1.1\nHost: a\nContent-Length: -1",
        "POST /api/session HTTP/1.1\nHost: a\nContent-Length: 3\nContent-Length: 4", "GET / HTTP/1.1\nHost: a\nX: " + "x", "DELETE / HTTP/1.1\nHost: a"})
    void everyAnswerHasOurHeadersAndNoErrorComesWithoutASentence(String head) throws IOException {
        String answer = ask(head + (head.contains("HTTP/1.1\n") ? "\nConnection: close" : ""));
        assertThat(answer).as(head).startsWith("HTTP/1.1 ").doesNotContain("HTTP/1.1 500").doesNotContain("Apache").doesNotContain("Whitelabel");
        assertThat(answer).containsIgnoringCase("content-security-policy: default-src 'none'").containsIgnoringCase("x-content-type-options: nosniff")
            .containsIgnoringCase("x-frame-options: deny").containsIgnoringCase("referrer-policy: same-origin")
            .containsIgnoringCase("permissions-policy: camera=(self)");
        if (!answer.startsWith("HTTP/1.1 200")) {
            assertThat(answer).contains("\"detail\":\"");
        }
    }

    @Test
    void theAddressOfErrorsIsNone() {
        Http.Answer answer = Http.nobody().get("/error");
        assertThat(answer.status()).isLessThan(500);
    }

    @Test
    void aHeadLargerThanAnyIsAnsweredWithASentence() throws IOException {
        assertThat(ask("GET / HTTP/1.1\nHost: a\nConnection: close\nX: " + "x".repeat(20_000))).startsWith("HTTP/1.1 4").contains("\"detail\":\"");
    }

    /** Refused before what is sent has come: it is still read, or the connection would be reset and the answer lost with it. */
    @Test
    void whoIsRefusedBeforeTheFileHasComeIsAnsweredAndHeardAgain() throws IOException {
        try (Socket socket = connected()) {
            send(socket, "POST /api/own-pictures HTTP/1.1\r\nHost: a\r\nCookie: XSRF-TOKEN=t\r\nX-XSRF-TOKEN: t\r\n"
                + "Content-Type: multipart/form-data; boundary=x\r\nTransfer-Encoding: chunked\r\n\r\n");
            byte[] begun = socket.getInputStream().readNBytes("HTTP/1.1 401".length());
            assertThat(new String(begun, StandardCharsets.UTF_8)).isEqualTo("HTTP/1.1 401");
            send(socket, "3\r\n--x\r\n");
            send(socket, "2\r\n--\r\n0\r\n\r\n");
            send(socket, "GET /api/session HTTP/1.1\r\nHost: a\r\nConnection: close\r\n\r\n");
            assertThat(answered(socket)).contains("\"detail\":\"").contains("HTTP/1.1 200");
        }
    }

    @Test
    void whoWorksIsAnsweredWhileManyOthersAreSlow() throws IOException {
        Account odile = TestServer.account("Odile");
        Student ilse = TestServer.student("Ilse", odile);
        long id = TestServer.copy("starter-40", ilse, odile);
        Http http = Http.as(odile);
        List<Socket> slow = new ArrayList<>();
        try {
            for (int i = 0; i < 230; i++) {
                Socket socket = connected();
                slow.add(socket);
                send(socket, switch (i % 3) {
                    case 0 -> "GET / HTTP/1.1\r\nHost: a\r\nX-Slow: ";
                    case 1 -> "POST /api/session HTTP/1.1\r\nHost: a\r\nContent-Type: application/json\r\nContent-Length: 1000\r\n\r\n{";
                    default ->
                        "POST /api/own-pictures HTTP/1.1\r\nHost: a\r\nContent-Type: multipart/form-data; boundary=x\r\nContent-Length: 100000\r\n\r\n--x\r\n";
                });
            }
            String edit = "{\"base\":1,\"edit\":{\"type\":\"give-label\",\"board\":\"home\",\"button\":\"%s\",\"label\":\"calm\"}}";
            String word = http.get("/api/vocabularies/" + id + "/boards/home").json().get("buttons").get(0).get("id").asString();
            assertThat(http.post("/api/vocabularies/" + id + "/edits", edit.formatted(word)).status()).isEqualTo(200);
        } finally {
            for (Socket socket : slow) {
                socket.close();
            }
        }
    }

    @Test
    void filesHavePlacesOfTheirOwnAndOneMoreIsAskedToComeAgain() throws IOException {
        Http http = Http.as(TestServer.account("Odile"));
        List<Socket> sending = new ArrayList<>();
        try {
            for (int i = 0; i < Limits.UPLOADS; i++) {
                Socket socket = connected();
                sending.add(socket);
                send(socket, "POST /api/own-pictures HTTP/1.1\r\nHost: a\r\nCookie: dwimble=" + http.cookie("dwimble") + "; XSRF-TOKEN="
                    + http.cookie("XSRF-TOKEN")
                    + "\r\nX-XSRF-TOKEN: " + http.cookie("XSRF-TOKEN")
                    + "\r\nContent-Type: multipart/form-data; boundary=x\r\nContent-Length: 100000\r\n\r\n--x\r\nContent-Disposition: form-data; "
                    + "name=\"file\"; filename=\"a\"\r\n\r\n");
            }
            // Those before may not all have come to their places yet: until they have, one more finds a place and is looked into.
            Http.Answer more = Stream.generate(() -> http.upload("/api/own-pictures?words=x&audience=MINE", "x.png", new byte[] {1, 2, 3}))
                .limit(100).filter(answer -> answer.status() != 422).findFirst().orElseThrow();
            assertThat(more.status()).isEqualTo(503);
            assertThat(more.sentence()).isEqualTo("Many files are being taken in just now. Nothing was changed; try again in a moment.");
            assertThat(http.get("/api/session").status()).as("who sends no file is answered").isEqualTo(200);
        } finally {
            for (Socket socket : sending) {
                socket.close();
            }
        }
    }

    @Test
    void oneThatDoesNotGetToThePointIsNotWaitedFor() throws IOException {
        try (Socket working = connected(); Socket head = connected(); Socket further = connected(); Socket body = connected()) {
            send(working, "GET /api/health HTTP/1.1\r\nHost: a\r\n\r\n");
            send(further, "GET /api/health HTTP/1.1\r\nHost: a\r\n\r\nGET /api/health HTTP/1.1\r\nX-Slow: ");
            send(head, "GET / HTTP/1.1\r\nHost: a\r\nX-Slow: ");
            send(body, "POST /api/session HTTP/1.1\r\nHost: a\r\nContent-Type: application/json\r\nContent-Length: 1000\r\n\r\n{");
            assertThat(dripped(further)).as("a further request has no more time than the first").isTrue();
            assertThat(answered(body)).as("closed, with or without a word").doesNotContain("HTTP/1.1 2");
            assertThat(answered(head)).isEmpty();
            send(working, "GET /api/health HTTP/1.1\r\nHost: a\r\nConnection: close\r\n\r\n");
            assertThat(answered(working).split("HTTP/1.1 200", -1)).as("one that works is not closed, however old it is").hasSize(3);
        }
    }

    /** The server has let all of them go when this returns: else whatever test comes next could be the one too many. */
    private static void goAway(List<Socket> all) throws IOException {
        for (Socket socket : all) {
            socket.close();
        }
        AbstractConnector connector = (AbstractConnector) ((JettyWebServer) TestServer.context().getWebServer()).getServer().getConnectors()[0];
        while (connector.getConnectedEndPoints().size() > Limits.CONNECTIONS_OF_ONE_ADDRESS / 2) {
            Thread.onSpinWait();
        }
    }

    @Test
    void noAddressTakesAllConnections() throws IOException {
        List<Socket> all = new ArrayList<>();
        try {
            boolean refused = false;
            for (int i = 0; i <= Limits.CONNECTIONS_OF_ONE_ADDRESS + 20 && !refused; i++) {
                Socket socket = connected();
                all.add(socket);
                if (i >= Limits.CONNECTIONS_OF_ONE_ADDRESS) {
                    socket.setSoTimeout(500);
                    refused = ended(socket);
                }
            }
            assertThat(refused).isTrue();
        } finally {
            goAway(all);
        }
    }

    /** Those that were turned away are not counted for ever: else a school behind one address would be locked out in the end. */
    @Test
    void whoWasTurnedAwayComesInAgainWhenOthersHaveGone() throws IOException {
        List<Socket> all = new ArrayList<>();
        try {
            for (int i = 0; i < 2 * Limits.CONNECTIONS_OF_ONE_ADDRESS + 20; i++) {
                all.add(connected());
            }
        } finally {
            goAway(all);
        }
        boolean answered = false;
        for (int i = 0; i < 200 && !answered; i++) {
            try (Socket socket = connected()) {
                socket.setSoTimeout(500);
                send(socket, "GET /api/health HTTP/1.1\r\nHost: a\r\n\r\n");
                answered = socket.getInputStream().read() == 'H';
            } catch (IOException turnedAway) {
                // Not all that were closed here have been closed there yet.
            }
        }
        assertThat(answered).isTrue();
    }

    /** A byte is sent now and then until the other side has closed it, or for a minute. */
    private static boolean dripped(Socket socket) throws IOException {
        socket.setSoTimeout(250);
        for (int i = 0; i < 240; i++) {
            try {
                send(socket, "x");
            } catch (SocketException closed) {
                return true;
            }
            for (boolean more = true; more;) {
                try {
                    if (socket.getInputStream().read() < 0) {
                        return true;
                    }
                } catch (SocketException reset) {
                    return true;
                } catch (IOException nothingCame) {
                    more = false;
                }
            }
        }
        return false;
    }

    /** Nothing comes of it: the other side has closed it. */
    private static boolean ended(Socket socket) {
        try {
            return socket.getInputStream().read() < 0;
        } catch (SocketException reset) {
            return true;
        } catch (IOException waiting) {
            return false;
        }
    }
}
