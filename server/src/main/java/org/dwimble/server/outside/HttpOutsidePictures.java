package org.dwimble.server.outside;

import java.io.IOException;
import java.io.InputStream;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.net.http.HttpTimeoutException;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

/**
 * Asks a service over HTTP: {@code GET /pictures?query=&school=true} answers a list of {@code id}, {@code title},
 * {@code licence} and {@code author}; {@code GET /pictures/ID} the picture. Only what the school's words leave is shown.
 */
@Component
class HttpOutsidePictures implements OutsidePictures {
    private static final Duration PATIENCE = Duration.ofSeconds(8);
    private static final int MOST = 40;
    private static final int MOST_BYTES = 20 << 20;

    private final HttpClient client = HttpClient.newBuilder().connectTimeout(Duration.ofSeconds(3)).followRedirects(HttpClient.Redirect.NEVER).build();
    private final String address;
    private final String name;

    /** @param address without a slash at its end; empty if the school has no such service */
    HttpOutsidePictures(@Value("${dwimble.outside.address:}") String address, @Value("${dwimble.outside.name:the picture service}") String name) {
        this.address = address;
        this.name = name;
    }

    @Override
    public String name() {
        return name;
    }

    @Override
    public boolean there() {
        return !address.isEmpty();
    }

    @Override
    public List<Offered> search(String query) throws Trouble {
        byte[] answer = get("/pictures?school=true&query=" + URLEncoder.encode(query, StandardCharsets.UTF_8));
        try {
            List<Offered> offered = new ArrayList<>();
            for (JsonNode one : JsonMapper.shared().readTree(answer)) {
                String id = one.path("id").asString("");
                if (id.matches("[A-Za-z0-9_-]{1,80}") && offered.size() < MOST) {
                    offered.add(new Offered(id, one.path("title").asString(""), one.path("licence").asString(""), one.path("author").asString("")));
                }
            }
            return offered;
        } catch (JacksonException e) {
            throw broken();
        }
    }

    @Override
    public byte[] fetch(String id) throws Trouble {
        return get("/pictures/" + URLEncoder.encode(id, StandardCharsets.UTF_8));
    }

    private static final int HTTP_NOT_FOUND = 404;

    private byte[] get(String path) throws Trouble {
        HttpRequest request = HttpRequest.newBuilder(URI.create(address + path)).timeout(PATIENCE).GET().build();
        try {
            HttpResponse<InputStream> response = client.send(request, HttpResponse.BodyHandlers.ofInputStream());
            try (InputStream body = response.body()) {
                byte[] bytes = body.readNBytes(MOST_BYTES + 1);
                if (response.statusCode() == HTTP_NOT_FOUND) {
                    throw new Trouble(Trouble.GONE, name);
                }
                if (response.statusCode() != 200 || bytes.length > MOST_BYTES) {
                    throw broken();
                }
                return bytes;
            }
        } catch (HttpTimeoutException e) {
            throw new Trouble("outside-slow", name);
        } catch (IOException e) {
            throw new Trouble("outside-away", name);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
            throw broken();
        }
    }

    private Trouble broken() {
        return new Trouble("outside-broken", name);
    }
}
