package org.dwimble.server.outside;

import com.sun.net.httpserver.HttpExchange;
import com.sun.net.httpserver.HttpServer;
import java.io.IOException;
import java.io.InputStream;
import java.net.InetAddress;
import java.net.InetSocketAddress;
import java.net.URLDecoder;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.Executors;
import org.dwimble.core.picture.PictureLibrary;
import tools.jackson.databind.json.JsonMapper;

/**
 * Plays an outside picture service beside the demo and in tests, on loopback only, with a few dozen openly
 * licensed pictures. {@code PUT /trouble?slow=MILLISECONDS&how=none|error|nonsense|hang-up} makes it slow or
 * broken until told otherwise.
 */
public final class SimulatedService implements AutoCloseable {
    private static final String LICENCE = "Apache-2.0";
    private static final String AUTHOR = "Mozilla, FxEmoji";

    private record One(String id, String title, List<String> words, boolean grownUp) {
        boolean fits(String query) {
            return title.toLowerCase(Locale.ROOT).contains(query) || words.stream().anyMatch(w -> w.startsWith(query));
        }
    }

    private final List<One> pictures = PictureLibrary.rows(SimulatedService::file, "outside.tsv", 4).stream()
        .map(c -> new One(c[0], c[1], PictureLibrary.list(c[2]), !c[3].isEmpty())).toList();
    private final HttpServer server;
    private volatile int slow;
    private volatile String how = "none";

    /** @param port 0 for any that is free */
    public SimulatedService(int port) throws IOException {
        server = HttpServer.create(new InetSocketAddress(InetAddress.getLoopbackAddress(), port), 0);
        server.setExecutor(Executors.newFixedThreadPool(4, work -> {
            Thread thread = new Thread(work, "outside");
            thread.setDaemon(true);
            return thread;
        }));
        server.createContext("/pictures", this::answer);
        server.createContext("/trouble", this::trouble);
        server.start();
    }

    private static InputStream file(String name) {
        return SimulatedService.class.getResourceAsStream("/library/" + name);
    }

    public String address() {
        return "http://" + server.getAddress().getAddress().getHostAddress() + ":" + server.getAddress().getPort();
    }

    private void trouble(HttpExchange exchange) throws IOException {
        Map<String, String> asked = query(exchange);
        slow = Integer.parseInt(asked.getOrDefault("slow", "0"));
        how = asked.getOrDefault("how", "none");
        send(exchange, 200, "text/plain", ("slow=" + slow + " how=" + how + "\n").getBytes(StandardCharsets.UTF_8));
    }

    private void answer(HttpExchange exchange) throws IOException {
        try {
            Thread.sleep(slow);
        } catch (InterruptedException e) {
            Thread.currentThread().interrupt();
        }
        switch (how) {
            case "error" -> send(exchange, 503, "text/plain", "out of order".getBytes(StandardCharsets.UTF_8));
            case "nonsense" -> send(exchange, 200, "text/html", "<html>Please sign in to this network".getBytes(StandardCharsets.UTF_8));
            case "hang-up" -> exchange.close();
            default -> usual(exchange);
        }
    }

    private void usual(HttpExchange exchange) throws IOException {
        String path = exchange.getRequestURI().getPath();
        if (path.equals("/pictures")) {
            Map<String, String> asked = query(exchange);
            String word = asked.getOrDefault("query", "").toLowerCase(Locale.ROOT).trim();
            boolean school = Boolean.parseBoolean(asked.getOrDefault("school", "false"));
            List<Map<String, String>> found = new ArrayList<>();
            pictures.stream().filter(p -> !word.isEmpty() && p.fits(word) && !(school && p.grownUp))
                .forEach(p -> found.add(Map.of("id", p.id, "title", p.title, "licence", LICENCE, "author", AUTHOR)));
            send(exchange, 200, "application/json", JsonMapper.shared().writeValueAsBytes(found));
            return;
        }
        String id = path.substring("/pictures/".length());
        try (InputStream svg = pictures.stream().anyMatch(p -> p.id.equals(id))
            ? SimulatedService.class.getResourceAsStream("/art/outside/" + id + ".svg") : null) {
            if (svg == null) {
                send(exchange, 404, "text/plain", "no such picture".getBytes(StandardCharsets.UTF_8));
            } else {
                send(exchange, 200, "image/svg+xml", svg.readAllBytes());
            }
        }
    }

    private static Map<String, String> query(HttpExchange exchange) {
        Map<String, String> parts = new HashMap<>();
        String query = exchange.getRequestURI().getRawQuery();
        for (String part : query == null ? new String[0] : query.split("&")) {
            int equals = part.indexOf('=');
            parts.put(equals < 0 ? part : part.substring(0, equals), equals < 0 ? "" : URLDecoder.decode(part.substring(equals + 1), StandardCharsets.UTF_8));
        }
        return parts;
    }

    private static void send(HttpExchange exchange, int status, String type, byte[] body) throws IOException {
        exchange.getResponseHeaders().set("Content-Type", type);
        exchange.sendResponseHeaders(status, body.length == 0 ? -1 : body.length);
        exchange.getResponseBody().write(body);
        exchange.close();
    }

    @Override
    public void close() {
        server.stop(0);
    }
}
