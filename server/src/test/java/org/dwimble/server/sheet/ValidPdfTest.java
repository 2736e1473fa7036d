package org.dwimble.server.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.InputStream;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.dwimble.core.student.Student;
import org.dwimble.server.Http;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.verapdf.gf.foundry.VeraGreenfieldFoundryProvider;
import org.verapdf.pdfa.Foundries;
import org.verapdf.pdfa.PDFAParser;
import org.verapdf.pdfa.PDFAValidator;
import org.verapdf.pdfa.flavours.PDFAFlavour;
import org.verapdf.pdfa.results.TestAssertion;
import org.verapdf.pdfa.results.ValidationResult;
import org.verapdf.pdfa.validation.profiles.Profiles;
import org.verapdf.pdfa.validation.profiles.ValidationProfile;

/** What an independent validator says of our paper: PDF/UA-1 (ISO 14289-1) for who reads by ear, PDF/A-2b (ISO 19005-2) for who keeps it. */
@ExtendWith(TestServer.class)
class ValidPdfTest {
    private final Account odile = TestServer.account("Odile");
    private final Student ilse = TestServer.student("Ilse", odile);
    private final Http http = Http.as(odile);

    @Test
    void theValidatorFindsSomethingInADocumentThatIsNeither() throws Exception {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (PDDocument plain = new PDDocument()) {
            plain.addPage(new PDPage());
            plain.save(out);
        }
        assertThat(failed(out.toByteArray(), PDFAFlavour.PDFUA_1)).isNotEmpty();
        assertThat(failed(out.toByteArray(), PDFAFlavour.PDFA_2_B)).isNotEmpty();
    }

    private static ValidationProfile profile(PDFAFlavour flavour) throws Exception {
        String name = flavour == PDFAFlavour.PDFUA_1 ? "PDFUA-1" : "PDFA-2B";
        try (InputStream xml = Profiles.class.getResourceAsStream("/org/verapdf/pdfa/validation/" + name + ".xml")) {
            return Profiles.profileFromXml(xml);
        }
    }

    /** Failed rules by clause, with one example each. */
    private static Map<String, String> failed(byte[] pdf, PDFAFlavour flavour) throws Exception {
        VeraGreenfieldFoundryProvider.initialise();
        try (PDFAParser parser = Foundries.defaultInstance().createParser(new ByteArrayInputStream(pdf), flavour);
            PDFAValidator validator = Foundries.defaultInstance().createValidator(profile(flavour), false)) {
            ValidationResult result = validator.validate(parser);
            Map<String, String> failed = new TreeMap<>();
            for (TestAssertion assertion : result.getTestAssertions()) {
                if (assertion.getStatus() == TestAssertion.Status.FAILED) {
                    failed.putIfAbsent(assertion.getRuleId().getClause() + " " + assertion.getRuleId().getTestNumber(), assertion.getMessage() + " at "
                        + assertion.getLocation().getContext());
                }
            }
            return failed;
        }
    }

    @Test
    void sheetsOfAListAndABoardAreWhatTheySayTheyAre() throws Exception {
        long list = http.post("/api/lists", "{\"text\":\"ferry, seal, crab\",\"name\":\"Trip\",\"support\":\"cards\"}").json().get("id").asLong();
        long vocabulary = TestServer.copy("starter-40", ilse, odile);
        for (String path : List.of("/api/lists/" + list + "/support.pdf", "/api/vocabularies/" + vocabulary + "/boards/home/sheet.pdf")) {
            byte[] pdf = http.get(path).body();
            assertThat(failed(pdf, PDFAFlavour.PDFUA_1)).as("PDF/UA-1 of " + path).isEmpty();
            assertThat(failed(pdf, PDFAFlavour.PDFA_2_B)).as("PDF/A-2b of " + path).isEmpty();
        }
    }
}
