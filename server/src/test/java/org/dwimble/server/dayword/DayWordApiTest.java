package org.dwimble.server.dayword;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.time.format.TextStyle;
import java.util.Locale;
import java.util.stream.StreamSupport;
import org.dwimble.core.grant.Role;
import org.dwimble.core.student.Student;
import org.dwimble.server.Http;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.JsonNode;

/** Day words over HTTP: where the student is, whose own days they are, and who may not know them. */
@ExtendWith(TestServer.class)
class DayWordApiTest {
    private final Account odile = TestServer.account("Odile");
    private final Http http = Http.as(odile);
    private Student ilse;
    private String vocabulary;
    private String days;

    @BeforeEach
    void copy() {
        ilse = TestServer.student("Ilse", odile);
        vocabulary = "/api/vocabularies/" + TestServer.copy("starter-40", ilse, odile);
        days = "/api/students/" + ilse.id() + "/days";
    }

    private Http.Answer day(String name, String date, String comes) {
        return http.post(days, "{\"name\":\"%s\",\"date\":\"%s\",\"comes\":\"%s\"}".formatted(name, date, comes));
    }

    private static JsonNode now(Http who, String vocabulary) {
        return who.get(vocabulary + "/day-words").json().get("periods").get(0);
    }

    /** The words go by where the student is: whatever hour it is, 25 hours lie between these two places. */
    @Test
    void itIsTheDayWhereTheStudentIs() {
        for (String zone : new String[] {"Pacific/Kiritimati", "Pacific/Niue"}) {
            assertThat(http.send("PUT", days + "/zone", "{\"zone\":\"" + zone + "\"}").json().get("zone").asString()).isEqualTo(zone);
            JsonNode period = now(http, vocabulary);
            LocalDate there = Instant.parse(period.get("from").asString()).atZone(ZoneId.of(zone)).toLocalDate();
            assertThat(period.get("words").get("TODAY").get("spoken").asString()).isEqualTo(there.getDayOfWeek().getDisplayName(TextStyle.FULL, Locale.UK));
        }
        assertThat(http.send("PUT", days + "/zone", "{}").json().has("zone")).isFalse();
        assertThat(http.send("PUT", days + "/zone", "{\"zone\":\"Estuary/Harbour\"}").json().get("detail").asString()).contains("no time zone");
    }

    /** A word is held from the day it is there on, and what is held until today is over first where the day begins first. */
    @Test
    void aWordIsHeldFromTheDayItIsWhereTheStudentIs() {
        http.send("PUT", days + "/zone", "{\"zone\":\"Pacific/Niue\"}");
        LocalDate before = LocalDate.now(ZoneId.of("Pacific/Niue"));
        int base = http.get(vocabulary).json().get("version").asInt();
        assertThat(http.post(vocabulary + "/edits", ("{\"base\":%d,\"edit\":{\"type\":\"hold-words\",\"fact\":false,\"reason\":\"later\",\"until\":\"%s\","
            + "\"words\":{\"andOpened\":false,\"words\":[\"ball\"],\"allBut\":false}}}").formatted(base, before)).status()).isEqualTo(200);
        JsonNode held = http.get(vocabulary + "/held").json().get(0);
        assertThat(LocalDate.parse(held.get("since").asString())).isIn(before, LocalDate.now(ZoneId.of("Pacific/Niue")));
        http.send("PUT", days + "/zone", "{\"zone\":\"Pacific/Kiritimati\"}");
        assertThat(http.get(vocabulary + "/held").json().get(0).get("past").asBoolean()).isTrue();
    }

    @Test
    void eightDaysAreToldWithoutAGap() {
        JsonNode periods = http.get(vocabulary + "/day-words").json().get("periods");
        for (int i = 1; i < periods.size(); i++) {
            assertThat(periods.get(i).get("from")).isEqualTo(periods.get(i - 1).get("until"));
        }
        assertThat(Duration.between(Instant.parse(periods.get(0).get("from").asString()), Instant.parse(periods.get(periods.size() - 1).get("until")
            .asString()))).isGreaterThanOrEqualTo(Duration.ofDays(8));
    }

