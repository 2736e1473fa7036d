package org.dwimble.server.problem;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import org.dwimble.core.student.Student;
import org.dwimble.server.Http;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * Every field of every request the server describes, with null, left out, of another type, huge and empty: each is done, or answered with 4xx
 * and a sentence.
 */
@ExtendWith(TestServer.class)
class RequestShapesTest {
    private static final JsonMapper JSON = JsonMapper.shared();
    private static final int DEEPEST = 5;
    private static final List<String> INSTEAD = List.of("null", "\"crab\"", "\"\"", "12345678901234567890", "-1", "true", "{}", "[]", "[null]", "[\"crab\"]",
        "\" \"", "\"\\u0001\"", "-999999999", "\"-999999999-01-01\"", "\"" + "é".repeat(9_000) + "\"");

    private final Account odile = TestServer.account("Odile");
    private final Student ilse = TestServer.student("Ilse", odile);
    private final long vocabulary = TestServer.copy("first-choices", ilse, odile);
    private final Http http = Http.as(odile);
    private final long list = http.post("/api/lists", "{\"text\":\"ferry, seal\",\"student\":\"" + ilse.id() + "\"}").json().get("id").asLong();
    private final JsonNode described = http.get("/v3/api-docs").json();

    private JsonNode resolved(JsonNode schema) {
        JsonNode at = schema;
        while (at.has("$ref")) {
            at = described.at(at.get("$ref").asString().substring(1));
        }
        return at;
    }

    /** A request as it should be, in each of the kinds there are of it. */
    private List<JsonNode> samples(JsonNode given, int depth) {
        JsonNode schema = resolved(given);
        if (schema.has("oneOf")) {
            List<JsonNode> all = new ArrayList<>();
            JsonNode mapping = schema.path("discriminator").path("mapping");
            mapping.properties().forEach(kind -> {
                ObjectNode sample = object(described.at(kind.getValue().asString().substring(1)), depth);
                sample.put(schema.path("discriminator").path("propertyName").asString("type"), kind.getKey());
                all.add(sample);
            });
            if (all.isEmpty()) {
                schema.get("oneOf").forEach(one -> all.addAll(samples(one, depth)));
            }
            return all;
        }
        if (schema.has("enum")) {
            return List.of(schema.get("enum").get(0));
        }
        return List.of(switch (schema.path("type").asString("object")) {
            case "string" -> JSON.getNodeFactory().stringNode("home");
            case "integer", "number" -> JSON.getNodeFactory().numberNode(1);
            case "boolean" -> JSON.getNodeFactory().booleanNode(true);
            case "array" -> {
                ArrayNode array = JSON.createArrayNode();
                if (depth < DEEPEST) {
                    array.add(samples(schema.path("items"), depth + 1).get(0));
                }
                yield array;
            }
            default -> object(schema, depth);
        });
    }

    private ObjectNode object(JsonNode given, int depth) {
        ObjectNode object = JSON.createObjectNode();
        JsonNode schema = resolved(given);
        List<JsonNode> parts = new ArrayList<>(List.of(schema));
        schema.path("allOf").forEach(part -> parts.add(resolved(part)));
        for (JsonNode part : parts) {
            if (depth < DEEPEST) {
                part.path("properties").properties().forEach(p -> object.set(p.getKey(), samples(p.getValue(), depth + 1).get(0)));
            }
        }
        return object;
    }

    /** Bodies for one endpoint: of a request with one of several kinds of thing in it, one for each. */
    private List<ObjectNode> bodies(JsonNode given) {
        JsonNode schema = resolved(given);
        List<ObjectNode> bodies = new ArrayList<>();
        JsonNode plain = samples(schema, 0).get(0);
        if (!(plain instanceof ObjectNode object)) {
            return bodies;
        }
        bodies.add(object);
        schema.path("properties").properties().forEach(p -> {
            List<JsonNode> kinds = samples(p.getValue(), 1);
            for (int i = 1; i < kinds.size(); i++) {
                ObjectNode other = object.deepCopy();
                other.set(p.getKey(), kinds.get(i));
                bodies.add(other);
            }
        });
        return bodies;
    }

    /** Places of all values in a body, as JSON pointers. */
    private static void places(JsonNode at, String path, List<String> into) {
        if (at.isObject()) {
            at.properties().forEach(p -> {
                into.add(path + "/" + p.getKey());
                places(p.getValue(), path + "/" + p.getKey(), into);
            });
        } else if (at.isArray()) {
            for (int i = 0; i < at.size(); i++) {
                into.add(path + "/" + i);
                places(at.get(i), path + "/" + i, into);
            }
        }
    }

    private static String with(ObjectNode body, String place, String instead) {
        ObjectNode copy = body.deepCopy();
        JsonNode parent = copy.at(place.substring(0, place.lastIndexOf('/')));
        String last = place.substring(place.lastIndexOf('/') + 1);
        if (parent instanceof ObjectNode object) {
            if (instead == null) {
                object.remove(last);
            } else {
                object.set(last, JSON.readTree(instead));
            }
        } else if (parent instanceof ArrayNode array && instead != null) {
            array.set(Integer.parseInt(last), JSON.readTree(instead));
        }
        return copy.toString();
    }

