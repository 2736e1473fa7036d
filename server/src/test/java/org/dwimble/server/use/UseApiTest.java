package org.dwimble.server.use;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.Map;
import org.dwimble.core.grant.Grant;
import org.dwimble.core.grant.Role;
import org.dwimble.core.grant.Thing;
import org.dwimble.core.grant.Who;
import org.dwimble.core.student.Student;
import org.dwimble.core.use.UseKept;
import org.dwimble.server.Http;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.dwimble.server.database.Database;
import org.dwimble.server.grant.GrantTable;
import org.dwimble.server.obf.Zips;
import org.dwimble.server.student.StudentStore;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What is kept of use: only what was asked for, once, for the team alone, and never outside. */
@ExtendWith(TestServer.class)
class UseApiTest {
    private final Account odile = TestServer.account("Odile");
    private final Http http = Http.as(odile);
    private final Student ilse = TestServer.student("Ilse", odile);
    private final long words = TestServer.copy("first-choices", ilse, odile);
    private final String path = "/api/vocabularies/" + words + "/use";

    private void agree(UseKept kept) {
        StudentStore students = TestServer.bean(StudentStore.class);
        Student now = students.find(ilse.id()).orElseThrow();
        students.change(now.withUseKept(kept), now);
    }

    private Http.Answer said(Http by, String id) {
        return by.post(path, "{\"id\":\"" + id + "\",\"day\":\"" + LocalDate.now(ZoneOffset.UTC) + "\",\"words\":{\"Eat\":2,\"drink\":1},\"messages\":[{\"at\":"
            + "\"2026-11-30T10:00:00Z\",\"text\":\"I eat seaweed\"}]}");
    }

    private JsonNode used() {
        return http.get(path).json();
    }

    @Test
    void nothingIsKeptUntilSomebodySaysThatItMayBe() {
        assertThat(said(http, "a").status()).isEqualTo(200);
        agree(UseKept.NOTHING);
        assertThat(said(http, "b").status()).isEqualTo(200);
        assertThat(used().get("most").size()).isZero();
        assertThat(used().hasNonNull("since")).isFalse();
        assertThat(used().get("never").asInt()).isPositive();
    }

    @Test
    void wordsAreCountedOnceHoweverOftenTheyAreSentAndMessagesOnlyWhereTheyAreAskedFor() {
        agree(UseKept.COUNTS);
        said(http, "c" + words);
        said(http, "c" + words);
        said(http, "d" + words);
        assertThat(used().get("most").get(0).get("label").asString()).isEqualTo("eat");
        assertThat(used().get("most").get(0).get("times").asInt()).isEqualTo(4);
        assertThat(used().get("messages").size()).isZero();
        agree(UseKept.MESSAGES);
        said(http, "e" + words);
        assertThat(used().get("messages").get(0).get("text").asString()).isEqualTo("I eat seaweed");
        assertThat(http.send("DELETE", "/api/students/" + ilse.id() + "/use", (String) null).status()).isEqualTo(200);
        assertThat(used().get("most").size() + used().get("messages").size()).isZero();
    }

    @Test
    void itIsSeenByTheTeamAloneAndLeavesInNoPackage() {
        agree(UseKept.MESSAGES);
        said(http, "f" + words);
        Account marit = TestServer.account("Marit");
        Http hers = Http.as(marit);
        assertThat(said(hers, "g" + words).status()).as("a stranger tells nothing").isEqualTo(404);
        TestServer.join(ilse, marit, Role.TALKER);
        assertThat(said(hers, "h" + words).status()).as("who talks with her tells").isEqualTo(200);
        assertThat(hers.get(path).status()).as("and sees nothing").isEqualTo(403);
        assertThat(used().get("most").get(0).get("times").asInt()).isEqualTo(4);
        TestServer.join(ilse, marit, Role.VIEWER);
        assertThat(hers.get(path).status()).isEqualTo(200);
        assertThat(hers.send("DELETE", "/api/students/" + ilse.id() + "/use", (String) null).status()).isEqualTo(403);
        assertThat(used().get("messages").toString()).contains("seaweed");
        Map<String, byte[]> packed = Zips.files(http.get("/api/vocabularies/" + words + "/package.obz?student=true&others=true&notes=true&name=true").body());
        assertThat(packed).isNotEmpty().allSatisfy((name, bytes) -> assertThat(new String(bytes, StandardCharsets.UTF_8)).doesNotContain("seaweed"));
        assertThat(new String(http.get("/api/vocabularies/" + words + "/talk-pack").body(), StandardCharsets.UTF_8)).doesNotContain("seaweed");
    }

    @Test
    void whoWasGivenTheBoardsAloneIsNotOfTheTeam() {
        agree(UseKept.COUNTS);
        said(http, "j" + words);
        Account guest = TestServer.account("Guest");
        Grant given = new Grant(new Who.Person(guest.id()), Role.VIEWER, Thing.vocabulary(words));
        TestServer.bean(Database.class).run(session -> GrantTable.give(session, given));
        assertThat(Http.as(guest).get("/api/vocabularies/" + words + "/boards").status()).isEqualTo(200);
        assertThat(Http.as(guest).get(path).status()).isEqualTo(404);
    }

    @Test
    void whatIsTooMuchOrNoneIsRefusedInASentence() {
        agree(UseKept.COUNTS);
        StringBuilder many = new StringBuilder("\"w\":1");
        for (int i = 0; i < 500; i++) {
            many.append(",\"w").append(i).append("\":1");
        }
        String begin = "{\"id\":\"i" + words + "\",\"day\":\"someday\",\"messages\":[],\"words\":{";
        assertThat(http.post(path, begin + many + "}}").sentence()).contains("500", "501");
        assertThat(http.post(path, begin + "\"eat\":-3,\"\":4}}").status()).isEqualTo(200);
        assertThat(used().get("most").size()).isZero();
    }
}
