package org.dwimble.server.media;

import java.io.ByteArrayInputStream;
import java.io.StringWriter;
import java.nio.charset.StandardCharsets;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Pattern;
import javax.xml.stream.XMLInputFactory;
import javax.xml.stream.XMLOutputFactory;
import javax.xml.stream.XMLStreamConstants;
import javax.xml.stream.XMLStreamException;
import javax.xml.stream.XMLStreamReader;
import javax.xml.stream.XMLStreamWriter;
import org.dwimble.core.told.Told;
import org.jspecify.annotations.Nullable;

/**
 * A drawing from outside, written anew with what a drawing needs and nothing else: elements and attributes of SVG 1.1 that draw, by a list of what
 * is allowed; no programs, nothing from elsewhere, no styles that fetch. What is drawn is counted, what is shown again each time. Written anew a
 * second time it stays the same.
 */
final class Drawing {
    static final int MOST_BYTES = 2 << 20;
    static final int MOST_ELEMENTS = 20_000;
    static final int DEEPEST = 60;
    /** Standard deviation of a blur, in the drawing’s units. */
    private static final double MOST_BLUR = 200;
    private static final String SVG = "http://www.w3.org/2000/svg";
    private static final String XLINK = "http://www.w3.org/1999/xlink";
    private static final String XML_NAMES = "http://www.w3.org/XML/1998/namespace";

    private static final Pattern PICTURE = Pattern.compile("data:image/(png|jpe?g|gif|webp);base64,[A-Za-z0-9+/=\\s]*");
    static final Pattern SHOWN = Pattern.compile("url\\(\\s*['\"]?#([^'\")\\s]+)");

    /** @param bytes UTF-8 @param leftOut what was in it and is not now, each a reason */
    record Written(byte[] bytes, List<Told> leftOut) {
    }

    private final Set<String> leftOut = new TreeSet<>();
    private final DrawnPart root = new DrawnPart("", 1);
    private final Map<String, DrawnPart> byId = new HashMap<>();
    private final Deque<DrawnPart> open = new ArrayDeque<>(List.of(root));
    /** What style sheets show, and markers that are inherited: for all that is known, at every element, and markers at every corner. */
    private final Set<String> byMany = new LinkedHashSet<>();
    private long corners;
    private boolean markers;
    private int elements;
    private int shapes;
    private @Nullable String namespace;

    private Drawing() {
    }

    /** @throws NotTaken if it is no drawing, or too much is drawn */
    static Written rewritten(byte[] from) throws NotTaken {
        if (from.length > MOST_BYTES) {
            throw new NotTaken("drawing-large");
        }
        StringWriter out = new StringWriter(from.length);
        try {
            Drawing drawing = new Drawing();
            XMLStreamWriter writer = OUT.createXMLStreamWriter(out);
            drawing.write(IN.createXMLStreamReader(new ByteArrayInputStream(from)), writer);
            writer.close();
            return new Written(out.toString().getBytes(StandardCharsets.UTF_8), drawing.leftOut.stream().map(Told::of).toList());
        } catch (XMLStreamException e) {
            throw new NotTaken("drawing-damaged");
        }
    }

    private void write(XMLStreamReader in, XMLStreamWriter out) throws XMLStreamException, NotTaken {
        while (in.hasNext()) {
            switch (in.next()) {
                case XMLStreamConstants.START_ELEMENT -> {
                    if (!begun(in, out)) {
                        skip(in);
                    }
                }
                case XMLStreamConstants.END_ELEMENT -> {
                    style(open.pop(), out);
                    out.writeEndElement();
                }
                case XMLStreamConstants.CHARACTERS, XMLStreamConstants.CDATA, XMLStreamConstants.SPACE -> text(in.getText(), out);
                case XMLStreamConstants.ENTITY_REFERENCE -> throw new NotTaken("drawing-refers-outside");
                case XMLStreamConstants.PROCESSING_INSTRUCTION -> {
                    if (in.getPITarget().toLowerCase(Locale.ROOT).contains("stylesheet")) {
                        leftOut.add("drawing-without-outside");
                    }
                }
                default -> {
                    // Comments and document types draw nothing.
                }
            }
        }
        if (elements == 0) {
            throw new NotTaken("media-unknown");
        }
        if (shapes == 0) {
            throw new NotTaken("drawing-empty");
        }
        if (drawn() > MOST_ELEMENTS) {
            throw new NotTaken("drawing-many-parts");
        }
    }

    /** How many elements are drawn in all; at least so many where styles show some of them. */
    private long drawn() {
        long places = elements + (markers ? corners : 0);
        return root.drawn(byId, 0) + byMany.stream().mapToLong(id -> DrawnPart.of(byId.get(id), byId, 0) * places).sum();
    }

