package org.dwimble.server.live;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.dwimble.core.grant.Role;
import org.dwimble.core.student.Student;
import org.dwimble.server.Http;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Two people with one vocabulary open, over real connections. */
@ExtendWith(TestServer.class)
@Timeout(60)
class LiveTest {
    private final Account odile = TestServer.account("Odile");
    private final Account marit = TestServer.account("Marit");
    private Student ilse;
    private String vocabulary;
    private Http odiles;
    private Http marits;

    @BeforeEach
    void share() {
        ilse = TestServer.student("Ilse", odile);
        TestServer.join(ilse, marit, Role.EDITOR);
        vocabulary = "/api/vocabularies/" + TestServer.copy("first-choices", ilse, odile);
        odiles = Http.as(odile);
        marits = Http.as(marit);
    }

    private static String rename(int base, String name) {
        return "{\"base\":" + base + ",\"edit\":{\"type\":\"rename-board\",\"board\":\"eat\",\"name\":\"" + name + "\"}}";
    }

    private static List<String> names(JsonNode here) {
        return here.valueStream().map(h -> h.get("name").asString() + " " + h.get("board").asString()).toList();
    }

    @Test
    void whoHasAVocabularyOpenIsToldWhichDocumentChangedAndByWhom() {
        try (Http.Events events = odiles.events(vocabulary + "/events?board=home")) {
            assertThat(events.next("hello").get("version").asInt()).isEqualTo(1);
            assertThat(marits.post(vocabulary + "/edits", rename(1, "Lunch")).status()).isEqualTo(200);
            JsonNode changed = events.next("changed");
            assertThat(changed.get("version").asInt()).isEqualTo(2);
            assertThat(changed.get("by").asString()).isEqualTo("Marit");
            assertThat(changed.get("documents")).singleElement().satisfies(d -> {
                assertThat(d.get("board").asString()).isEqualTo("eat");
                assertThat(d.get("revision").asLong()).isEqualTo(revisionOf("eat"));
            });
        }
    }

    private long revisionOf(String board) {
        return odiles.get(vocabulary).json().get("boards").valueStream().filter(b -> b.get("id").asString().equals(board)).findFirst().orElseThrow()
            .get("revision").asLong();
    }

    @Test
    void whoElseIsHereAndOnWhichBoardIsToldAsTheyComeAndGo() {
        try (Http.Events events = odiles.events(vocabulary + "/events?board=home")) {
            assertThat(names(events.next("here"))).containsExactly("Odile home");
            try (Http.Events hers = marits.events(vocabulary + "/events?board=eat")) {
                String connection = hers.next("hello").get("connection").asString();
                assertThat(names(events.next("here"))).containsExactly("Marit eat", "Odile home");
                assertThat(marits.send("PUT", vocabulary + "/here", "{\"connection\":\"" + connection + "\",\"board\":\"play\"}").status()).isEqualTo(200);
                assertThat(names(events.next("here"))).containsExactly("Marit play", "Odile home");
                odiles.send("PUT", vocabulary + "/here", "{\"connection\":\"" + connection + "\",\"board\":\"home\"}");
                marits.post(vocabulary + "/edits", rename(1, "Lunch"));
                assertThat(events.next("changed").get("version").asInt()).as("and nobody moves somebody else").isEqualTo(2);
            }
            marits.post(vocabulary + "/edits", rename(2, "Supper"));
            assertThat(names(events.next("here"))).as("found gone as soon as something is told").containsExactly("Odile home");
        }
    }

    @Test
    void whoLeavesSaysSoAndNobodySaysItForAnother() {
        try (Http.Events events = odiles.events(vocabulary + "/events?board=home"); Http.Events hers = marits.events(vocabulary + "/events?board=eat")) {
            String mine = events.next("hello").get("connection").asString();
            String her = hers.next("hello").get("connection").asString();
            assertThat(names(hers.next("here"))).containsExactly("Marit eat", "Odile home");
            assertThat(marits.send("DELETE", vocabulary + "/here?connection=" + mine, null).status()).isEqualTo(200);
            marits.post(vocabulary + "/edits", rename(1, "Lunch"));
            assertThat(events.next("changed").get("version").asInt()).as("still told").isEqualTo(2);
            odiles.send("PUT", vocabulary + "/here", "{\"connection\":\"" + mine + "\",\"board\":\"play\"}");
            assertThat(names(events.next("here"))).containsExactly("Marit eat", "Odile play");
            marits.send("DELETE", vocabulary + "/here?connection=" + her, null);
            assertThat(names(events.next("here"))).containsExactly("Odile play");
        }
    }

    @Test
    void whoComesBackAfterACutIsToldTheVersionInForce() {
        try (Http.Events events = odiles.events(vocabulary + "/events")) {
            events.next("hello");
        }
        marits.post(vocabulary + "/edits", rename(1, "Lunch"));
        try (Http.Events again = odiles.events(vocabulary + "/events")) {
            assertThat(again.next("hello").get("version").asInt()).isEqualTo(2);
        }
    }

    @Test
    void aVocabularyThatIsNotSharedTellsNothing() {
        Http stranger = Http.as(TestServer.account("Stranger"));
        try (Http.Events events = stranger.events(vocabulary + "/events")) {
            assertThat(events.status()).isEqualTo(404);
        }
    }

    @Test
    void whoLeavesTheTeamIsToldNothingMoreAtOnce() {
        String team = "/api/students/" + ilse.id() + "/team/" + marit.signIn();
        try (Http.Events hers = marits.events(vocabulary + "/events?board=home")) {
            hers.next("hello");
            assertThat(odiles.send("DELETE", team, null).status()).isEqualTo(200);
            assertThatThrownBy(() -> hers.next("changed")).as("the stream has ended, before any change or beat").hasMessageContaining("ended without");
        }
    }

    @Test
    void aListIsLiveTooAndEndsForOthersWhenItComesOffTheShelf() {
        String list = "/api/lists/" + odiles.post("/api/lists", "{\"text\":\"ferry\"}").json().get("id").asLong();
        try (Http.Events events = marits.events(list + "/events")) {
            assertThat(events.status()).isEqualTo(404);
        }
        odiles.send("PUT", list + "/shelf", "{}");
        try (Http.Events events = marits.events(list + "/events")) {
            assertThat(events.next("hello").get("version").asInt()).isEqualTo(1);
            odiles.post(list + "/words", "{\"base\":1,\"text\":\"crab\"}");
            assertThat(events.next("changed").get("version").asInt()).isEqualTo(2);
            odiles.send("DELETE", list + "/shelf", null);
            assertThatThrownBy(() -> events.next("changed")).hasMessageContaining("ended without");
        }
    }
}
