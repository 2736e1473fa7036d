package org.dwimble.server.obf;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.dwimble.core.student.Student;
import org.dwimble.server.Http;
import org.dwimble.server.TestServer;
import org.dwimble.server.account.Account;
import org.dwimble.server.database.Database;
import org.dwimble.server.media.Photos;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.extension.ExtendWith;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.JsonNode;

@ExtendWith(TestServer.class)
class PackageApiTest {
    private static final byte[] PNG = Photos.png(12, 12);
    private static final String MANIFEST = "{\"format\":\"open-board-0.1\",\"root\":\"a.obf\",\"paths\":{\"boards\":{\"a\":\"a.obf\"}}}";

    private final Account odile = TestServer.account("Odile");
    private final Http http = Http.as(odile);
    private final Student ilse = TestServer.student("Ilse", odile);
    private final String packages = "/api/students/" + ilse.id() + "/packages";

    private static byte[] pictured(String type, byte[] picture) throws IOException {
        String board = "{\"format\":\"open-board-0.1\",\"id\":\"a\",\"name\":\"Quay\",\"buttons\":[{\"id\":\"1\",\"label\":\"crab\","
            + "\"image_id\":\"i\",\"ext_other\":{\"n\":1.10}}],"
            + "\"images\":[{\"id\":\"i\",\"content_type\":\"" + type + "\",\"path\":\"images/p\"}],\"grid\":{\"rows\":1,\"columns\":1,\"order\":[[\"1\"]]}}";
        return Zips.of(Map.of("manifest.json", MANIFEST.getBytes(), "a.obf", board.getBytes(StandardCharsets.UTF_8), "images/p", picture));
    }

    private long rows(String table) {
        return TestServer.bean(Database.class).read(session -> session.first("SELECT count(*) FROM " + table, row -> row.getLong(1)).orElseThrow());
    }

    @Test
    void aVocabularyCarriedAwayAndBroughtBackIsTheSame() throws IOException {
        long original = TestServer.copy("starter-40", ilse, odile);
        byte[] obz = http.get("/api/vocabularies/" + original + "/package.obz").body();
        JsonNode came = http.upload(packages, "ilse.obz", obz).json();
        assertThat(came.get("findings").size()).isZero();
        assertThat(came.get("boards").asInt()).isEqualTo(25);
        long copy = came.get("vocabulary").asLong();
        assertThat(http.get("/api/vocabularies/" + copy + "/boards").json()).isEqualTo(http.get("/api/vocabularies/" + original + "/boards").json());
        assertThat(http.get("/api/vocabularies/" + copy + "/package.obz").body()).as("byte by byte").isEqualTo(obz);
        JsonNode manifest = tools.jackson.databind.json.JsonMapper.shared().readTree(Zips.files(obz).get("manifest.json"));
        assertThat(manifest.get("format").asString()).isEqualTo("open-board-0.1");
        assertThat(Zips.files(obz)).containsKey(manifest.get("root").asString());
    }

    /** As the release wrote it before word lists had documents of their own. */
    @Test
    void aPackageOfAnEarlierReleaseIsBroughtInWithNothingToMend() throws IOException {
        byte[] obz = PackageApiTest.class.getResourceAsStream("wrens-words.obz").readAllBytes();
        JsonNode came = http.upload(packages, "wren.obz", obz).json();
        assertThat(came.get("findings").size()).isZero();
        assertThat(came.get("boards").asInt()).isEqualTo(7);
        assertThat(Zips.files(http.get("/api/vocabularies/" + came.get("vocabulary").asLong() + "/package.obz").body()).keySet())
            .isEqualTo(Zips.files(obz).keySet());
    }

    @Test
    void oneBoardCarriedAwayBecomesAVocabularyWithItsLooseEndsListed() {
        long original = TestServer.copy("first-choices", ilse, odile);
        Http.Answer obf = http.get("/api/vocabularies/" + original + "/boards/play/board.obf");
        assertThat(obf.header("Content-Disposition")).contains("Play.obf");
        JsonNode came = http.upload(packages, "Play.obf", obf.body()).json();
        assertThat(came.get("boards").asInt()).isEqualTo(1);
        assertThat(came.get("findings").get(0).asString()).isEqualTo("1 button opens a board that did not come along. It is listed on the bench.");
    }

