package org.dwimble.server.media;

import static org.assertj.core.api.Assertions.assertThat;

import java.nio.charset.StandardCharsets;
import java.util.List;
import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.dwimble.core.told.Told;

/** Drawings are written anew: what draws stays, what does anything else goes and is said. */
class DrawingTest {
    private static Drawing.Written rewritten(String svg) throws NotTaken {
        return Drawing.rewritten(svg.getBytes(StandardCharsets.UTF_8));
    }

    private static String text(String svg) throws NotTaken {
        return new String(rewritten(svg).bytes(), StandardCharsets.UTF_8);
    }

    private static String why(String svg) {
        try {
            return rewritten(svg).leftOut().toString();
        } catch (NotTaken not) {
            return not.getMessage();
        }
    }

    @Example
    void whatDrawsStaysAndASecondTimeNothingChanges() throws NotTaken {
        String svg = "<?xml version='1.0'?><!DOCTYPE svg PUBLIC '-//W3C//DTD SVG 1.1//EN' 'http://www.w3.org/Graphics/SVG/1.1/DTD/svg11.dtd'>"
            + "<svg xmlns='http://www.w3.org/2000/svg' xmlns:i='http://ink' viewBox='0 0 9 9'><!-- a note --><metadata>who</metadata><i:view/>"
            + "<style>.a{fill:url(#g)}</style><defs><linearGradient id='g'><stop offset='0' stop-color='#f00'/></linearGradient></defs>"
            + "<g i:label='x' data-name='y' transform='scale(2)'><rect class='a' width='4' height='4' style='stroke:#000;fill:url(#g)'/></g>"
            + "<text x='1' y='2'>crab &amp; <tspan dx='1'>shell</tspan></text></svg>";
        Drawing.Written once = rewritten(svg);
        assertThat(once.leftOut()).isEmpty();
        assertThat(new String(once.bytes(), StandardCharsets.UTF_8)).contains("viewBox=\"0 0 9 9\"", "fill:url(#g)", "<stop offset=\"0\"", "crab &amp; <tspan")
            .doesNotContain("metadata", "label", "data-name", "DOCTYPE", "note");
        assertThat(Drawing.rewritten(once.bytes()).bytes()).isEqualTo(once.bytes());
    }

    @Example
    void aDrawingThatSaysNoNamespaceBecomesOneThatIsShown() throws NotTaken {
        assertThat(text("<svg><rect/></svg>")).contains("xmlns=\"http://www.w3.org/2000/svg\"", "<rect");
    }

    @Property(tries = 22)
    void disguisesDoNotHelp(@ForAll("disguises") String inside) throws NotTaken {
        Drawing.Written written = rewritten("<svg xmlns='x' xmlns:l='http://www.w3.org/1999/xlink'>" + inside + "<circle r='3'/></svg>");
        assertThat(written.leftOut()).as(inside).isNotEmpty();
        assertThat(new String(written.bytes(), StandardCharsets.UTF_8)).as("the rest is there").contains("<circle r=\"3\"")
            .doesNotContainIgnoringCase("http://e")
            .doesNotContainIgnoringCase("script").doesNotContain("alert", "@imp", "foreign");
        assertThat(Drawing.rewritten(written.bytes()).leftOut()).isEmpty();
    }

    @Provide
    Arbitrary<String> disguises() {
        return Arbitraries.of("<rect style='fill: URL ( http://e/x )'/>", "<rect style='fill:\\75rl(http://e)'/>",
            "<set attributeName='onload' to='alert(1)'/>",
            "<foreignObject><p>x</p></foreignObject>", "<use l:href='data:text/html,alert(1)'/>", "<rect ONCLICK='alert(1)'/>", "<script>alert(1)</script>",
            "<style>@im<!-- -->port 'http://e/x.css';</style>", "<style>rect{fill:u&#114;l(http://e/x)}</style>",
            "<style>rect{fill:ur/* */l(http://e/x)}</style>",
            "<rect style='fill:image-set(\"http://e/x\" 1x)'/>", "<rect style='fill:src(\"http://e/x\")'/>", "<?xml-stylesheet href='http://e/x.css'?>",
            "<style><![CDATA[@imp]]><![CDATA[ort 'http://e/x.css';]]></style>", "<image href='http://e/x.png'/>", "<use href='http://e/x.svg#a'/>",
            "<rect fill='url(http://e/x)'/>", "<filter><feImage href='http://e/x'/></filter>", "<a href='javascript:alert(1)'><rect/></a>",
            "<style>@font-face{font-family:a;src:url(http://e/f)}</style>", "<rect filter='url( \"http://e/f#a\" )'/>",
            "<animate attributeName='href' to='http://e'/>");
    }

