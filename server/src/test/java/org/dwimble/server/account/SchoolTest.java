package org.dwimble.server.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Locale;
import org.dwimble.core.sheet.Paper;
import org.dwimble.server.Http;
import org.dwimble.server.TestServer;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(TestServer.class)
class SchoolTest {
    @ParameterizedTest
    @CsvSource({"en-GB, A4", "en-US, LETTER", "nl-NL, A4", "fr-CA, LETTER", "es-MX, LETTER"})
    void aSchoolPrintsOnWhatItsCountryDoesUntilItChooses(String language, Paper paper) {
        assertThat(School.usual(Locale.forLanguageTag(language))).isEqualTo(paper);
    }

    @ParameterizedTest
    @CsvSource({"en-GB, GBP", "en-US, USD", "nl-NL, EUR", "pl-PL, PLN", "sv-SE, GBP", "en, GBP"})
    void itPaysWithWhatItsCountryDoesWhereThatIsDrawn(String language, String money) {
        assertThat(School.usualMoney(Locale.forLanguageTag(language))).isEqualTo(money);
    }

    @Test
    void whoLooksAfterDwimbleChoosesTheCoinsOfAll() {
        Account odile = TestServer.account("Odile");
        Http keeper = Http.as(TestServer.bean(AccountStore.class).create("keeper of coins", "Keeper", "secretary", TestServer.PASSWORD, true));
        String usual = keeper.get("/api/session").json().get("money").asString();
        try {
            assertThat(chosen(keeper, "USD").json().get("money").asString()).isEqualTo("USD");
            assertThat(twentyCents(odile)).isEqualTo("number/money-usd-20 dollar");
            assertThat(chosen(keeper, "EUR").status()).isEqualTo(200);
            assertThat(twentyCents(odile)).isEqualTo("number/money-eur-20 euro");
            assertThat(chosen(keeper, "shells").sentence()).isEqualTo("There are no drawings of that money. Nothing was changed; choose one that is offered.");
            assertThat(chosen(Http.as(odile), "USD").status()).isEqualTo(403);
            assertThat(twentyCents(odile)).isEqualTo("number/money-eur-20 euro");
        } finally {
            chosen(keeper, usual);
        }
    }

    private static Http.Answer chosen(Http http, String money) {
        return http.send("PUT", "/api/session/school-money", "{\"money\":\"" + money + "\"}");
    }

    private static String twentyCents(Account account) {
        JsonNode first = Http.as(account).get("/api/pictures?query=20%20cents").json().get("pictures").get(0);
        return first.get("id").asString() + " " + first.get("gloss").asString();
    }
}