    @Test
    void ownDaysAreForWhoKnowsTheStudentAndWordsOfThemForWhoTalks() {
        assertThat(day("birthday", "2018-03-04", "BIRTHDAY").status()).isEqualTo(200);
        assertThat(day("trip to the seals", "2199-01-01", "ONCE").json().get("days").size()).isEqualTo(2);
        assertThat(now(http, vocabulary).get("words").get("AGE").get("label").asString()).endsWith("years");
        assertThat(now(http, vocabulary).get("words").get("NEXT").get("label").asString()).startsWith("birthday, ");
        Account joris = TestServer.account("Joris");
        TestServer.join(ilse, joris, Role.TALKER);
        assertThat(now(Http.as(joris), vocabulary).get("words").has("AGE")).as("who talks says it").isTrue();
        assertThat(Http.as(joris).get(days).status()).isEqualTo(403);
        TestServer.join(ilse, joris, Role.PRINTER);
        assertThat(now(Http.as(joris), vocabulary).get("words").has("AGE")).isFalse();
        assertThat(now(Http.as(joris), vocabulary).get("words").has("NEXT")).isFalse();
        assertThat(now(Http.as(joris), vocabulary).get("words").has("TODAY")).isTrue();
        assertThat(Http.as(TestServer.account("Stranger")).get(vocabulary + "/day-words").status()).isEqualTo(404);
        TestServer.join(ilse, joris, Role.VIEWER);
        assertThat(Http.as(joris).post(days, "{\"name\":\"x\",\"date\":\"2027-01-01\"}").status()).isEqualTo(403);
    }

    @Test
    void whatIsNoDayIsRefusedWithASentence() {
        assertThat(day("birthday", "2019-02-29", "BIRTHDAY").json().get("detail").asString()).contains("That is no day");
        assertThat(day(" ", "2019-02-28", "ONCE").json().get("detail").asString()).contains("Say what the day is");
        assertThat(day("trip", "1019-02-28", "ONCE").json().get("detail").asString()).contains("1900 to 2200");
        assertThat(day("x".repeat(61), "2019-02-28", "ONCE").json().get("detail").asString()).contains("What a day is can have up to 60");
        day("birthday", "2020-02-29", "BIRTHDAY");
        assertThat(day("another", "2020-03-01", "BIRTHDAY").json().get("detail").asString()).contains("a birthday already: birthday");
        long id = http.get(days).json().get("days").get(0).get("id").asLong();
        assertThat(http.send("DELETE", days + "/" + id, "").json().get("days").size()).isZero();
    }

    @Test
    void onPaperItIsTheDayOfPrintingWhichIsSaid() {
        day("birthday", "2018-03-04", "BIRTHDAY");
        Http.Answer made = http.post(vocabulary + "/boards", "{\"base\":%d,\"name\":\"Days\",\"rows\":3,\"columns\":3}".formatted(http.get(vocabulary)
            .json().get("version").asInt()));
        assertThat(made.status()).as(made.json().toString()).isEqualTo(200);
        JsonNode boards = http.get(vocabulary).json().get("boards");
        String board = StreamSupport.stream(boards.spliterator(), false).filter(b -> b.get("name").asString().equals("Days")).findFirst().orElseThrow()
            .get("id").asString();
        int column = 0;
        for (String word : new String[] {"TODAY", "AGE", "TIME"}) {
            int base = http.get(vocabulary).json().get("version").asInt();
            Http.Answer put = http.post(vocabulary + "/edits",
                ("{\"base\":%d,\"edit\":{\"type\":\"put-saying\",\"board\":\"%s\",\"at\":{\"row\":0,\"column\":%d},"
                    + "\"saying\":{\"label\":\"the %s\",\"kind\":\"thing\",\"day\":\"%s\"}}}")
                    .formatted(base, board, column++, word.toLowerCase(Locale.ROOT), word));
            assertThat(put.status()).as(put.json().toString()).isEqualTo(200);
        }
        String sheet = http.get(vocabulary + "/boards/" + board + "/sheet").json().toString();
        assertThat(sheet).contains("years", "the time", "as on ").doesNotContain("the today", "the age");
        assertThat(http.get(vocabulary + "/boards/" + board + "/sheet?printedFor=OTHERS_DRAWN").json().toString()).contains("the age", "as on ")
            .doesNotContain("years");
        assertThat(http.get(vocabulary + "/boards/eating/sheet").json().toString()).doesNotContain("as on ");
    }
}
