package org.dwimble.server.fact;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
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

/** Facts about a student: who sees them, what they propose, and that they stay here. */
@ExtendWith(TestServer.class)
class FactApiTest {
    private final Account odile = TestServer.account("Odile");
    private final Http http = Http.as(odile);
    private Student ilse;
    private long id;
    private String vocabulary;

    @BeforeEach
    void copy() {
        ilse = TestServer.student("Ilse", odile);
        id = TestServer.copy("starter-40", ilse, odile);
        vocabulary = "/api/vocabularies/" + id;
    }

    private JsonNode fact(String what, String about) {
        Http.Answer added = http.post("/api/students/" + ilse.id() + "/facts",
            "{\"what\":\"%s\",\"about\":\"%s\",\"note\":\"a rash\",\"saidBy\":\"the nurse\"}".formatted(what, about));
        assertThat(added.status()).isEqualTo(200);
        return added.json();
    }

    private JsonNode proposals(JsonNode fact) {
        return http.get(vocabulary + "/proposals?fact=" + fact.get("id").asLong()).json();
    }

    @Test
    void aFactProposesWordsWithHowSureAndWhyAndSaysWhatSpeaksAgainst() {
        JsonNode egg = fact("ALLERGY", "egg");
        assertThat(egg.get("sentence").asString()).isEqualTo("allergy: egg");
        JsonNode proposed = proposals(egg);
        assertThat(proposed.get(0).get("label").asString()).isEqualTo("egg");
        assertThat(proposed.get(0).get("sure").asString()).isEqualTo("SURE");
        assertThat(proposed.get(0).get("why").asString()).isEqualTo("is egg, or is made of it");
        assertThat(proposed.get(0).has("other")).isFalse();
        fact("INTEREST", "eggs");
        assertThat(proposals(egg).get(0).get("other").asString()).as("two facts that contradict").isEqualTo("likes eggs");
        JsonNode animals = proposals(fact("INTEREST", "animals"));
        assertThat(StreamSupport.stream(animals.spliterator(), false).map(p -> p.get("label").asString())).as("by the drawer of its picture")
            .contains("dog", "seal");
    }

    @Test
    void aNewWordThatMeetsAFactIsToldOnlyToWhoMaySeeFacts() {
        fact("DIET", "vegetarian");
        assertThat(http.get(vocabulary + "/fact-notes?word=bacon").json().get(0).asString())
            .isEqualTo("diet: vegetarian. “bacon” is meat, or is made of it; hold it back?");
        assertThat(http.get(vocabulary + "/fact-notes?word=kite").json().size()).isZero();
        Account joris = TestServer.account("Joris");
        TestServer.join(ilse, joris, Role.VIEWER);
        assertThat(Http.as(joris).get(vocabulary + "/fact-notes?word=bacon").json().size()).isZero();
        assertThat(Http.as(joris).get("/api/students/" + ilse.id() + "/facts").status()).isEqualTo(403);
    }

    @Test
    void factsStayHereAndCanBeTakenAway() {
        long egg = fact("ALLERGY", "egg").get("id").asLong();
        int base = http.get(vocabulary).json().get("version").asInt();
        http.post(vocabulary + "/edits",
            ("{\"base\":%d,\"edit\":{\"type\":\"hold-words\",\"fact\":true,\"reason\":\"allergy: egg\",\"words\":{\"andOpened\":false,"
                + "\"words\":[\"egg\"],\"allBut\":false}}}")
                .formatted(base));
        assertThat(new String(http.get(vocabulary + "/boards/eating/board.obf").body(), StandardCharsets.UTF_8)).contains("\"hidden\":true")
            .doesNotContain("allergy", "rash");
        assertThat(http.send("DELETE", "/api/students/" + ilse.id() + "/facts/" + egg, "").json().size()).isZero();
    }

    @Test
    void aPlanIsProposedFromInterestsAndTargets() {
        fact("INTEREST", "seals");
        JsonNode steps = http.get(vocabulary + "/proposed-plan?targets=8,20,0").json();
        assertThat(steps.size()).isEqualTo(3);
        assertThat(steps.get(0).get("words").size()).isEqualTo(8);
        assertThat(steps.get(0).get("words").get(0).get("why").asString()).isEqualTo("belongs to what the student likes: seals");
        assertThat(steps.get(1).get("words").size()).isEqualTo(12);
        assertThat(http.get(vocabulary + "/proposed-plan?targets=8,8").json().get("detail").asString()).contains("more words than the one before");
    }

    @Test
    void whatMakesNoFactIsRefusedWithASentence() {
        String facts = "/api/students/" + ilse.id() + "/facts";
        assertThat(http.post(facts, "{\"what\":\"DIET\",\"about\":\" \"}").json().get("detail").asString()).contains("Say what the fact is about");
        assertThat(http.post(facts, "{\"about\":\"egg\"}").status()).isEqualTo(422);
        assertThat(http.post(facts, "{\"what\":\"SCHOOL_YEAR\",\"about\":\"second\"}").json().get("detail").asString()).contains("A school year is a number");
    }
}
