package org.dwimble.server.student;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.dwimble.core.student.Role;
import org.dwimble.core.student.Student;
import org.dwimble.server.Http;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Walks every endpoint the server describes, as nobody, as a stranger, as a viewer and as an editor. */
@ExtendWith(TestServer.class)
class AccessTest {

    /** Who an endpoint is for. A new endpoint is not in the table and fails the walk until somebody has decided. */
    private enum For {
        /** Also for who is not signed in. */
        ANYBODY,
        /** For anybody signed in; shows no student's data, and of work one's own alone. */
        SIGNED_IN,
        /** For the student's team. */
        TEAM,
        /** For those of the team who may change boards. */
        EDITORS,
        /** For owners of the team. */
        OWNERS,
        /** For whoever looks after Dwimble. */
        ADMINS
    }

    private static final Map<String, For> TABLE = new TreeMap<>(Map.ofEntries(
        Map.entry("GET /api/session", For.ANYBODY), Map.entry("POST /api/session", For.ANYBODY), Map.entry("DELETE /api/session", For.ANYBODY),
        Map.entry("POST /api/session/demo", For.ANYBODY), Map.entry("PUT /api/session/school-paper", For.ADMINS),
        Map.entry("POST /api/accounts/first", For.ANYBODY),
        Map.entry("POST /api/accounts", For.ADMINS),
        Map.entry("GET /api/students", For.SIGNED_IN), Map.entry("POST /api/students", For.SIGNED_IN), Map.entry("GET /api/screens", For.SIGNED_IN),
        Map.entry("GET /api/pictures", For.SIGNED_IN), Map.entry("GET /api/speech", For.SIGNED_IN), Map.entry("GET /api/notices", For.SIGNED_IN),
        Map.entry("GET /api/students/{student}", For.TEAM), Map.entry("PUT /api/students/{student}", For.EDITORS),
        Map.entry("GET /api/students/{student}/team", For.TEAM), Map.entry("PUT /api/students/{student}/team/{signIn}", For.OWNERS),
        Map.entry("DELETE /api/students/{student}/team/{signIn}", For.OWNERS),
        Map.entry("GET /api/students/{student}/starters", For.TEAM), Map.entry("GET /api/students/{student}/vocabularies", For.TEAM),
        Map.entry("POST /api/students/{student}/vocabularies", For.EDITORS),
        Map.entry("POST /api/students/{student}/packages", For.EDITORS),
        Map.entry("GET /api/vocabularies/{vocabulary}", For.TEAM), Map.entry("GET /api/vocabularies/{vocabulary}/boards", For.TEAM),
        Map.entry("POST /api/vocabularies/{vocabulary}/boards", For.EDITORS),
        Map.entry("GET /api/vocabularies/{vocabulary}/boards/{board}", For.TEAM), Map.entry("GET /api/vocabularies/{vocabulary}/versions", For.TEAM),
        Map.entry("GET /api/vocabularies/{vocabulary}/findings", For.TEAM), Map.entry("GET /api/vocabularies/{vocabulary}/steps", For.TEAM),
        Map.entry("DELETE /api/students/{student}", For.OWNERS), Map.entry("DELETE /api/vocabularies/{vocabulary}", For.EDITORS),
        Map.entry("POST /api/vocabularies/{vocabulary}/previews", For.EDITORS), Map.entry("GET /api/vocabularies/{vocabulary}/patterns", For.TEAM),
        Map.entry("POST /api/vocabularies/{vocabulary}/bringing", For.EDITORS), Map.entry("GET /api/vocabularies/{vocabulary}/origin", For.TEAM),
        Map.entry("GET /api/students/{student}/copying", For.EDITORS),
        Map.entry("GET /api/vocabularies/{vocabulary}/map", For.TEAM), Map.entry("GET /api/deleted", For.SIGNED_IN),
        Map.entry("POST /api/deleted/restored", For.SIGNED_IN),
        Map.entry("GET /api/vocabularies/{vocabulary}/places", For.TEAM),
        Map.entry("GET /api/vocabularies/{vocabulary}/versions/{number}/boards/{board}", For.TEAM),
        Map.entry("PUT /api/vocabularies/{vocabulary}/versions/{number}/name", For.EDITORS),
        Map.entry("GET /api/vocabularies/{vocabulary}/differing-words", For.TEAM),
        Map.entry("GET /api/vocabularies/{vocabulary}/boards/{board}/reach", For.TEAM),
        Map.entry("GET /api/vocabularies/{vocabulary}/comparison", For.TEAM),
        Map.entry("POST /api/vocabularies/{vocabulary}/putting-back", For.EDITORS),
        Map.entry("GET /api/fact-topics", For.SIGNED_IN), Map.entry("GET /api/where", For.SIGNED_IN), Map.entry("GET /api/students/{student}/facts",
            For.EDITORS),
        Map.entry("POST /api/students/{student}/facts", For.EDITORS), Map.entry("DELETE /api/students/{student}/facts/{fact}", For.EDITORS),
        Map.entry("GET /api/vocabularies/{vocabulary}/proposals", For.EDITORS), Map.entry("GET /api/vocabularies/{vocabulary}/proposed-plan",
            For.EDITORS),
        Map.entry("GET /api/vocabularies/{vocabulary}/fact-notes", For.TEAM),
        Map.entry("GET /api/glances", For.SIGNED_IN), Map.entry("GET /api/vocabularies/{vocabulary}/glance", For.TEAM),
        Map.entry("GET /api/vocabularies/{vocabulary}/folk", For.TEAM), Map.entry("GET /api/vocabularies/{vocabulary}/revealed", For.TEAM),
        Map.entry("GET /api/vocabularies/{vocabulary}/held", For.TEAM), Map.entry("GET /api/vocabularies/{vocabulary}/step-words", For.TEAM),
        Map.entry("GET /api/vocabularies/{vocabulary}/place-for-person", For.TEAM), Map.entry("GET /api/vocabularies/{vocabulary}/advice", For.TEAM),
        Map.entry("GET /api/vocabularies/{vocabulary}/events", For.TEAM), Map.entry("PUT /api/vocabularies/{vocabulary}/here", For.TEAM),
        Map.entry("DELETE /api/vocabularies/{vocabulary}/here", For.TEAM),
        Map.entry("POST /api/vocabularies/{vocabulary}/going-back", For.EDITORS),
        Map.entry("POST /api/vocabularies/{vocabulary}/edits", For.EDITORS), Map.entry("POST /api/vocabularies/{vocabulary}/words", For.EDITORS),
        Map.entry("POST /api/vocabularies/{vocabulary}/undo", For.EDITORS), Map.entry("POST /api/vocabularies/{vocabulary}/redo", For.EDITORS),
        Map.entry("GET /api/vocabularies/{vocabulary}/package.obz", For.TEAM),
        Map.entry("GET /api/vocabularies/{vocabulary}/boards/{board}/board.obf", For.TEAM),
        Map.entry("GET /api/vocabularies/{vocabulary}/boards/{board}/sheet", For.TEAM),
        Map.entry("GET /api/vocabularies/{vocabulary}/boards/{board}/sheet.pdf", For.TEAM),
        Map.entry("GET /api/vocabularies/{vocabulary}/pictures/{hash}", For.TEAM), Map.entry("GET /api/vocabularies/{vocabulary}/credits", For.TEAM),
        Map.entry("GET /api/students/{student}/pictures", For.TEAM),
        Map.entry("GET /art/{appearance}/{set}/{name}.svg", For.ANYBODY),
        Map.entry("GET /api/pictures/categories", For.SIGNED_IN), Map.entry("GET /api/pictures/by-sound", For.SIGNED_IN),
        Map.entry("GET /api/pictures/pairs", For.SIGNED_IN),
        Map.entry("GET /api/pictures/{set}/{name}", For.SIGNED_IN), Map.entry("GET /api/sounds", For.SIGNED_IN),
        Map.entry("GET /api/own-pictures", For.SIGNED_IN), Map.entry("POST /api/own-pictures", For.SIGNED_IN),
        Map.entry("GET /api/own-pictures/images/{hash}", For.SIGNED_IN),
        Map.entry("PUT /api/own-pictures/{id}", For.SIGNED_IN), Map.entry("DELETE /api/own-pictures/{id}", For.SIGNED_IN),
        Map.entry("POST /api/own-pictures/{id}/retouch", For.SIGNED_IN),
        Map.entry("GET /api/outside-pictures", For.SIGNED_IN), Map.entry("GET /api/outside-pictures/{id}", For.SIGNED_IN),
        Map.entry("POST /api/outside-pictures/{id}", For.SIGNED_IN),
        Map.entry("GET /api/lists", For.SIGNED_IN), Map.entry("POST /api/lists", For.SIGNED_IN),
        Map.entry("GET /api/holiday-countries", For.SIGNED_IN), Map.entry("GET /api/lists/examples", For.SIGNED_IN),
        Map.entry("GET /api/lists/{list}", For.TEAM), Map.entry("DELETE /api/lists/{list}", For.EDITORS),
        Map.entry("POST /api/lists/{list}/edits", For.EDITORS),
        Map.entry("POST /api/lists/{list}/words", For.EDITORS), Map.entry("POST /api/lists/{list}/language", For.EDITORS),
        Map.entry("POST /api/lists/{list}/class", For.EDITORS),
        Map.entry("POST /api/lists/{list}/undo", For.EDITORS), Map.entry("POST /api/lists/{list}/redo", For.EDITORS),
        Map.entry("GET /api/lists/{list}/versions", For.TEAM), Map.entry("POST /api/lists/{list}/versions/{number}/back", For.EDITORS),
        Map.entry("PUT /api/lists/{list}/shelf", For.EDITORS), Map.entry("DELETE /api/lists/{list}/shelf", For.EDITORS),
        Map.entry("GET /api/lists/{list}/pictures/{hash}", For.TEAM), Map.entry("GET /api/lists/{list}/sheets", For.TEAM),
        Map.entry("GET /api/lists/{list}/offers", For.TEAM), Map.entry("GET /api/lists/{list}/support.pdf", For.TEAM),
        Map.entry("GET /api/lists/{list}/sheet.png", For.TEAM), Map.entry("GET /api/lists/{list}/pages", For.TEAM),
        Map.entry("GET /api/lists/{list}/words.csv", For.TEAM),
        Map.entry("GET /api/lists/{list}/board.obf", For.TEAM), Map.entry("POST /api/lists/{list}/print", For.TEAM),
        Map.entry("GET /api/lists/{list}/credits", For.TEAM), Map.entry("GET /api/lists/{list}/events", For.TEAM),
        Map.entry("DELETE /api/lists/{list}/here", For.TEAM),
        Map.entry("PUT /api/lists/{list}/versions/{number}/name", For.EDITORS),
        Map.entry("POST /api/vocabularies/{vocabulary}/boards/{board}/print", For.TEAM),
        Map.entry("POST /api/vocabularies/{vocabulary}/carrying-away", For.TEAM),
        Map.entry("POST /api/students/{student}/bringing-in", For.EDITORS), Map.entry("GET /api/jobs", For.SIGNED_IN),
        Map.entry("GET /api/jobs/{job}", For.SIGNED_IN),
        Map.entry("DELETE /api/jobs/{job}", For.SIGNED_IN), Map.entry("GET /api/jobs/{job}/result", For.SIGNED_IN),
        Map.entry("POST /api/calendar-lines", For.SIGNED_IN),
        Map.entry("GET /api/health", For.ANYBODY), Map.entry("GET /api/care", For.ADMINS), Map.entry("POST /api/care/backups", For.ADMINS)));

