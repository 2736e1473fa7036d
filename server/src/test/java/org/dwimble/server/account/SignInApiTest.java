package org.dwimble.server.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;
import org.dwimble.server.Http;
import org.dwimble.server.TestServer;
import org.dwimble.server.database.Database;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;

@ExtendWith(TestServer.class)
class SignInApiTest {
    private static String body(String name, String password) {
        return "{\"signIn\":\"" + name + "\",\"password\":\"" + password + "\"}";
    }

    @Test
    void ofManyGuessesAtOnceTenAreLookedAt() throws Exception {
        Account tern = TestServer.account("Tern");
        ExecutorService people = Executors.newFixedThreadPool(16);
        try {
            List<Callable<Integer>> guesses = IntStream.range(0, 60)
                .<Callable<Integer>>mapToObj(i -> () -> Http.nobody().post("/api/session", body(tern.signIn(),
                    "guess " + i)).status())
                .toList();
            List<Integer> answers = people.invokeAll(guesses).stream().map(SignInApiTest::of).toList();
            assertThat(answers.stream().filter(a -> a == 422)).hasSize(10);
            assertThat(answers.stream().filter(a -> a == 429)).hasSize(50);
        } finally {
            people.shutdownNow();
        }
    }

    private static Integer of(Future<Integer> answer) {
        try {
            return answer.get();
        } catch (Exception e) {
            throw new IllegalStateException(e);
        }
    }

    @Test
    void aPasswordOfMoreThanSeventyTwoBytesWorksAndOneWithoutEndIsRefusedInASentence() {
        AccountStore accounts = TestServer.bean(AccountStore.class);
        String password = "πλατύς ουρανός πάνω από το λιμάνι ".repeat(3);
        Account made = accounts.create("greek " + System.nanoTime(), "Eleni", "", password, false);
        assertThat(Http.nobody().post("/api/session", body(made.signIn(), password)).status()).isEqualTo(200);
        assertThat(Http.nobody().post("/api/session", body(made.signIn(), password + "!")).status()).isEqualTo(422);
        assertThat(Http.nobody().post("/api/session", body(made.signIn(), "x".repeat(500_000))).status()).isEqualTo(422);
    }

    @Test
    void aPasswordKeptAsBeforeIsKeptAnewWhenItIsUsed() {
        Account old = TestServer.account("Old");
        Database database = TestServer.bean(Database.class);
        String before = "{bcrypt}" + new BCryptPasswordEncoder().encode("harbour light");
        database.write(session -> session.update("UPDATE account SET password = ? WHERE id = ?", before, old.id()));
        assertThat(Http.nobody().post("/api/session", body(old.signIn(), "harbour light")).status()).isEqualTo(200);
        String now = database.read(session -> session.first("SELECT password FROM account WHERE id = ?", row -> row.getString(1), old.id())).orElseThrow();
        assertThat(now).startsWith("{bcrypt-sha256}");
        assertThat(Http.nobody().post("/api/session", body(old.signIn(), "harbour light")).status()).isEqualTo(200);
    }

    @Test
    void theTokenAgainstForgedRequestsIsAnotherAfterSigningIn() {
        Http http = Http.nobody();
        String before = http.cookie("XSRF-TOKEN");
        http.post("/api/session", body(TestServer.account("Odile").signIn(), TestServer.PASSWORD));
        assertThat(http.cookie("XSRF-TOKEN")).isNotBlank().isNotEqualTo(before);
    }

    @Test
    void whatSomebodyMayDoIsReadAnewAtEachRequest() {
        Account piet = TestServer.bean(AccountStore.class).create("piet " + System.nanoTime(), "Piet", "", TestServer.PASSWORD, true);
        Http his = Http.as(piet);
        assertThat(his.get("/api/care").status()).isEqualTo(200);
        TestServer.bean(AccountStore.class).keeps(piet, false);
        TestServer.bean(Database.class).write(session -> session.update("UPDATE account SET name = 'Pieter' WHERE id = ?", piet.id()));
        assertThat(his.get("/api/care").status()).isEqualTo(403);
        assertThat(his.get("/api/session").json().get("account").get("name").asString()).isEqualTo("Pieter");
        TestServer.bean(Database.class).write(session -> session.update("DELETE FROM account WHERE id = ?", piet.id()));
        assertThat(his.get("/api/students").status()).isEqualTo(401);
    }

    @Test
    void guessingForSomebodyDoesNotKeepHerOutOfHerOwnDevice() {
        Account lot = TestServer.account("Lot");
        Http hers = Http.as(lot);
        hers.send("DELETE", "/api/session", null);
        Http guesser = Http.nobody();
        for (int i = 0; i < 10; i++) {
            assertThat(guesser.post("/api/session", body(lot.signIn(), "guess " + i)).status()).isEqualTo(422);
        }
        assertThat(guesser.post("/api/session", body(lot.signIn(), TestServer.PASSWORD)).status()).as("the guesser waits, even if right now").isEqualTo(429);
        hers.get("/api/session");
        assertThat(hers.post("/api/session", body(lot.signIn(), TestServer.PASSWORD)).status()).isEqualTo(200);
        hers.send("DELETE", "/api/session", null);
        hers.get("/api/session");
        Account piet = TestServer.account("Piet");
        assertThat(hers.post("/api/session", body(piet.signIn(), "a guess")).status()).as("known to her, not to others").isEqualTo(422);
        assertThat(hers.cookie("dwimble-known")).as("not readable elsewhere, and no account in it").doesNotContain(lot.signIn());
    }
}
