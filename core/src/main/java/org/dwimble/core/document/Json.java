package org.dwimble.core.document;

import java.io.IOException;
import java.io.UncheckedIOException;
import org.erdtman.jcs.JsonCanonicalizer;
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
    static byte[] canonical(JsonNode json) {
        try {
            return new JsonCanonicalizer(MAPPER.writeValueAsString(json)).getEncodedUTF8();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }
}
