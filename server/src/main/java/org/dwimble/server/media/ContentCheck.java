package org.dwimble.server.media;

import java.io.ByteArrayInputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import org.dwimble.core.told.Told;
import org.jspecify.annotations.Nullable;

/**
 * Finds out what bytes from outside really are, by their first bytes and never by their name, and whether
 * they are safe to show. Safe bytes are kept as they are, so that a package can be given back unchanged.
 */
final class ContentCheck {
    private static final int MOST_SVG_BYTES = 2 << 20;
    private static final int MOST_ELEMENTS = 20_000;
    private static final int DEEPEST = 60;
    /** Standard deviation of a blur, in the drawing’s units. */
    private static final double MOST_BLUR = 200;
    private static final Set<String> ACTIVE = Set.of("script", "foreignobject", "iframe", "object", "embed", "audio", "video", "handler", "animate",
        "set", "animatetransform", "animatemotion");

    /** @param type null if the bytes are not taken; then {@code whyNot} says why */
    record Verdict(@Nullable String type, @Nullable Told whyNot) {
        static Verdict is(String type) {
            return new Verdict(type, null);
        }

        static Verdict no(String whyNot) {
            return new Verdict(null, Told.of(whyNot));
        }
    }

    private ContentCheck() {
    }

    static Verdict of(byte[] b) {
        if (b.length == 0) {
            return Verdict.no("media-empty");
        }
        if (starts(b, 0, 0x89, 'P', 'N', 'G', 0x0d, 0x0a, 0x1a, 0x0a)) {
            return Verdict.is("image/png");
        }
        if (starts(b, 0, 0xff, 0xd8, 0xff)) {
            return Verdict.is("image/jpeg");
        }
        if (starts(b, 0, 'G', 'I', 'F', '8')) {
            return Verdict.is("image/gif");
        }
        if (starts(b, 0, 'R', 'I', 'F', 'F') && starts(b, 8, 'W', 'E', 'B', 'P')) {
            return Verdict.is("image/webp");
        }
        if (starts(b, 0, 'R', 'I', 'F', 'F') && starts(b, 8, 'W', 'A', 'V', 'E')) {
            return Verdict.is("audio/wav");
        }
        if (starts(b, 0, 'I', 'D', '3') || b.length > 2 && (b[0] & 0xff) == 0xff && (b[1] & 0xe6) == 0xe2) {
            return Verdict.is("audio/mpeg");
        }
        if (starts(b, 0, 'O', 'g', 'g', 'S')) {
            return Verdict.is("audio/ogg");
        }
        if (starts(b, 0, 0x1a, 0x45, 0xdf, 0xa3)) {
            return Verdict.is("audio/webm");
        }
        if (starts(b, 4, 'f', 't', 'y', 'p') && starts(b, 8, 'M', '4', 'A')) {
            return Verdict.is("audio/mp4");
        }
        String start = new String(b, 0, Math.min(b.length, 400), StandardCharsets.UTF_8).stripLeading().toLowerCase(Locale.ROOT);
        if (start.startsWith("<") || start.startsWith("\ufeff<")) {
            return svg(b);
        }
        return Verdict.no("media-unknown");
    }

