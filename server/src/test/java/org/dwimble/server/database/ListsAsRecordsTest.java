package org.dwimble.server.database;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.Statement;
import java.util.Map;
import java.util.Set;
import java.util.zip.GZIPInputStream;
import org.dwimble.core.document.Json;
import org.dwimble.core.grant.Role;
import org.dwimble.core.picture.Shows;
import org.dwimble.server.Http;
import org.dwimble.server.TestServer;
import org.dwimble.server.collection.SaidOfMedia;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.springframework.boot.web.server.servlet.context.ServletWebServerApplicationContext;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

/**
 * A school that has worked with the release in which word lists were kept as the records they then were, in tables of their own, brings its
 * database along: 21 lists of all nineteen supports, ten vocabularies, changes taken back and made again. What that release told of all of
 * them over HTTP is kept beside it.
 */
class ListsAsRecordsTest {
    private static final Set<String> STARTERS = Set.of("1", "2");
    private static final int BUS = 6;
    private static final String NOUR = "own/e4f6bd447626fdc3abd1ed8da8580285139f7325ce0f448af84280ee42dd28d7";
    @TempDir
    Path home;

    private static InputStream kept(String file) throws IOException {
        return new GZIPInputStream(ListsAsRecordsTest.class.getResourceAsStream(file));
    }

    private static Http signedIn(ServletWebServerApplicationContext app, String who) throws Exception {
        Http http = new Http(app.getWebServer().getPort());
        http.get("/api/session");
        assertThat(http.post("/api/session", "{\"signIn\":\"" + who + "\",\"password\":\"low tide at nine\"}").status()).isEqualTo(200);
        return http;
    }

    /** What somebody may do with a list was told as one yes or no. */
    private static JsonNode asToldNow(JsonNode view) {
        ObjectNode now = (ObjectNode) view.deepCopy();
        boolean mayEdit = now.remove("mayEdit").asBoolean();
        if (now.get("second") instanceof ObjectNode second) {
            second.put("language", Map.of("Arabic", "ar").get(second.get("language").asString()));
        }
        return now.set("may", Json.mapper().valueToTree((mayEdit ? Role.OWNER : Role.VIEWER).acts()));
    }

    /** Steps of then showed words, and did nothing besides. */
    private static JsonNode movingNothing(JsonNode plan) {
        JsonNode told = plan.deepCopy();
        told.path("steps").forEach(step -> ((ObjectNode) step).put("moves", 0).put("lays", 0));
        return told;
    }

    @Test
    void everyListAndVocabularyIsAsItWasWithItsWholeLineOfVersions() throws Exception {
        try (InputStream in = kept("lists-as-records.db.gz")) {
            Files.copy(in, home.resolve("dwimble.db"));
        }
        try (Connection database = DriverManager.getConnection("jdbc:sqlite:" + home.resolve("dwimble.db")); Statement statement = database.createStatement()) {
            // One that was taken out of the collection there, and stands on a list still.
            statement.execute("UPDATE own_picture SET retired_at = '2026-09-01T08:00:00Z' WHERE id = 6");
        }
        JsonNode was;
        try (InputStream in = kept("lists-as-records.json.gz")) {
            was = Json.mapper().readTree(in);
        }
        try (ServletWebServerApplicationContext app = TestServer.start(home)) {
            Http odile = signedIn(app, "odile");
            JsonNode lines = odile.get("/api/lists").json();
            assertThat(was.path("lists")).hasSize(16);
            for (Map.Entry<String, JsonNode> list : was.path("lists").properties()) {
                String at = "/api/lists/" + list.getKey();
                ObjectNode view = (ObjectNode) odile.get(at).json();
                assertThat(view.remove("showing").has("as")).as("on no row, as nothing was then").isFalse();
                assertThat((JsonNode) view).as(at).isEqualTo(asToldNow(list.getValue().path("view")));
                assertThat(odile.get(at + "/versions").json()).as(at).isEqualTo(list.getValue().path("versions"));
                assertThat(lines).as(at).contains(list.getValue().path("line"));
            }
            for (Map.Entry<String, JsonNode> vocabulary : was.path("vocabularies").properties()) {
                String at = "/api/vocabularies/" + vocabulary.getKey();
                JsonNode now = odile.get(at).json();
                for (String part : new String[] {"name", "counts"}) {
                    assertThat(now.path(part)).as(at).isEqualTo(vocabulary.getValue().path(part));
                }
                assertThat(now.path("plan")).as(at).isEqualTo(movingNothing(vocabulary.getValue().path("plan")));
                // A starter gets another version where another one ships.
                if (!STARTERS.contains(vocabulary.getKey())) {
                    assertThat(now.path("version")).as(at).isEqualTo(vocabulary.getValue().path("version"));
                    assertThat(odile.get(at + "/steps").json()).as(at).isEqualTo(vocabulary.getValue().path("steps"));
                    assertThat(odile.get(at + "/versions").json()).as(at).isEqualTo(vocabulary.getValue().path("versions"));
                }
            }
            assertThat(odile.get("/api/own-pictures").json())
                .extracting(p -> p.path("about").path("words").get(0).asString() + " " + p.path("about").path("shows")
                    .asString())
                .containsExactly("Tomasz OTHERS", "Biscuit NOBODY", "school gate NOBODY", "the ferry Curlew NOBODY", "our lighthouse NOBODY");
            SaidOfMedia said = app.getBean(SaidOfMedia.class);
            assertThat(said.shows(NOUR, "nour")).as("taken out of the collection, and somebody still").isEqualTo(Shows.OTHERS);
            Http marit = signedIn(app, "marit");
            JsonNode bus = marit.get("/api/lists/" + BUS).json();
            assertThat(marit.post("/api/lists/" + BUS + "/redo", "{}").json().path("words").get(0).path("text").asString()).isEqualTo("sit still");
            assertThat(marit.post("/api/lists/" + BUS + "/undo", "{}").json().path("words")).isEqualTo(bus.path("words"));
            assertThat(marit.post("/api/vocabularies/3/redo", "{}").status()).isEqualTo(200);
        }
    }
}