    private final Account odile = TestServer.account("Odile");
    private final Account marit = TestServer.account("Marit");
    private final Account joris = TestServer.account("Joris");
    private final Account stranger = TestServer.account("Stranger");
    private final Student ilse = TestServer.student("Ilse", odile);
    private final long vocabulary = TestServer.copy("first-choices", ilse, odile);

    private final long list = Http.as(odile).post("/api/lists", "{\"text\":\"ferry\",\"student\":\"" + ilse.id() + "\"}").json().get("id").asLong();

    private final long shelved = Http.as(odile).post("/api/lists", "{\"text\":\"ferry\",\"student\":\"" + ilse.id() + "\"}").json().get("id").asLong();

    private Map<String, JsonNode> endpoints() {
        JsonNode paths = Http.as(odile).get("/v3/api-docs").json().get("paths");
        Map<String, JsonNode> endpoints = new LinkedHashMap<>();
        paths.properties().forEach(
            path -> path.getValue().properties().forEach(method -> endpoints.put(method.getKey().toUpperCase() + " " + path.getKey(), method.getValue())));
        return endpoints;
    }

    private Http.Answer call(Http http, String endpoint, JsonNode description) {
        String[] parts = endpoint.split(" ");
        String path = parts[1].replace("{student}", ilse.id()).replace("{vocabulary}", String.valueOf(vocabulary)).replace("{list}",
            String.valueOf(parts[1].endsWith("/shelf") ? shelved : list)).replace("{board}", "eat")
            .replace("{signIn}", joris.signIn()).replace("{hash}", "00").replace("{job}", "999999").replace("{id}", "999999")
            .replace("{appearance}", "colour.yellow.usual").replace("{set}", "base").replace("{name}", "kite").replace("{number}", "1").replace("{fact}", "1");
        String query = parts[1].endsWith("/pictures") ? "?query=kite" : parts[1].endsWith("/by-sound") ? "?how=RHYMES" : parts[1].endsWith("/pairs")
            ? "?one=K&other=G" : parts[1].endsWith("/speech") ? "?text=kite" : parts[1].endsWith("/here") ? "?connection=none"
            : parts[1].endsWith("/advice") ? "?board=eat&word=kite" : parts[1].endsWith("/places") ? "?text=kite"
            : parts[1].endsWith("/proposals") ? "?fact=1" : parts[1].endsWith("/proposed-plan") ? "?targets=4,0"
            : parts[1].endsWith("/fact-notes") || parts[1].endsWith("/where") ? "?word=kite"
            : parts[1].endsWith("/copying") ? "?vocabulary=" + vocabulary : "";
        if (description.path("requestBody").path("content").has("multipart/form-data")) {
            return http.upload(path, "x.obz", new byte[] {1});
        }
        if (path.endsWith("/events")) {
            try (Http.Events events = http.events(path)) {
                return new Http.Answer(events.status(), new byte[0], Map.of());
            }
        }
        return http.send(parts[0], path + query, parts[0].equals("GET") || parts[0].equals("DELETE") ? null : "{\"base\":1,\"version\":1}");
    }