    @Test
    void ownPicturesComeBackByteForByteAndOnlyToTheTeam() throws IOException {
        JsonNode came = http.upload(packages, "quay.obz", pictured("image/gif", PNG)).json();
        long id = came.get("vocabulary").asLong();
        String picture = http.get("/api/vocabularies/" + id + "/boards/a").json().get("buttons").get(0).get("picture").asString();
        Http.Answer shown = http.get("/api/vocabularies/" + id + "/pictures/" + picture.substring(4));
        assertThat(shown.body()).isEqualTo(PNG);
        assertThat(shown.header("Content-Type")).as("told by its bytes, not by its name").isEqualTo("image/png");
        assertThat(shown.header("X-Content-Type-Options")).isEqualTo("nosniff");
        assertThat(shown.header("Content-Security-Policy")).contains("sandbox");
        assertThat(Zips.files(http.get("/api/vocabularies/" + id + "/package.obz?others=true").body()).values()).anySatisfy(b -> assertThat(b).isEqualTo(PNG));
        assertThat(Zips.files(http.get("/api/vocabularies/" + id + "/package.obz").body()).values()).as("nobody said whom it shows").noneMatch(
            b -> java.util.Arrays.equals(b, PNG));
        long other = TestServer.copy("first-choices", ilse, odile);
        assertThat(http.get("/api/vocabularies/" + other + "/pictures/" + picture.substring(4)).status()).as("not through a vocabulary that lacks it")
            .isEqualTo(404);
        Account stranger = TestServer.account("Stranger");
        assertThat(Http.as(stranger).get("/api/vocabularies/" + id + "/pictures/" + picture.substring(4)).status()).isEqualTo(404);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "<svg xmlns='http://www.w3.org/2000/svg'><script>alert(1)</script></svg> | nothing is drawn",
        "<!DOCTYPE svg [<!ENTITY x SYSTEM 'file:///etc/passwd'>]><svg xmlns='http://www.w3.org/2000/svg'><text>&x;</text></svg> | outside",
        "<html><body>hi</body></html> | not a picture or sound",
        "#!/bin/sh | not a picture or sound",
        "<svg | damaged"})
    void aPictureThatIsNoneIsLeftOutAndItsButtonStands(String svg, String why) throws IOException {
        long media = rows("media");
        JsonNode came = http.upload(packages, "x.obz", pictured("image/svg+xml", svg.getBytes(StandardCharsets.UTF_8))).json();
        assertThat(came.get("findings").get(0).asString()).startsWith("A picture on Quay was left out:").contains(why);
        assertThat(rows("media")).isEqualTo(media);
        JsonNode crab = http.get("/api/vocabularies/" + came.get("vocabulary").asLong() + "/boards/a").json().get("buttons").get(0);
        assertThat(crab.get("label").asString()).isEqualTo("crab");
        assertThat(crab.has("picture")).isFalse();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "<script>alert(1)</script> | A program in it",
        "<g onload='alert(1)'/> | A program in it",
        "<image href='http://elsewhere/x.png'/> | from elsewhere",
        "<rect style='fill:url(http://elsewhere/x)'/> | from elsewhere",
        "<style>@import 'http://elsewhere/x'</style> | from elsewhere",
        "<a href='javascript:alert(1)'/> | from elsewhere"})
    void whatADrawingDoesBesideDrawingIsTakenOutAndSaid(String inside, String why) throws IOException {
        String svg = "<svg xmlns='http://www.w3.org/2000/svg'>" + inside + "<circle r='1'/></svg>";
        JsonNode came = http.upload(packages, "x.obz", pictured("image/svg+xml", svg.getBytes(StandardCharsets.UTF_8))).json();
        assertThat(came.get("findings").get(0).asString()).startsWith("A picture on Quay was changed:").contains(why);
        String picture = http.get("/api/vocabularies/" + came.get("vocabulary").asLong() + "/boards/a").json().get("buttons").get(0).get("picture").asString();
        String kept = new String(http.get("/api/vocabularies/" + came.get("vocabulary").asLong() + "/pictures/" + picture.substring(4)).body());
        assertThat(kept).contains("<circle").doesNotContain("alert", "elsewhere");
    }

    @Test
    void aPictureThatIsCutShortIsLeftOutAndThePdfIsMade() throws IOException {
        JsonNode came = http.upload(packages, "x.obz", pictured("image/png", Arrays.copyOf(Photos.png(200, 200), 300))).json();
        assertThat(came.get("findings").get(0).asString())
            .isEqualTo("A picture on Quay was left out: it is damaged and cannot be shown. Its button stands without it.");
        assertThat(http.get("/api/vocabularies/" + came.get("vocabulary").asLong() + "/boards/a/sheet.pdf").status()).isEqualTo(200);
    }

    @Test
    void boardsWithAddressesForIdsOpenPrintAndAreCarriedAwayOneByOne() throws IOException {
        Map<String, byte[]> files = new LinkedHashMap<>();
        List<String> ids = List.of("a/b", "100%", "c;d", "..", "http://x.org/1?a=b#c", "e\\\\f", "x".repeat(300));
        StringBuilder paths = new StringBuilder();
        for (int i = 0; i < ids.size(); i++) {
            String next = ids.get((i + 1) % ids.size());
            paths.append(i == 0 ? "" : ",").append("\"").append(ids.get(i)).append("\":\"").append(i).append(".obf\"");
            files.put(i + ".obf", ("{\"id\":\"" + ids.get(i)
                + "\",\"name\":\"N\",\"buttons\":[{\"id\":\"1\",\"label\":\"crab\",\"load_board\":{\"id\":\"" + next
                + "\"}}],\"grid\":{\"rows\":1,\"columns\":1,\"order\":[[\"1\"]]}}").getBytes());
        }
        files.put("manifest.json", ("{\"root\":\"0.obf\",\"paths\":{\"boards\":{" + paths + "}}}").getBytes());
        long id = http.upload(packages, "x.obz", Zips.of(files)).json().get("vocabulary").asLong();
        JsonNode boards = http.get("/api/vocabularies/" + id).json().get("boards");
        assertThat(boards.size()).isEqualTo(ids.size());
        for (JsonNode board : boards) {
            String one = "/api/vocabularies/" + id + "/boards/" + board.get("id").asString();
            assertThat(List.of(http.get(one).status(), http.get(one + "/sheet.pdf").status(), http.get(one + "/board.obf").status())).as(one).containsOnly(200);
        }
        String back = new String(http.get("/api/vocabularies/" + id + "/boards/" + boards.get(0).get("id").asString() + "/board.obf").body());
        assertThat(ids).anySatisfy(came -> assertThat(back).contains("\"id\":\"" + came + "\""));
        assertThat(http.get("/api/students/" + ilse.id() + "/vocabularies").status()).isEqualTo(200);
    }

    @Test
    void aHarmlessDrawingIsKept() throws IOException {
        String svg = "<svg xmlns='http://www.w3.org/2000/svg' viewBox='0 0 1 1'><defs><linearGradient id='g'/></defs><rect fill='url(#g)' width='1' "
            + "height='1'/></svg>";
        assertThat(http.upload(packages, "x.obz", pictured("image/svg+xml", svg.getBytes())).json().get("findings").size()).isZero();
    }

    @Test
    void nothingOfARefusedPackageStaysBehind() throws IOException {
        long vocabularies = rows("vocabulary");
        long revisions = rows("revision");
        long media = rows("media");
        byte[] good = pictured("image/png", Arrays.copyOf(PNG, 400));
        Map<String, byte[]> climbing = new LinkedHashMap<>(Zips.files(good));
        climbing.put("../../evil", new byte[] {1});
        String tooWide = "{\"id\":\"a\",\"buttons\":[],\"images\":[{\"id\":\"i\",\"path\":\"images/p\"}],\"grid\":{\"rows\":1,\"columns\":99}}";
        Map<String, byte[]> wide = new LinkedHashMap<>(Zips.files(good));
        wide.put("a.obf", tooWide.getBytes());
        for (byte[] bad : new byte[][] {Zips.of(climbing), Zips.of(wide), Arrays.copyOf(good, good.length - 30), "not a zip".getBytes(), new byte[0]}) {
            Http.Answer refused = http.upload(packages, "bad.obz", bad);
            assertThat(refused.status()).isEqualTo(422);
            assertThat(refused.sentence()).endsWith(".").isNotBlank();
        }
        assertThat(rows("vocabulary")).isEqualTo(vocabularies);
        assertThat(rows("revision")).isEqualTo(revisions);
        assertThat(rows("media")).isEqualTo(media);
    }
}
