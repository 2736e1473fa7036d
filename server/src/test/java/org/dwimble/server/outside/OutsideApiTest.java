package org.dwimble.server.outside;

import static org.assertj.core.api.Assertions.assertThat;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import org.dwimble.server.Http;
import org.dwimble.server.TestServer;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(TestServer.class)
class OutsideApiTest {
    private final Http http = Http.as(TestServer.account("Odile"));
    private final String service = TestServer.bean(SimulatedService.class).address();

    private void trouble(String how) throws Exception {
        HttpClient.newHttpClient().send(HttpRequest.newBuilder(URI.create(service + "/trouble?" + how)).PUT(HttpRequest.BodyPublishers.noBody())
            .build(), HttpResponse.BodyHandlers.discarding());
    }

    @AfterEach
    void noTrouble() throws Exception {
        trouble("how=none");
    }

    @Test
    void eachPictureComesWithLicenceAndAuthorAndNoneIsUnfitForASchool() {
        JsonNode castle = http.get("/api/outside-pictures?query=castle").json().get("pictures").get(0);
        assertThat(castle.get("licence").asString()).isEqualTo("Apache-2.0");
        assertThat(castle.get("author").asString()).isEqualTo("Mozilla, FxEmoji");
        assertThat(http.get("/api/outside-pictures?query=beer").json().get("pictures")).isEmpty();
        assertThat(http.get("/api/outside-pictures?query=zzzz").json().get("pictures")).isEmpty();
        assertThat(http.get("/api/outside-pictures/europeancastle").header("Content-Type")).isEqualTo("image/svg+xml");
        assertThat(http.get("/api/outside-pictures/..%2Ftrouble").status()).isNotEqualTo(200);
    }

    @Test
    void aKeptPictureIsFoundByTheWordItWasLookedForAndKeepsItsLicence() {
        JsonNode kept = http.post("/api/outside-pictures/europeancastle",
            "{\"word\":\"Ravenskeep\",\"title\":\"castle on a rock\",\"licence\":\"Apache-2.0\",\"author\":\"Mozilla, FxEmoji\"}").json();
        JsonNode about = kept.get("picture").get("about");
        assertThat(about.get("licence").asString()).isEqualTo("Apache-2.0");
        assertThat(about.get("author").asString()).isEqualTo("Mozilla, FxEmoji");
        assertThat(about.get("origin").asString()).isEqualTo("LICENCE");
        assertThat(http.get("/api/pictures?query=Ravenskeep").json().get("pictures").get(0).get("id").asString())
            .isEqualTo(kept.get("picture").get("picture").asString());
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "error | The simulated picture service answered with something that is no answer. Nothing was lost; try again later, or take a picture of your own.",
        "nonsense | The simulated picture service answered with something that is no answer. Nothing was lost; try again later, or take a picture of your own.",
        "hang-up | The simulated picture service cannot be reached. Nothing was lost; check the network and try again, or take a picture of your own."})
    void aBrokenServiceIsSaidAndNothingIsKept(String how, String sentence) throws Exception {
        trouble("how=" + how);
        Http.Answer answer = http.get("/api/outside-pictures?query=castle");
        assertThat(answer.status()).isEqualTo(502);
        assertThat(answer.sentence()).isEqualTo(sentence);
        int before = http.get("/api/own-pictures").json().size();
        assertThat(http.post("/api/outside-pictures/europeancastle", "{\"word\":\"x\",\"title\":\"x\",\"licence\":\"Apache-2.0\",\"author\":\"\"}")
            .status()).isIn(422, 502);
        assertThat(http.get("/api/own-pictures").json()).hasSize(before);
    }

    @Test
    void withoutAServiceItIsSaidThatThereIsNone() {
        OutsidePictures none = new HttpOutsidePictures("", "nobody");
        assertThat(none.there()).isFalse();
        OutsidePictures gone = new HttpOutsidePictures("http://127.0.0.1:1", "The service");
        org.assertj.core.api.Assertions.assertThatThrownBy(() -> gone.search("x")).hasMessage("outside-away");
    }
}