    @Example
    void partsOfAStyleThatAreSafeStay() throws NotTaken {
        assertThat(text("<svg><rect style='fill:#123456;stroke:url(http://e/x);opacity:.5'/></svg>")).contains("style=\"fill:#123456;opacity:.5\"");
        assertThat(text("<svg xml:base='http://e/' xml:space='preserve'><rect/></svg>")).contains("xml:space=\"preserve\"").doesNotContain("http://e");
        assertThat(text("<svg><a href='http://e'><rect id='kept'/></a></svg>")).contains("<g><rect id=\"kept\"");
    }

    @Example
    void whatIsShownAgainAndAgainIsCountedEachTime() {
        assertThat(why(HostilePictures.tree(30))).as("a thousand million rectangles").isEqualTo("drawing-many-parts");
        assertThat(why("<svg><g id='a'><use href='#a'/></g></svg>")).as("one that shows itself").isEqualTo("drawing-many-parts");
        String marker = "<marker id='m'>" + "<rect/>".repeat(200) + "</marker>";
        assertThat(why("<svg>" + marker + "<path marker-mid='url(#m)' d='M0 0" + " L1 1".repeat(200) + "'/></svg>")).isEqualTo("drawing-many-parts");
        String line = "<path d='M0 0" + " L1 1".repeat(2_000) + "'/>";
        String small = "<marker id='m'>" + "<rect/>".repeat(20) + "</marker>";
        assertThat(why("<svg>" + small + "<style>path{marker:url(#m)}</style>" + line + "</svg>")).as("by a style").isEqualTo("drawing-many-parts");
        assertThat(why("<svg>" + small + "<g marker-mid='url(#m)'>" + line + "</g></svg>")).as("inherited").isEqualTo("drawing-many-parts");
        assertThat(why("<svg><rect/><pattern id='p'>" + "<rect/>".repeat(200) + "</pattern><style>rect{fill:url(#p)}</style></svg>"))
            .isEqualTo("drawing-many-parts");
        assertThat(why("<svg>" + marker + "<path marker-mid='url(#m)' d='M0 0 L1 1'/></svg>")).isEqualTo("[]");
    }

    @Example
    void whatIsTooMuchIsNotTaken() {
        assertThat(why("<svg>" + "<g>".repeat(80) + "</g>".repeat(80) + "</svg>")).isEqualTo("drawing-many-parts");
        assertThat(why("<svg>" + "<g/>".repeat(20_001) + "</svg>")).isEqualTo("drawing-many-parts");
        assertThat(why("<svg>" + " ".repeat(2 << 20) + "</svg>")).isEqualTo("drawing-large");
        assertThat(why("<svg><g></svg>")).isEqualTo("drawing-damaged");
        assertThat(why("<!DOCTYPE svg [<!ENTITY a 'b'>]><svg><text>&a;</text></svg>")).isIn("drawing-damaged", "drawing-refers-outside");
        assertThat(why("<html><svg/></html>")).isEqualTo("media-unknown");
        assertThat(why("<svg><script/></svg>")).isEqualTo("drawing-empty");
        assertThat(why("<svg><rect/><filter><feGaussianBlur stdDeviation='100000'/></filter></svg>"))
            .isEqualTo(List.of(Told.of("drawing-without-effects")).toString());
        assertThat(why("<svg><rect/><filter><feGaussianBlur stdDeviation='3 4'/></filter></svg>")).isEqualTo("[]");
    }

    @Property(tries = 300, seed = "4711")
    void anythingBetweenTheBracketsIsWrittenSafelyOrNotTaken(@ForAll("pieces") List<String> pieces) {
        try {
            Drawing.Written written = rewritten("<svg xmlns:xlink='http://www.w3.org/1999/xlink'>" + String.join("", pieces) + "<path d='M0 0'/></svg>");
            assertThat(new String(written.bytes(), StandardCharsets.UTF_8)).doesNotContainIgnoringCase("<script").doesNotContain("onload=", "http://e",
                "<foreignObject");
            assertThat(Drawing.rewritten(written.bytes()).bytes()).isEqualTo(written.bytes());
        } catch (NotTaken not) {
            assertThat(not.why().key()).startsWith("drawing-");
        }
    }

    @Provide
    Arbitrary<List<String>> pieces() {
        return Arbitraries.of("<g>", "</g>", "<g onload='x'>", "<script>", "</script>", "<style>", "</style>", "@import 'http://e'", "<![CDATA[",
            "]]>", "<!--", "-->", "&lt;script&gt;",
            "<use xlink:href='#a'/>", "<rect id='a' style='fill:url(http://e)'/>", "<foreignObject/>", "<?x y?>", "\u0000", "é", "<path d='M0 0'/>",
            "url(#a)", "&a;", "<text>", "</text>")
            .list().ofMaxSize(14);
    }
}
