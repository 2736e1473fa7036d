package org.dwimble.core.document;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Map;
import java.util.TreeMap;
import org.erdtman.jcs.NumberToJSON;
import tools.jackson.databind.DeserializationFeature;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.cfg.JsonNodeFeature;
import tools.jackson.databind.json.JsonMapper;

/** JSON as it comes and goes. Numbers that are only carried along keep every digit. */
public final class Json {
    private static final JsonMapper MAPPER = JsonMapper.builder()
        .enable(DeserializationFeature.USE_BIG_DECIMAL_FOR_FLOATS)
        .disable(JsonNodeFeature.STRIP_TRAILING_BIGDECIMAL_ZEROES)
        .build();

    private Json() {
    }

    public static JsonMapper mapper() {
        return MAPPER;
    }

    /**
     * The canonical form of RFC 8785 (JSON Canonicalization Scheme): UTF-8, no white space, members sorted by UTF-16
     * units, numbers and texts as ECMAScript writes them. Equal documents have equal bytes.
     */
    public static byte[] canonical(JsonNode json) {
        StringBuilder out = new StringBuilder(1024);
        write(json, out);
        return out.toString().getBytes(StandardCharsets.UTF_8);
    }

    /** Straight from the nodes, as an edit waits for it; a test holds it against the library that parses and writes anew. */
    private static void write(JsonNode json, StringBuilder out) {
        if (json.isObject()) {
            Map<String, JsonNode> sorted = new TreeMap<>();
            json.properties().forEach(p -> sorted.put(p.getKey(), p.getValue()));
            char before = '{';
            for (Map.Entry<String, JsonNode> member : sorted.entrySet()) {
                out.append(before);
                write(member.getKey(), out);
                out.append(':');
                write(member.getValue(), out);
                before = ',';
            }
            out.append(sorted.isEmpty() ? "{}" : "}");
        } else if (json.isArray()) {
            char before = '[';
            for (JsonNode item : json) {
                out.append(before);
                write(item, out);
                before = ',';
            }
            out.append(json.isEmpty() ? "[]" : "]");
        } else if (json.isString()) {
            write(json.asString(), out);
        } else if (json.isNumber()) {
            out.append(number(json));
        } else {
            out.append(json.isNull() ? "null" : json.asString());
        }
    }

    /** As ECMAScript writes a number of double precision (RFC 8785, 3.2.2.3). */
    private static String number(JsonNode number) {
        if (number.isInt()) {
            return Integer.toString(number.intValue());
        }
        try {
            return NumberToJSON.serializeNumber(number.decimalValue().doubleValue());
        } catch (IOException e) {
            throw new IllegalArgumentException("“" + number + "” is no number of double precision", e);
        }
    }

    /** With the few escapes of RFC 8785, 3.2.2.2. */
    private static void write(String text, StringBuilder out) {
        out.append('"');
        for (int i = 0; i < text.length(); i++) {
            char c = text.charAt(i);
            switch (c) {
                case '"' -> out.append("\\\"");
                case '\\' -> out.append("\\\\");
                case '\b' -> out.append("\\b");
                case '\t' -> out.append("\\t");
                case '\n' -> out.append("\\n");
                case '\f' -> out.append("\\f");
                case '\r' -> out.append("\\r");
                default -> {
                    if (c < 0x20) {
                        out.append(String.format("\\u%04x", (int) c));
                    } else {
                        out.append(c);
                    }
                }
            }
        }
        out.append('"');
    }
}
