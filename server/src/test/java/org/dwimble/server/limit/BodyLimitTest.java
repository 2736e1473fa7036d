package org.dwimble.server.limit;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.OutputStream;
import java.net.Socket;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import org.dwimble.server.Http;
import org.dwimble.server.TestServer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

@ExtendWith(TestServer.class)
class BodyLimitTest {
    private static final String LONG = "{\"signIn\":\"" + "x".repeat(3 << 20) + "\",\"password\":\"x\"}";
    private static final String SENTENCE = "That is more than can be sent at once, 1 MB. Nothing was changed; send it in parts.";

    @Test
    void whatSaysThatItIsTooLongIsNotRead() {
        Http.Answer answer = Http.nobody().post("/api/session", LONG);
        assertThat(answer.status()).isEqualTo(413);
        assertThat(answer.sentence()).isEqualTo(SENTENCE);
    }

    @Test
    void aFormOfAThousandAndOnePartsIsToldWhatIsTooMuch() throws Exception {
        Http http = Http.as(TestServer.account("Odile"));
        String part = "--x\r\nContent-Disposition: form-data; name=\"a\"\r\n\r\n1\r\n";
        HttpResponse<String> answer = HttpClient.newHttpClient().send(HttpRequest.newBuilder(URI.create("http://localhost:" + TestServer.port()
            + "/api/own-pictures"))
            .header("Content-Type", "multipart/form-data; boundary=x").header("Cookie", "dwimble=" + http.cookie("dwimble") + "; XSRF-TOKEN="
                + http.cookie("XSRF-TOKEN"))
            .header("X-XSRF-TOKEN", http.cookie("XSRF-TOKEN")).POST(HttpRequest.BodyPublishers.ofString(part.repeat(1_001) + "--x--\r\n")).build(),
            HttpResponse.BodyHandlers.ofString());
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(413);
        assertThat(answer.body()).contains("The form has more parts than any form of Dwimble. Nothing was changed.");
    }

    @Test
    void aPictureLargerThanAnyIsRefusedBeforeItIsRead() throws Exception {
        try (Socket socket = new Socket("localhost", TestServer.port())) {
            socket.getOutputStream()
                .write(("POST /api/own-pictures HTTP/1.1\r\nHost: a\r\nContent-Type: multipart/form-data; boundary=x\r\nContent-Length: " + (900L << 20)
                    + "\r\n\r\n").getBytes(StandardCharsets.US_ASCII));
            assertThat(new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8)).startsWith("HTTP/1.1 413").contains("at once, 60 MB");
        }
    }

    /** A connection closed while somebody sends would take away what he was told. */
    @ParameterizedTest
    @ValueSource(strings = {"POST /api/session", "POST /api/students"})
    void whoIsAnsweredWhileStillSendingMaySendOnAndHearsTheAnswer(String what) throws Exception {
        try (Socket socket = new Socket("localhost", TestServer.port())) {
            OutputStream to = socket.getOutputStream();
            to.write((what + " HTTP/1.1\r\nHost: a\r\nConnection: close\r\nContent-Type: application/json\r\nContent-Length: " + LONG.length()
                + "\r\n\r\n").getBytes(StandardCharsets.US_ASCII));
            int first = socket.getInputStream().read();
            to.write(LONG.getBytes(StandardCharsets.US_ASCII));
            assertThat((char) first + new String(socket.getInputStream().readAllBytes(), StandardCharsets.UTF_8)).startsWith("HTTP/1.1 413")
                .contains(SENTENCE);
        }
    }

    @Test
    void whatDoesNotSayHowLongItIsIsCounted() throws Exception {
        Http http = Http.nobody();
        HttpResponse<String> answer = HttpClient.newHttpClient().send(HttpRequest.newBuilder(URI.create("http://localhost:" + TestServer.port()
            + "/api/session"))
            .header("Content-Type", "application/json").header("Cookie", "XSRF-TOKEN=" + http.cookie("XSRF-TOKEN")).header("X-XSRF-TOKEN",
                http.cookie("XSRF-TOKEN"))
            .POST(HttpRequest.BodyPublishers.ofInputStream(() -> new ByteArrayInputStream(LONG.getBytes(StandardCharsets.UTF_8)))).build(),
            HttpResponse.BodyHandlers.ofString());
        assertThat(answer.statusCode()).as(answer.body()).isEqualTo(413);
        assertThat(answer.body()).contains(SENTENCE);
    }
}