    @Test
    void everyEndpointIsForWhomTheTableSays() {
        TestServer.join(ilse, marit, Role.EDITOR);
        TestServer.join(ilse, joris, Role.VIEWER);
        Map<String, JsonNode> endpoints = endpoints();
        assertThat(endpoints.keySet()).as("decide who each endpoint is for").containsExactlyInAnyOrderElementsOf(TABLE.keySet());
        Http nobody = Http.nobody();
        Http strangers = Http.as(stranger);
        Http viewers = Http.as(joris);
        Http editors = Http.as(marit);
        // What deletes the student or the boards comes last, or the others would find nothing.
        List<String> inTurn = endpoints.keySet().stream()
            .sorted(Comparator.comparing((String e) -> e.startsWith("PUT /api/lists/{list}/shelf")
                || e.matches("DELETE /api/(vocabularies|students|lists)/\\{[a-z]+}")))
            .toList();
        inTurn.forEach(endpoint -> {
            JsonNode description = endpoints.get(endpoint);
            For who = TABLE.get(endpoint);
            int asNobody = call(nobody, endpoint, description).status();
            if (who == For.ANYBODY) {
                assertThat(asNobody).as(endpoint + " as nobody").isNotIn(401, 403, 500);
                return;
            }
            assertThat(asNobody).as(endpoint + " as nobody").isEqualTo(401);
            int asStranger = call(strangers, endpoint, description).status();
            int asViewer = call(viewers, endpoint, description).status();
            int asEditor = call(editors, endpoint, description).status();
            if (who == For.ADMINS) {
                assertThat(asStranger).as(endpoint).isEqualTo(403);
                assertThat(asEditor).as(endpoint).isEqualTo(403);
                return;
            }
            if (who != For.SIGNED_IN) {
                assertThat(asStranger).as(endpoint + " as a stranger looks as if it were not there").isEqualTo(404);
            }
            boolean viewerMay = who == For.TEAM || who == For.SIGNED_IN;
            boolean editorMay = viewerMay || who == For.EDITORS;
            assertThat(asViewer == 403).as(endpoint + " as a viewer: " + asViewer).isEqualTo(!viewerMay);
            assertThat(asEditor == 403).as(endpoint + " as an editor: " + asEditor).isEqualTo(!editorMay);
            assertThat(asEditor).as(endpoint).isNotIn(401, 500);
            assertThat(asViewer).as(endpoint).isNotIn(401, 500);
        });
    }

