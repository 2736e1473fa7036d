package org.dwimble.server.grant;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.UncheckedIOException;
import java.lang.reflect.Method;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.TreeMap;
import org.dwimble.core.grant.Act;
import org.dwimble.core.grant.Role;
import org.dwimble.core.student.Student;
import org.dwimble.server.Http;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.dwimble.server.account.AccountStore;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;
import tools.jackson.databind.JsonNode;

/** Walks every endpoint the server describes, as nobody, as a stranger, as who looks after the accounts, and as everything one can be on a team. */
@ExtendWith(TestServer.class)
class EveryEndpointTest {

    /** Whom each endpoint is for, by its method and path, as is written at it. */
    private static Map<String, Method> decided() {
        Map<String, Method> decided = new TreeMap<>();
        TestServer.context().getBean("requestMappingHandlerMapping", RequestMappingHandlerMapping.class).getHandlerMethods().forEach((mapping, handler) -> {
            if (handler.getBeanType().getPackageName().startsWith("org.dwimble.")) {
                mapping.getPatternValues().forEach(path -> mapping.getMethodsCondition().getMethods().forEach(method -> decided.put(method + " " + path, handler
                    .getMethod())));
            }
        });
        return decided;
    }

    private final Account odile = TestServer.account("Odile");
    private final Account marit = TestServer.account("Marit");
    private final Account joris = TestServer.account("Joris");
    private final Account spare = TestServer.account("Spare");
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
        String path = parts[1].replace("{student}", ilse.id()).replace("{other}", ilse.id()).replace("{vocabulary}", String.valueOf(vocabulary))
            .replace("{list}",
                String.valueOf(parts[1].endsWith("/shelf") ? shelved : list))
            .replace("{board}", "eat")
            .replace("{signIn}", spare.signIn()).replace("{hash}", "00").replace("{job}", "999999").replace("{id}", "999999")
            .replace("{appearance}", "colour.yellow.usual").replace("{set}", "base").replace("{name}", "kite").replace("{number}", "1").replace("{fact}", "1")
            .replace("{check}", "1").replace("{step}", "none")
            .replace("{day}", "1").replace("{series}", "999999").replace("{from}", String.valueOf(vocabulary));
        String query = parts[1].endsWith("/pictures") ? "?query=kite" : parts[1].endsWith("/by-sound") ? "?how=RHYMES" : parts[1].endsWith("/pairs")
            ? "?one=K&other=G" : parts[1].endsWith("/speech") ? "?text=kite" : parts[1].endsWith("/here") ? "?connection=none"
            : parts[1].endsWith("/advice") ? "?board=eat&word=kite" : parts[1].endsWith("/places") ? "?text=kite"
            : parts[1].endsWith("/proposals") ? "?fact=1" : parts[1].endsWith("/proposed-plan") ? "?targets=4,0"
            : parts[1].endsWith("/fact-notes") || parts[1].endsWith("/where") || parts[1].endsWith("/place-for-word") ? "?word=kite"
            : parts[1].endsWith("/alike") ? "?there=eat&here=eat"
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
    void everyEndpointLetsInWhomItIsForAndNobodyElse() {
        Map<String, Method> decided = decided();
        Map<String, JsonNode> endpoints = endpoints();
        assertThat(decided.keySet()).isEqualTo(new TreeMap<>(endpoints).keySet());
        Map<Role, Http> team = new EnumMap<>(Role.class);
        // Who may least comes first, so that what others delete is there to be refused.
        for (Role role : List.of(Role.TALKER, Role.PRINTER, Role.VIEWER, Role.EDITOR)) {
            Account account = TestServer.account(role.name());
            TestServer.join(ilse, account, role);
            team.put(role, Http.as(account));
        }
        team.put(Role.OWNER, Http.as(odile));
        Account keeper = TestServer.bean(AccountStore.class).create("keeper of " + ilse.id(), "Keeper", "secretary", TestServer.PASSWORD, true);
        Everybody all = new Everybody(Http.nobody(), Http.as(stranger), Http.as(keeper), team);
        // What deletes the student or the boards comes last, or the others would find nothing.
        endpoints.keySet().stream()
            .sorted(Comparator.comparing((String e) -> e.equals("DELETE /api/students/{student}") ? 2
                : e.startsWith("PUT /api/lists/{list}/shelf") || e.matches("DELETE /api/(vocabularies|lists)/\\{[a-z]+}") ? 1 : 0))
            .forEach(endpoint -> {
                try {
                    walk(endpoint, endpoints.get(endpoint), decided.get(endpoint), all);
                } catch (UncheckedIOException lost) {
                    throw new UncheckedIOException(endpoint, lost.getCause());
                }
            });
    }

    /** @param team in the order in which they come */
    private record Everybody(Http nobody, Http stranger, Http keeper, Map<Role, Http> team) {
    }

    private void walk(String endpoint, JsonNode description, Method decided, Everybody all) {
        int asNobody = call(all.nobody, endpoint, description).status();
        if (decided.isAnnotationPresent(ForAnybody.class)) {
            assertThat(asNobody).as(endpoint + " as nobody").isNotIn(401, 403, 500);
            return;
        }
        assertThat(asNobody).as(endpoint + " as nobody").isEqualTo(401);
        For of = decided.getAnnotation(For.class);
        boolean ofSchool = of != null && of.value() == Act.KEEP;
        int asStranger = call(all.stranger, endpoint, description).status();
        int asKeeper = call(all.keeper, endpoint, description).status();
        if (of != null) {
            assertThat(asStranger).as(endpoint + " as a stranger looks as if it were not there").isEqualTo(ofSchool ? 403 : 404);
        }
        if (of != null && !ofSchool) {
            assertThat(asKeeper).as(endpoint + " as who looks after the accounts").isEqualTo(404);
        }
        if (ofSchool) {
            assertThat(asKeeper).as(endpoint + " as who looks after the accounts").isNotIn(401, 403, 404, 500);
        }
        List.of(Role.TALKER, Role.PRINTER, Role.VIEWER, Role.EDITOR, Role.OWNER).forEach(role -> {
            int status = call(Objects.requireNonNull(all.team.get(role)), endpoint, description).status();
            boolean may = of == null || role.may(of.value());
            assertThat(status == 403).as(endpoint + " as " + role + ": " + status).isEqualTo(!may);
            assertThat(status).as(endpoint + " as " + role).isNotIn(401, 500);
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
