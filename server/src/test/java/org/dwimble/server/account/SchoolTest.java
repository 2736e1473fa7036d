package org.dwimble.server.account;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Locale;
import org.dwimble.core.sheet.Paper;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class SchoolTest {
    @ParameterizedTest
    @CsvSource({"en-GB, A4", "en-US, LETTER", "nl-NL, A4", "fr-CA, LETTER", "es-MX, LETTER"})
    void aSchoolPrintsOnWhatItsCountryDoesUntilItChooses(String language, Paper paper) {
        assertThat(School.usual(Locale.forLanguageTag(language))).isEqualTo(paper);
    }
}
