package org.dwimble.server.media;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HexFormat;
import java.util.List;
import org.dwimble.core.picture.Appearance;
import org.dwimble.server.library.Library;
import org.dwimble.core.told.Told;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MediaTest {

    @ParameterizedTest
    @CsvSource({
        "89504e470d0a1a0a00, image/png", "ffd8ffe000, image/jpeg", "474946383961, image/gif", "524946460000000057454250, image/webp",
        "524946460000000057415645, audio/wav", "49443304, audio/mpeg", "fffb9064, audio/mpeg", "4f676753, audio/ogg", "1a45dfa3, audio/webm",
        "00000020667479704d344120, audio/mp4"})
    void bytesAreKnownByHowTheyBegin(String hex, String type) {
        assertThat(ContentCheck.of(HexFormat.of().parseHex(hex)).type()).isEqualTo(type);
    }

    @ParameterizedTest
    @CsvSource({"255044462d312e37", "504b0304", "4d5a9000", "ff", "0000002066747970686569630000"})
    void anythingElseIsNotTaken(String hex) {
        assertThat(ContentCheck.of(HexFormat.of().parseHex(hex)).whyNot()).isEqualTo(Told.of("media-unknown"));
    }

    private static String verdict(String svg) {
        ContentCheck.Verdict verdict = ContentCheck.of(svg.getBytes(StandardCharsets.UTF_8));
        return verdict.type() == null ? verdict.whyNot().key() : verdict.type();
    }

    @Test
    void drawingsWithTooManyPartsAreNotTaken() {
        assertThat(verdict("<svg xmlns='x'>" + "<g>".repeat(80) + "</g>".repeat(80) + "</svg>")).isEqualTo("drawing-many-parts");
        assertThat(verdict("<svg xmlns='x'>" + "<g/>".repeat(20_001) + "</svg>")).isEqualTo("drawing-many-parts");
        assertThat(verdict("<svg xmlns='x'>" + " ".repeat(2 << 20) + "</svg>")).isEqualTo("drawing-large");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
        "<svg xmlns='x'><rect style='fill: URL ( http://e/x )'/></svg>", "<svg xmlns='x'><rect style='fill:\\75rl(http://e)'/></svg>",
        "<svg xmlns='x'><set attributeName='onload' to='x'/></svg>", "<svg xmlns='x'><foreignObject/></svg>",
        "<svg xmlns='x' xmlns:l='y'><use l:href='data:text/html,x'/></svg>", "<svg xmlns='x'><rect ONCLICK='x'/></svg>",
        "<svg xmlns='x'><style>@im<!-- -->port 'http://e/x.css';</style></svg>", "<svg xmlns='x'><style>rect{fill:u&#114;l(http://e/x)}</style></svg>",
        "<svg xmlns='x'><style>rect{fill:ur/* */l(http://e/x)}</style></svg>", "<svg xmlns='x'><rect style='fill:image-set(\"http://e/x\" 1x)'/></svg>",
        "<svg xmlns='x'><rect style='fill:src(\"http://e/x\")'/></svg>", "<?xml-stylesheet href='http://e/x.css'?><svg xmlns='x'/>",
        "<svg xmlns='x'><style><![CDATA[@imp]]><![CDATA[ort 'http://e/x.css';]]></style></svg>"})
    void disguisesDoNotHelp(String svg) {
        assertThat(verdict(svg)).isIn("drawing-program", "drawing-refers-outside");
    }

    @Test
    void everyPictureOfTheLibraryIsOneThatWouldBeTaken() {
        assertThat(Library.readSearch().library()).hasSizeGreaterThan(1_900).allSatisfy(p -> Appearance.all().forEach(a ->
            assertThat(ContentCheck.of(Library.drawing(p.id(), a).orElseThrow()).type()).as(p.id() + " " + a).isEqualTo("image/svg+xml")));
        assertThat(Library.drawing("base/../../application", Appearance.USUAL)).isEmpty();
        assertThat(Library.drawing("base/no-such-picture", Appearance.USUAL)).isEmpty();
    }

    @Test
    void whatIsPutAsideComesBackAlsoWhenItNoLongerFitsIntoMemory() {
        try (Spool spool = new Spool()) {
            List<Spool.Entry> entries = new ArrayList<>();
            for (int i = 0; i < 9; i++) {
                byte[] bytes = new byte[5 << 20];
                Arrays.fill(bytes, (byte) i);
                entries.add(spool.put("h" + i, "image/png", bytes));
            }
            assertThat(entries.get(8).bytes()).as("the last went to the file").isNull();
            for (int i = 0; i < 9; i++) {
                assertThat(spool.get(entries.get(i))).hasSize(5 << 20).endsWith((byte) i).startsWith((byte) i);
            }
        }
    }

    @Test
    void whatIsShownAgainAndAgainIsCountedEachTime() {
        StringBuilder tree = new StringBuilder("<svg xmlns='x'><g id='a0'><rect/></g>");
        for (int i = 1; i < 30; i++) {
            tree.append("<g id='a").append(i).append("'><use href='#a").append(i - 1).append("'/><use href='#a").append(i - 1).append("'/></g>");
        }
        assertThat(verdict(tree + "</svg>")).as("a thousand million rectangles").isEqualTo("drawing-many-parts");
        assertThat(verdict("<svg xmlns='x'><g id='a'><use href='#a'/></g></svg>")).as("one that shows itself").isEqualTo("drawing-many-parts");
        assertThat(verdict("<svg xmlns='x'><filter><feGaussianBlur stdDeviation='100000'/></filter></svg>")).isEqualTo("drawing-many-parts");
        assertThat(ContentCheck.of("<svg xmlns='x'><filter><feGaussianBlur stdDeviation='3 4'/></filter><g id='a'/><use href='#a'/><use href='#a'/></svg>"
            .getBytes(StandardCharsets.UTF_8)).type()).isEqualTo("image/svg+xml");
    }
}
