package org.dwimble.server.student;

import static org.assertj.core.api.Assertions.assertThat;

import org.dwimble.core.grant.Role;
import org.dwimble.core.student.Student;
import org.dwimble.server.Http;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

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
}
