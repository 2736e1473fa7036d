package org.dwimble.server.grant;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import org.dwimble.core.grant.Act;
import org.dwimble.core.grant.Need;
import org.dwimble.core.grant.Role;
import org.dwimble.core.grant.Thing;
import org.dwimble.core.student.Student;
import org.dwimble.server.Http;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.dwimble.server.account.AccountStore;
import org.dwimble.server.job.Job;
import org.dwimble.server.job.Jobs;
import org.dwimble.server.media.Photos;
import org.dwimble.server.picture.Pictures;
import org.dwimble.server.student.DeletedStore;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** What each of a team may, in lists, streams, searches and results of work, and that it is gone once it is taken away. */
@ExtendWith(TestServer.class)
class RightsTest {
    private final Rights rights = TestServer.bean(Rights.class);
    private final Account odile = TestServer.account("Odile");
    private final Account home = TestServer.account("Tablet");
    private final Http hers = Http.as(odile);
    private final Http tablet = Http.as(home);
    private final Student ilse = TestServer.student("Ilse", odile);
    private final long vocabulary = TestServer.copy("first-choices", ilse, odile);
    private final String words = "/api/vocabularies/" + vocabulary;
    private final Thing thing = Thing.vocabulary(vocabulary);

    private void as(Role role) {
        assertThat(hers.send("PUT", "/api/students/" + ilse.id() + "/team/" + home.signIn(), "{\"role\":\"" + role + "\"}").status()).isEqualTo(200);
    }

    @Test
    void whatIsGivenIsReadAnewEachTime() {
        assertThat(rights.acts(home, thing)).isEmpty();
        as(Role.TALKER);
        assertThat(rights.acts(home, thing)).containsExactly(Act.SEE, Act.TALK);
        as(Role.PRINTER);
        assertThat(rights.acts(home, thing)).containsExactly(Act.SEE, Act.LOOK, Act.PRINT);
        hers.send("DELETE", "/api/students/" + ilse.id() + "/team/" + home.signIn(), null);
        assertThat(rights.acts(home, thing)).isEmpty();
        assertThat(tablet.get(words).status()).isEqualTo(404);
    }

    @Test
    void nothingIsLeftOfWhatIsDeleted() {
        TestServer.bean(DeletedStore.class).deleteVocabulary(vocabulary, odile.id(), Instant.now());
        assertThat(rights.acts(odile, thing)).isEmpty();
        assertThat(rights.acts(odile, Thing.student(ilse.id()))).isEqualTo(Role.OWNER.acts());
        TestServer.bean(DeletedStore.class).deleteStudent(ilse.id(), odile.id(), Instant.now());
        assertThat(rights.acts(odile, Thing.student(ilse.id()))).isEmpty();
    }

    @Test
    void aTabletAtHomeTalksAndSeesNothingElseOfTheStudent() {
        as(Role.TALKER);
        String list = "/api/lists/" + hers.post("/api/lists", "{\"text\":\"ferry\",\"student\":\"" + ilse.id() + "\"}").json().get("id").asLong();
        JsonNode row = tablet.get("/api/students").json().get(0);
        assertThat(row.get("may").toString()).isEqualTo("[\"SEE\",\"TALK\"]");
        assertThat(tablet.get(words).json().get("may").toString()).isEqualTo("[\"SEE\",\"TALK\"]");
        assertThat(tablet.get(words).body()).asString(StandardCharsets.UTF_8).contains("Ilse").doesNotContain("Kittiwake");
        assertThat(row.toString()).doesNotContain("Kittiwake");
        assertThat(hers.get(words).body()).asString(StandardCharsets.UTF_8).contains("Kittiwake");
        assertThat(tablet.get(words + "/boards").status()).isEqualTo(200);
        assertThat(tablet.get("/api/glances").json()).isEmpty();
        assertThat(tablet.get("/api/where?word=eat").json()).isEmpty();
        assertThat(tablet.get("/api/lists").json().toString()).doesNotContain("\"student\":\"" + ilse.id());
        assertThat(tablet.get(list).status()).isEqualTo(403);
        assertThat(tablet.get("/api/deleted").json()).isEmpty();
        assertThat(tablet.get(words + "/versions").sentence()).startsWith("You can talk with this student’s boards here, and nothing else.");
        assertThat(hers.get("/api/where?word=eat").json()).hasSize(1);
    }

    @Test
    void whatTheCaseloadTellsATabletIsNoNameOfTheTeam() {
        as(Role.TALKER);
        assertThat(tablet.get("/api/students").json().get(0).get("vocabulary").toString()).doesNotContain("Odile");
    }

    @Test
    void aStudentsPhotosAreForThoseWhoLookAndNotForATablet() {
        Pictures pictures = TestServer.bean(Pictures.class);
        String photo = hers.upload("/api/own-pictures?words=Bramble&audience=STUDENT&student=" + ilse.id(), "a.jpg", Photos.jpeg(60, 40)).json().get("picture")
            .get("picture").asString();
        assertThat(pictures.usable(odile, null).test(photo)).isTrue();
        as(Role.TALKER);
        assertThat(pictures.usable(home, null).test(photo)).isFalse();
        assertThat(tablet.get("/api/own-pictures").json().toString()).doesNotContain(photo);
        as(Role.VIEWER);
        assertThat(pictures.usable(home, null).test(photo)).isTrue();
    }

