package org.dwimble.server.care;

import static org.assertj.core.api.Assertions.assertThat;

import org.dwimble.server.Http;
import org.dwimble.server.TestServer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;

@ExtendWith(TestServer.class)
class HealthApiTest {
    @Test
    void aMonitorIsToldWithoutSigningInThatItWorksAndNothingElse() {
        Http.Answer answer = new Http(TestServer.port()).get("/api/health");
        assertThat(answer.status()).isEqualTo(200);
        assertThat(answer.json().get("status").asString()).isEqualTo("up");
        assertThat(answer.json().propertyNames()).containsExactlyInAnyOrder("status", "worries");
    }
}
