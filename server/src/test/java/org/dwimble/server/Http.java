package org.dwimble.server;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.UncheckedIOException;
import java.net.CookieManager;
import java.net.HttpCookie;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import org.dwimble.server.account.Account;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/** A browser without a window: keeps cookies and sends the CSRF token, as the client does. */
public final class Http {
    public record Answer(int status, byte[] body, Map<String, java.util.List<String>> headers) {
        public JsonNode json() {
            return JsonMapper.shared().readTree(body);
        }

        /** The sentence of a problem detail. */
        public String sentence() {
            return json().path("detail").asString("");
        }

        public String header(String name) {
            return headers.entrySet().stream().filter(e -> e.getKey().equalsIgnoreCase(name)).map(e -> e.getValue().get(0)).findFirst().orElse("");
        }
    }

    /** One for all: each has connections of its own, which it keeps, and one address may have so many at once. */
    private static final HttpClient CLIENT = HttpClient.newHttpClient();
    private final CookieManager cookies = new CookieManager();
    private final String address;

    public Http(int port) {
        this.address = "http://localhost:" + port;
    }

    public static Http nobody() {
        Http http = new Http(TestServer.port());
        http.get("/api/session");
        return http;
    }

    public static Http as(Account account) {
        return as(account, TestServer.port());
    }

    public static Http as(Account account, int port) {
        Http http = new Http(port);
        http.get("/api/session");
        Answer answer = http.post("/api/session", "{\"signIn\":\"" + account.signIn() + "\",\"password\":\"" + TestServer.PASSWORD + "\"}");
        if (answer.status() != 200) {
            throw new IllegalStateException(answer.sentence());
        }
        http.get("/api/session");
        return http;
    }

    /** What a cookie holds; empty if there is none. */
    public String cookie(String name) {
        return cookies.getCookieStore().getCookies().stream().filter(c -> c.getName().equals(name)).map(HttpCookie::getValue).findFirst().orElse("");
    }

    public Answer get(String path) {
        return send("GET", path, "application/json", HttpRequest.BodyPublishers.noBody());
    }

    /** Server-sent events as they come; closed when done with. */
    public Events events(String path) {
        try {
            HttpResponse<InputStream> response = CLIENT.send(to(path).header("Accept", "text/event-stream").build(), HttpResponse.BodyHandlers.ofInputStream());
            keepCookies(response);
            return new Events(response.statusCode(), new BufferedReader(new InputStreamReader(response.body(), StandardCharsets.UTF_8)));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    public record Events(int status, BufferedReader lines) implements AutoCloseable {
        /** The data of the next event of a name; others are passed over. Ends with the test run's own patience if none comes. */
        public JsonNode next(String name) {
            try {
                boolean its = false;
                for (String line = lines.readLine(); line != null; line = lines.readLine()) {
                    if (line.startsWith("event:")) {
                        its = line.substring(6).strip().equals(name);
                    } else if (its && line.startsWith("data:")) {
                        return JsonMapper.shared().readTree(line.substring(5));
                    }
                }
                throw new IllegalStateException("the connection ended without " + name);
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }

        @Override
        public void close() {
            try {
                lines.close();
            } catch (IOException e) {
                throw new UncheckedIOException(e);
            }
        }
    }

    public Answer post(String path, String json) {
        return send("POST", path, "application/json", HttpRequest.BodyPublishers.ofString(json));
    }

    public Answer send(String method, String path, String json) {
        return send(method, path, "application/json", json == null ? HttpRequest.BodyPublishers.noBody() : HttpRequest.BodyPublishers.ofString(json));
    }

    /** What is known of a student, changed from what it is now. */
    public Answer changeStudent(String id, String json) {
        return send("PUT", "/api/students/" + id, "{\"student\":" + json + ",\"was\":" + get("/api/students/" + id).json() + "}");
    }

    /** A piece of work once it is over, however it ended. */
    public JsonNode done(JsonNode job) {
        JsonNode now = job;
        while (now.get("state").asString().equals("RUNNING")) {
            Thread.onSpinWait();
            now = get("/api/jobs/" + job.get("id").asLong()).json();
        }
        return now;
    }

    public Answer upload(String path, String name, byte[] bytes) {
        String boundary = "----dwimble";
        byte[] head = ("--" + boundary + "\r\nContent-Disposition: form-data; name=\"file\"; filename=\"" + name
            + "\"\r\nContent-Type: application/octet-stream\r\n\r\n").getBytes(StandardCharsets.UTF_8);
        byte[] foot = ("\r\n--" + boundary + "--\r\n").getBytes(StandardCharsets.UTF_8);
        return send("POST", path, "multipart/form-data; boundary=" + boundary, HttpRequest.BodyPublishers.ofByteArrays(java.util.List.of(head, bytes, foot)));
    }

    private Answer send(String method, String path, String type, HttpRequest.BodyPublisher body) {
        try {
            HttpRequest request = to(path).method(method, body).header("Content-Type", type).header("X-XSRF-TOKEN", token()).build();
            HttpResponse<byte[]> response = CLIENT.send(request, HttpResponse.BodyHandlers.ofByteArray());
            keepCookies(response);
            return new Answer(response.statusCode(), response.body(), response.headers().map());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(e);
        }
    }

    private HttpRequest.Builder to(String path) throws IOException {
        URI uri = URI.create(address + path);
        HttpRequest.Builder request = HttpRequest.newBuilder(uri);
        cookies.get(uri, Map.of()).forEach((name, values) -> {
            if (!values.isEmpty()) {
                request.header(name, String.join("; ", values));
            }
        });
        return request;
    }

    private void keepCookies(HttpResponse<?> response) throws IOException {
        cookies.put(response.uri(), response.headers().map());
    }

    private String token() {
        return cookies.getCookieStore().getCookies().stream().filter(c -> c.getName().equals("XSRF-TOKEN")).map(HttpCookie::getValue).findFirst()
            .orElse("none");
    }

    /** So that an expired session can be played. */
    public void forgetSession() {
        cookies.getCookieStore().getCookies().stream().filter(c -> c.getName().equals("dwimble")).toList()
            .forEach(c -> cookies.getCookieStore().remove(URI.create(address), c));
    }
}