    @Test
    void whateverIsSentIsDoneOrAnsweredInASentence() {
        Map<String, String> bad = new LinkedHashMap<>();
        int[] sent = {0};
        described.get("paths").properties().forEach(path -> path.getValue().properties().forEach(method -> {
            JsonNode schema = method.getValue().path("requestBody").path("content").path("application/json").path("schema");
            String verb = method.getKey().toUpperCase(java.util.Locale.ROOT);
            if (schema.isMissingNode() || path.getKey().equals("/api/session") || path.getKey().equals("/api/accounts/first")) {
                return;
            }
            String at = path.getKey().replace("{student}", ilse.id()).replace("{vocabulary}", String.valueOf(vocabulary))
                .replace("{list}", String.valueOf(list))
                .replace("{board}", "eat").replace("{signIn}", "nobody").replace("{hash}", "00").replace("{number}", "1").replace("{fact}", "1")
                .replace("{id}", "999999").replace("{job}", "999999").replace("{from}", String.valueOf(vocabulary));
            for (ObjectNode body : bodies(schema)) {
                List<String> places = new ArrayList<>();
                places(body, "", places);
                for (String place : places) {
                    List<String> changes = new ArrayList<>(INSTEAD);
                    changes.add(null);
                    for (String change : changes) {
                        Http.Answer answer = http.send(verb, at, with(body, place, change));
                        sent[0]++;
                        boolean sentence = answer.status() < 400 || answer.header("Content-Type").contains("problem+json") && !answer.sentence().isBlank();
                        // What a list took, it can be opened and printed with from then on, whatever it was.
                        if (at.startsWith("/api/lists/" + list) && answer.status() < 300) {
                            int opened = Math.max(http.get("/api/lists/" + list).status(), http.get("/api/lists/" + list + "/sheets").status());
                            if (opened >= 500) {
                                bad.putIfAbsent(verb + " " + path.getKey() + " " + place + ", looked at afterwards", opened + " for " + change);
                            }
                        }
                        if (answer.status() >= 500 || !sentence) {
                            String kind = body.path("edit").path("type").asString(body.path("type").asString(""));
                            bad.putIfAbsent(verb + " " + path.getKey() + " " + kind + " " + place, answer.status() + " for "
                                + (change == null ? "nothing" : change.length() > 40 ? "much" : change));
                        }
                    }
                }
            }
        }));
        assertThat(sent[0]).as("requests").isGreaterThan(2_000);
        assertThat(new TreeSet<>(bad.entrySet().stream().map(e -> e.getKey() + ": " + e.getValue()).toList())).isEmpty();
    }

    /** Every value a GET is asked with, likewise. */
    @Test
    void whateverIsAskedIsAnsweredOrRefusedInASentence() {
        Map<String, String> bad = new LinkedHashMap<>();
        int[] sent = {0};
        described.get("paths").properties().forEach(path -> {
            JsonNode parameters = path.getValue().path("get").path("parameters");
            String at = path.getKey().replace("{student}", ilse.id()).replace("{vocabulary}", String.valueOf(vocabulary))
                .replace("{list}", String.valueOf(list))
                .replace("{board}", "eat").replace("{hash}", "00").replace("{number}", "1").replace("{id}", "999999").replace("{job}", "999999")
                .replace("{from}", String.valueOf(vocabulary))
                .replace("{appearance}", "colour.yellow.usual").replace("{set}", "base").replace("{name}", "kite");
            if (at.endsWith("/events")) {
                return;
            }
            for (JsonNode parameter : parameters) {
                if (!parameter.get("in").asString().equals("query")) {
                    continue;
                }
                for (String value : List.of("", "%20", "%01", ",,", "-1", "crab", "12345678901234567890", "2147483647", "%F0%9F%A6%80", "null",
                    "x".repeat(3_000))) {
                    StringBuilder query = new StringBuilder("?");
                    parameters.forEach(other -> {
                        if (other.get("in").asString().equals("query") && other.path("required").asBoolean(false) && other != parameter) {
                            query.append(other.get("name").asString()).append("=1&");
                        }
                    });
                    Http.Answer answer = http.get(at + query + parameter.get("name").asString() + "=" + value);
                    sent[0]++;
                    boolean sentence = answer.status() < 400 || answer.header("Content-Type").contains("problem+json") && !answer.sentence().isBlank();
                    if (answer.status() >= 500 || !sentence) {
                        bad.putIfAbsent(path.getKey() + " " + parameter.get("name").asString(),
                            answer.status() + " for " + value.substring(0, Math.min(40, value.length())));
                    }
                }
            }
        });
        assertThat(sent[0]).isGreaterThan(300);
        assertThat(new TreeSet<>(bad.entrySet().stream().map(e -> e.getKey() + ": " + e.getValue()).toList())).isEmpty();
    }
}