    private static Verdict svg(byte[] b) {
        if (b.length > MOST_SVG_BYTES) {
            return Verdict.no("drawing-large");
        }
        try {
            XMLStreamReader xml = XML.createXMLStreamReader(new ByteArrayInputStream(b));
            int elements = 0;
            Part root = new Part();
            Map<String, Part> byId = new HashMap<>();
            Deque<Part> open = new ArrayDeque<>(List.of(root));
            while (xml.hasNext()) {
                int event = xml.next();
                if (event == XMLStreamConstants.DTD || event == XMLStreamConstants.ENTITY_REFERENCE || event == XMLStreamConstants.PROCESSING_INSTRUCTION) {
                    return Verdict.no("drawing-refers-outside");
                }
                if (event == XMLStreamConstants.CHARACTERS || event == XMLStreamConstants.CDATA) {
                    open.peek().text.append(xml.getText());
                }
                if (event == XMLStreamConstants.END_ELEMENT && outside(open.pop().text.toString())) {
                    return Verdict.no("drawing-refers-outside");
                }
                if (event != XMLStreamConstants.START_ELEMENT) {
                    continue;
                }
                String name = xml.getLocalName().toLowerCase(Locale.ROOT);
                if (elements == 0 && !name.equals("svg")) {
                    return Verdict.no("media-unknown");
                }
                Part part = new Part();
                open.peek().parts.add(part);
                open.push(part);
                if (++elements > MOST_ELEMENTS || open.size() > DEEPEST + 1) {
                    return Verdict.no("drawing-many-parts");
                }
                if (ACTIVE.contains(name)) {
                    return Verdict.no("drawing-program");
                }
                for (int i = 0; i < xml.getAttributeCount(); i++) {
                    String attribute = xml.getAttributeLocalName(i).toLowerCase(Locale.ROOT);
                    String value = xml.getAttributeValue(i).trim();
                    if (attribute.startsWith("on")) {
                        return Verdict.no("drawing-program");
                    }
                    if (attribute.equals("href") && !value.startsWith("#") && !value.matches("data:image/(png|jpeg|gif|webp);base64,[A-Za-z0-9+/=\\s]*")
                        || !attribute.equals("href") && outside(value)) {
                        return Verdict.no("drawing-refers-outside");
                    }
                    if (attribute.equals("href") && value.startsWith("#")) {
                        part.shows = value.substring(1);
                    } else if (attribute.equals("id")) {
                        byId.putIfAbsent(value, part);
                    } else if (attribute.equals("stddeviation") && blurred(value)) {
                        return Verdict.no("drawing-many-parts");
                    }
                }
            }
            return elements == 0 ? Verdict.no("media-unknown") : root.drawn(byId, 0) > MOST_ELEMENTS ? Verdict.no("drawing-many-parts")
                : Verdict.is("image/svg+xml");
        } catch (XMLStreamException e) {
            return Verdict.no("drawing-damaged");
        }
    }

    /** One element, with what is in it and what it shows of elsewhere in the drawing. */
    private static final class Part {
        private final List<Part> parts = new ArrayList<>();
        private final StringBuilder text = new StringBuilder();
        private @Nullable String shows;
        private long drawn = -1;
        private boolean counting;

        /** How many elements are drawn for it, those it shows of elsewhere counted each time; very many for one that shows itself. */
        long drawn(Map<String, Part> byId, int depth) {
            if (counting || depth > 4 * DEEPEST) {
                return MOST_ELEMENTS + 1L;
            }
            if (drawn < 0) {
                counting = true;
                long sum = 1;
                for (Part part : parts) {
                    sum = Math.min(sum + part.drawn(byId, depth + 1), MOST_ELEMENTS + 1L);
                }
                Part shown = shows == null ? null : byId.get(shows);
                drawn = shown == null ? sum : Math.min(sum + shown.drawn(byId, depth + 1), MOST_ELEMENTS + 1L);
                counting = false;
            }
            return drawn;
        }
    }

    private static boolean blurred(String deviation) {
        for (String number : deviation.split("[\\s,]+")) {
            try {
                if (!number.isEmpty() && !(Double.parseDouble(number) <= MOST_BLUR)) {
                    return true;
                }
            } catch (NumberFormatException none) {
                return true;
            }
        }
        return false;
    }

    /** CSS can fetch: by url() of anything but a part of the same drawing, by what does the same under another name, or by import. Comments hide nothing. */
    private static boolean outside(String text) {
        if (text.indexOf('(') < 0 && text.indexOf('@') < 0 && text.indexOf(':') < 0 && text.indexOf('\\') < 0) {
            return false;
        }
        String css = text.toLowerCase(Locale.ROOT).replaceAll("(?s)/\\*.*?(\\*/|$)", "").replaceAll("\\s", "");
        return css.contains("@import") || css.contains("javascript:") || FETCHING.stream().anyMatch(css::contains)
            || css.replaceAll("url\\(['\"]?#", "").contains("url(") || css.contains("\\");
    }

    private static final Set<String> FETCHING = Set.of("image-set(", "image(", "src(", "cross-fade(", "element(", "paint(", "expression(");

    private static final XMLInputFactory XML = factory();

    private static XMLInputFactory factory() {
        XMLInputFactory factory = XMLInputFactory.newInstance();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        return factory;
    }

    private static boolean starts(byte[] b, int at, int... with) {
        if (b.length < at + with.length) {
            return false;
        }
        for (int i = 0; i < with.length; i++) {
            if ((b[at + i] & 0xff) != with[i]) {
                return false;
            }
        }
        return true;
    }
}