    private boolean begun(XMLStreamReader in, XMLStreamWriter out) throws XMLStreamException, NotTaken {
        String name = in.getLocalName();
        String space = in.getNamespaceURI() == null ? "" : in.getNamespaceURI();
        if (elements == 0) {
            if (!name.equals("svg")) {
                throw new NotTaken("media-unknown");
            }
            namespace = space;
        }
        if (++elements > MOST_ELEMENTS || open.size() > DEEPEST) {
            throw new NotTaken("drawing-many-parts");
        }
        if (!space.equals(namespace) || !SvgAllowed.ELEMENTS.contains(name)) {
            left(name.toLowerCase(Locale.ROOT), space.equals(namespace));
            return false;
        }
        Map<String, String> attributes = attributes(in);
        if (name.equals("a")) {
            attributes.remove("href");
            name = "g";
        }
        if (name.equals("feGaussianBlur") && blurred(attributes.getOrDefault("stdDeviation", "0"))) {
            leftOut.add("drawing-without-effects");
            return false;
        }
        int cornersHere = corners(attributes);
        corners += cornersHere;
        DrawnPart part = new DrawnPart(name, cornersHere);
        open.peek().parts.add(part);
        open.push(part);
        shapes += SvgAllowed.SHAPES.contains(name) ? 1 : 0;
        out.writeStartElement(name);
        if (elements == 1) {
            out.writeDefaultNamespace(SVG);
            out.writeNamespace("xlink", XLINK);
        }
        for (Map.Entry<String, String> attribute : attributes.entrySet()) {
            part.note(attribute.getKey(), attribute.getValue(), byId);
            if (!SvgAllowed.SHAPES.contains(name) && DrawnPart.isOfMarkers(attribute.getKey(), attribute.getValue())) {
                markers = true;
                shownByMany(attribute.getValue());
            }
            if (attribute.getKey().equals("href")) {
                out.writeAttribute("xlink", XLINK, "href", attribute.getValue());
            } else if (attribute.getKey().startsWith("xml:")) {
                out.writeAttribute("xml", XML_NAMES, attribute.getKey().substring(4), attribute.getValue());
            } else {
                out.writeAttribute(attribute.getKey(), attribute.getValue());
            }
        }
        return true;
    }

    private void left(String name, boolean ofDrawing) {
        if (SvgAllowed.PROGRAMS.contains(name)) {
            leftOut.add("drawing-without-program");
        } else if (ofDrawing && !SvgAllowed.SILENT.contains(name)) {
            leftOut.add(name.startsWith("fe") ? "drawing-without-effects" : "drawing-without-parts");
        }
    }

    private Map<String, String> attributes(XMLStreamReader in) {
        Map<String, String> kept = new LinkedHashMap<>();
        for (int i = 0; i < in.getAttributeCount(); i++) {
            String name = in.getAttributeLocalName(i);
            String space = in.getAttributeNamespace(i) == null ? "" : in.getAttributeNamespace(i);
            String value = in.getAttributeValue(i);
            String low = name.toLowerCase(Locale.ROOT);
            if (low.equals("href")) {
                if (value.trim().startsWith("#") || PICTURE.matcher(value.trim()).matches()) {
                    kept.put("href", value.trim());
                } else {
                    leftOut.add("drawing-without-outside");
                }
            } else if (space.equals(XML_NAMES)) {
                if (name.equals("space") || name.equals("lang")) {
                    kept.put("xml:" + name, value);
                }
            } else if (space.isEmpty() && low.startsWith("on")) {
                leftOut.add("drawing-without-program");
            } else if (space.isEmpty() && SvgAllowed.ATTRIBUTES.contains(name)) {
                String safe = name.equals("style") ? declarations(value) : outside(value) ? "" : value;
                if (!safe.equals(value)) {
                    leftOut.add("drawing-without-outside");
                }
                if (!safe.isEmpty() || value.isEmpty()) {
                    kept.put(name, safe);
                }
            }
        }
        return kept;
    }

    private static String declarations(String style) {
        if (!outside(style)) {
            return style;
        }
        List<String> safe = new ArrayList<>();
        for (String declaration : style.split(";")) {
            if (!declaration.isBlank() && !outside(declaration)) {
                safe.add(declaration.trim());
            }
        }
        String joined = String.join(";", safe);
        return outside(joined) ? "" : joined;
    }

    private void text(String text, XMLStreamWriter out) throws XMLStreamException {
        DrawnPart part = open.peek();
        if (part.name.equals("style")) {
            part.text.append(text);
        } else if (SvgAllowed.WITH_TEXT.contains(part.name)) {
            out.writeCharacters(text);
        }
    }

    /** A style sheet is written when all of it is known, or not at all. */
    private void style(DrawnPart part, XMLStreamWriter out) throws XMLStreamException {
        if (part.name.equals("style")) {
            String css = part.text.toString();
            if (outside(css) || css.indexOf('<') >= 0 || css.toLowerCase(Locale.ROOT).contains("@")) {
                leftOut.add("drawing-without-outside");
            } else {
                out.writeCharacters(css);
                shownByMany(css);
            }
        }
    }

    private void shownByMany(String css) {
        markers |= css.contains("marker");
        SHOWN.matcher(css).results().forEach(shown -> byMany.add(shown.group(1)));
    }

    private static void skip(XMLStreamReader in) throws XMLStreamException {
        for (int depth = 1; depth > 0;) {
            int event = in.next();
            depth += event == XMLStreamConstants.START_ELEMENT ? 1 : event == XMLStreamConstants.END_ELEMENT ? -1 : 0;
        }
    }

    /** How many corners a line may have, each of which a marker is drawn at. */
    private static int corners(Map<String, String> attributes) {
        String line = attributes.getOrDefault("d", "") + attributes.getOrDefault("points", "");
        return 1 + (int) line.chars().filter(c -> c == ' ' || c == ',' || Character.isLetter(c) || c == '-').count();
    }

    private static boolean blurred(String deviation) {
        for (String number : deviation.trim().split("[\\s,]+")) {
            try {
                if (!(Double.parseDouble(number) <= MOST_BLUR)) {
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

    private static final XMLInputFactory IN = factory();
    private static final XMLOutputFactory OUT = XMLOutputFactory.newInstance();

    private static XMLInputFactory factory() {
        XMLInputFactory factory = XMLInputFactory.newInstance();
        factory.setProperty(XMLInputFactory.SUPPORT_DTD, false);
        factory.setProperty(XMLInputFactory.IS_SUPPORTING_EXTERNAL_ENTITIES, false);
        factory.setProperty(XMLInputFactory.IS_REPLACING_ENTITY_REFERENCES, false);
        return factory;
    }
}