    @Test
    void aStarterIsThereForEveryoneAndChangedByNobody() {
        long starter = TestServer.bean(org.dwimble.server.board.VocabularyStore.class).starters().get(0).id();
        Http http = Http.as(stranger);
        assertThat(http.get("/api/vocabularies/" + starter).status()).isEqualTo(200);
        for (String change : new String[] {"edits", "words", "undo", "redo", "boards"}) {
            Http.Answer refused = http.post("/api/vocabularies/" + starter + "/" + change,
                "{\"base\":1,\"edit\":{\"type\":\"delete-board\",\"board\":\"eat\"},\"name\":\"x\"}");
            assertThat(refused.status()).as(change).isEqualTo(403);
            assertThat(refused.sentence()).isEqualTo("A starter cannot be changed. Copy it for a student first, then change the copy.");
        }
    }

    @Test
    void theCaseloadShowsOnlyStudentsOfOnesOwnTeams() {
        assertThat(Http.as(stranger).get("/api/students").json().size()).isZero();
        JsonNode mine = Http.as(odile).get("/api/students").json();
        assertThat(mine.size()).isEqualTo(1);
        assertThat(mine.get(0).get("vocabulary").get("words").asInt()).isEqualTo(21);
        assertThat(mine.get(0).get("vocabulary").get("changedBy").asString()).isEqualTo("Odile");
    }