    @Test
    void aStreamGoesOnWithoutNamesWhenLessIsGivenAndEndsWhenNothingIs() {
        as(Role.VIEWER);
        try (Http.Events events = tablet.events(words + "/events?board=home")) {
            events.next("hello");
            rename(1, "Lunch");
            assertThat(events.next("changed").toString()).contains("Odile");
            as(Role.TALKER);
            rename(2, "Supper");
            JsonNode changed = events.next("changed");
            assertThat(changed.get("version").asInt()).isEqualTo(3);
            assertThat(changed.toString()).doesNotContain("Odile");
            hers.send("DELETE", "/api/students/" + ilse.id() + "/team/" + home.signIn(), null);
            assertThatThrownBy(() -> events.next("changed")).hasMessageContaining("ended without");
        }
    }

    private void rename(int base, String name) {
        assertThat(hers.post(words + "/edits", "{\"base\":" + base + ",\"edit\":{\"type\":\"rename-vocabulary\",\"name\":\"" + name + "\"}}").status())
            .isEqualTo(200);
    }

    @Test
    void whatWorkMadeIsHadAsLongAsItMayBeMade() {
        as(Role.VIEWER);
        Jobs jobs = TestServer.bean(Jobs.class);
        Job job = jobs.start(home.id(), List.of(new Need(Act.TAKE, thing)), "a package", (out, progress) -> new Jobs.Result(null, null, "made"));
        assertThat(jobs.of(job.id(), home).id()).isEqualTo(job.id());
        as(Role.PRINTER);
        assertThat(tablet.get("/api/jobs/" + job.id()).status()).isEqualTo(404);
        assertThat(tablet.get("/api/jobs").json().toString()).doesNotContain("a package");
        as(Role.EDITOR);
        assertThat(tablet.get("/api/jobs/" + job.id()).status()).isEqualTo(200);
    }

    @Test
    void aCopyForAnotherStudentNeedsTheRightToTakeItAway() {
        Student own = TestServer.student("Sefa", home);
        as(Role.PRINTER);
        String copying = "/api/students/" + own.id() + "/copying?vocabulary=" + vocabulary;
        assertThat(tablet.get(copying).sentence()).startsWith("You can look at this and print it, but not talk with it or take it away.");
        assertThat(tablet.post("/api/students/" + own.id() + "/vocabularies", "{\"vocabulary\":" + vocabulary + ",\"name\":\"x\"}").status()).isEqualTo(403);
        long theirs = TestServer.copy("first-choices", own, home);
        String bring = "{\"base\":1,\"from\":" + vocabulary + ",\"boards\":[\"eat\"],\"withAll\":true,"
            + "\"where\":{\"board\":\"eat\",\"name\":\"eat\"}}";
        assertThat(tablet.post("/api/vocabularies/" + theirs + "/arrivals", bring).status()).isEqualTo(403);
        as(Role.VIEWER);
        assertThat(tablet.get(copying).status()).isEqualTo(200);
    }

    @Test
    void whoOnlyLooksAndPrintsTakesNoWordsAwayInAListEither() {
        long list = hers.post("/api/lists", "{\"text\":\"ferry\",\"student\":\"" + ilse.id() + "\"}").json().get("id").asLong();
        String ofBoard = "{\"vocabulary\":" + vocabulary + ",\"boards\":[\"eat\"]}";
        String ofList = "{\"from\":" + list + "}";
        as(Role.PRINTER);
        assertThat(tablet.get("/api/lists/" + list + "/pages").status()).isEqualTo(200);
        assertThat(tablet.post("/api/lists", ofBoard).status()).isEqualTo(403);
        assertThat(tablet.post("/api/lists", ofList).status()).isEqualTo(403);
        as(Role.VIEWER);
        assertThat(tablet.post("/api/lists", ofBoard).status()).isEqualTo(200);
        assertThat(tablet.post("/api/lists", ofList).status()).isEqualTo(200);
    }

    @Test
    void whoeverLooksAfterTheAccountsSeesAccountsAndNumbersAndNoStudent() {
        AccountStore accounts = TestServer.bean(AccountStore.class);
        Account bea = accounts.create("bea " + ilse.id(), "Bea", "school office", TestServer.PASSWORD, true);
        Http office = Http.as(bea);
        assertThat(office.get("/api/students").json()).isEmpty();
        assertThat(office.get("/api/students/" + ilse.id()).status()).isEqualTo(404);
        JsonNode numbers = office.get("/api/care").json().get("numbers");
        assertThat(numbers.get("students").asInt()).isPositive();
        String lines = office.get("/api/accounts").json().toString();
        assertThat(lines).contains("{\"account\":{\"id\":" + odile.id() + ",").doesNotContain("Ilse\"");
        assertThat(hers.get("/api/accounts").status()).isEqualTo(403);

        String keeping = "/api/accounts/" + odile.signIn() + "/keeping";
        assertThat(office.send("PUT", keeping, "{}").status()).isEqualTo(200);
        assertThat(hers.get("/api/care").status()).as("at once").isEqualTo(200);
        assertThat(office.send("DELETE", keeping, null).status()).isEqualTo(200);
        assertThat(hers.get("/api/care").status()).isEqualTo(403);
        assertThat(office.send("PUT", "/api/accounts/nobody%20at%20all/keeping", "{}").sentence()).startsWith("Nobody here signs in as");
    }

    @Test
    void nobodyIsAKeeperOnATeam() {
        assertThat(hers.send("PUT", "/api/students/" + ilse.id() + "/team/" + home.signIn(), "{\"role\":\"KEEPER\"}").sentence())
            .startsWith("Nobody can be that");
        assertThat(rights.acts(home, Thing.student(ilse.id()))).isEqualTo(Set.of());
    }
}
