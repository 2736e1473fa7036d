package org.dwimble.server.student;

import static org.assertj.core.api.Assertions.assertThat;

import org.dwimble.core.grant.Role;
import org.dwimble.core.student.Student;
import org.dwimble.server.Http;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

/** Two of a team who change what is told about one student, each from what was seen. */
@ExtendWith(TestServer.class)
class StudentApiTest {
    private final Account odile = TestServer.account("Odile");
    private final Account marit = TestServer.account("Marit");
    private final Http hers = Http.as(odile);
    private final Http other = Http.as(marit);
    private final Student ilse = TestServer.student("Ilse", odile);

    private Http.Answer change(Http by, String student, String was) {
        return by.send("PUT", "/api/students/" + ilse.id(), "{\"student\":" + student + ",\"was\":" + was + "}");
    }

    private String now() {
        return hers.get("/api/students/" + ilse.id()).json().toString();
    }

    @Test
    void whatTwoChangeOfAStudentMeetsOnlyWhereItIsTheSame() {
        TestServer.join(ilse, marit, Role.EDITOR);
        String seen = now();
        assertThat(change(other, seen.replace("\"name\":\"Ilse\"", "\"name\":\"Ilse B\""), seen).status()).isEqualTo(200);
        assertThat(change(hers, seen.replace("\"className\":\"\"", "\"className\":\"Kittiwake\""), seen).status()).as("something else").isEqualTo(200);
        assertThat(now()).as("both stand").contains("\"name\":\"Ilse B\"", "\"className\":\"Kittiwake\"");

        Http.Answer met = change(hers, seen.replace("\"name\":\"Ilse\"", "\"name\":\"Ilse R\""), seen);
        assertThat(met.status()).isEqualTo(409);
        assertThat(met.sentence()).startsWith("Somebody else changed the name of Ilse B first. Theirs stands");
        assertThat(now()).contains("\"name\":\"Ilse B\"").doesNotContain("Ilse R");
        assertThat(change(hers, now().replace("Ilse B", "Ilse R"), now()).status()).as("once it was seen").isEqualTo(200);
    }

    @Test
    void aChangeThatDoesNotSayWhatWasSeenIsAnsweredInASentence() {
        Http.Answer answer = hers.send("PUT", "/api/students/" + ilse.id(), now());
        assertThat(answer.status()).isBetween(400, 422);
        assertThat(answer.sentence()).isNotBlank();
    }

    @Test
    void theSettingsOfAnotherStudentsTalkAreTakenWithoutWhyTheOtherNeedsThem() {
        Student jonas = TestServer.student("Jonas", odile);
        String seen = now();
        ObjectNode set = (ObjectNode) hers.get("/api/students/" + ilse.id()).json();
        set.set("hand", JsonMapper.shared().readTree("{\"leastCell\":40000,\"gap\":9000,\"reason\":\"her left hand\"}"));
        set.set("access", JsonMapper.shared().readTree("""
            {"touching":{"when":"AFTER_RESTING","restMs":800,"againMs":0,"slip":4000,"edge":0},
             "scanning":{"way":"CELLS","stepMs":900,"firstMs":0,"loops":2,"cue":true,"chatterMs":0,"taking":{"sort":"ANY_KEY","of":""},"blocks":[]}}"""));
        assertThat(change(hers, set.toString(), seen).status()).isEqualTo(200);
        assertThat(now()).contains("AFTER_RESTING", "ANY_KEY", "her left hand");

        Http.Answer taken = hers.send("PUT", "/api/students/" + jonas.id() + "/talks-as/" + ilse.id(), (String) null);
        assertThat(taken.status()).isEqualTo(200);
        assertThat(taken.json().get("name").asString()).isEqualTo("Jonas");
        assertThat(taken.json().toString()).contains("AFTER_RESTING", "ANY_KEY", "\"leastCell\":40000").doesNotContain("her left hand");
    }

    @Test
    void whoMayNotLookAtAStudentTakesNoSettingsFromIt() {
        Student maritsOwn = TestServer.student("Finn", marit);
        String path = "/api/students/" + maritsOwn.id() + "/talks-as/" + ilse.id();
        assertThat(other.send("PUT", path, (String) null).status()).isEqualTo(404);
        TestServer.join(ilse, marit, Role.TALKER);
        assertThat(other.send("PUT", path, (String) null).status()).as("who only talks with her").isEqualTo(403);
        TestServer.join(ilse, marit, Role.VIEWER);
        assertThat(other.send("PUT", path, (String) null).status()).isEqualTo(200);
    }
}