    @Test
    void aChangeWithoutTheTokenOfThePageIsRefused() {
        Http http = new Http(TestServer.port());
        Http.Answer refused = http.post("/api/session", "{\"signIn\":\"x\",\"password\":\"y\"}");
        assertThat(refused.status()).isEqualTo(403);
        assertThat(refused.sentence()).contains("Nothing was changed");
    }

    @Test
    void pagesMayLoadNothingFromElsewhereAndNoInlineScript() {
        Http.Answer page = Http.nobody().get("/");
        assertThat(page.status()).isEqualTo(200);
        assertThat(page.header("Content-Security-Policy")).contains("script-src 'self';").contains("default-src 'none'").contains("frame-ancestors 'none'");
        assertThat(page.header("X-Content-Type-Options")).isEqualTo("nosniff");
        assertThat(new String(page.body())).doesNotContain("<script>");
    }

    @Test
    void aTeamNeverLosesItsLastOwner() {
        Http http = Http.as(odile);
        assertThat(http.send("DELETE", "/api/students/" + ilse.id() + "/team/" + odile.signIn(), (String) null).sentence()).contains("needs an owner");
        assertThat(http.send("PUT", "/api/students/" + ilse.id() + "/team/" + odile.signIn(), "{\"role\":\"VIEWER\"}").status()).isEqualTo(422);
        assertThat(http.send("PUT", "/api/students/" + ilse.id() + "/team/" + marit.signIn(), "{\"role\":\"OWNER\"}").json().size()).isEqualTo(2);
        assertThat(http.send("DELETE", "/api/students/" + ilse.id() + "/team/" + odile.signIn(), (String) null).status()).isEqualTo(200);
        assertThat(http.get("/api/students/" + ilse.id()).status()).isEqualTo(404);
    }
}
